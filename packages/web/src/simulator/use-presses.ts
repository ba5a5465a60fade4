import { useCallback, useRef } from 'react';
import type { FrontButton, SimulatorCommand } from '../api/simulator';

type Send = (command: SimulatorCommand) => Promise<boolean>;

interface Pressed {
  readonly button: FrontButton;
  times: number;
}

/** What is done at the face of a simulated timer. */
export interface AtFace {
  readonly command: Send;
  readonly press: (button: FrontButton, times: number) => Promise<void>;
}

/** Presses of one button that come while others are on their way go together: a finger is faster than a line. */
export function usePresses(command: Send): AtFace {
  const waiting = useRef<Pressed[]>([]);
  const isSending = useRef(false);
  const press = useCallback(
    async (button: FrontButton, times: number) => {
      const last = waiting.current.at(-1);
      if (last?.button === button) last.times += times;
      else waiting.current.push({ button, times });
      if (isSending.current) return;
      isSending.current = true;
      for (let next = waiting.current.shift(); next; next = waiting.current.shift())
        await command({ command: 'press', ...next });
      isSending.current = false;
    },
    [command],
  );
  return { command, press };
}
