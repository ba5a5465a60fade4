import { useCallback, useRef } from 'react';
import type { FrontButton, SimulatorCommand } from '../api/simulator';

type Send = (command: SimulatorCommand) => Promise<boolean>;

/** What is done at the face of a simulated timer. */
export interface AtFace {
  readonly command: Send;
  readonly press: (button: FrontButton, times: number) => Promise<void>;
}

/** Presses that come while one is on its way go together: a finger is faster than a line. */
export function usePresses(command: Send): AtFace {
  const pending = useRef<{ button: FrontButton; times: number } | null>(null);
  const isSending = useRef(false);
  const press = useCallback(
    async (button: FrontButton, times: number) => {
      if (pending.current?.button === button) pending.current.times += times;
      else if (pending.current) await command({ command: 'press', ...pending.current });
      if (pending.current?.button !== button) pending.current = { button, times };
      if (isSending.current) return;
      isSending.current = true;
      while (pending.current) {
        const next: { button: FrontButton; times: number } = pending.current;
        pending.current = null;
        await command({ command: 'press', ...next });
      }
      isSending.current = false;
    },
    [command],
  );
  return { command, press };
}
