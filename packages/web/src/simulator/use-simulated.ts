import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { formatDateTime } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { useCallback, useRef } from 'react';
import {
  commandSimulator,
  connectSimulator,
  simulatorQuery,
  type FrontButton,
  type SimulatorCommand,
} from '../api/simulator';
import type { Timer } from '../api/timers';
import { useWrite } from '../api/use-write';
import type { WriteName } from '../api/write-names';
import { nowIn } from '../format/now-in';

const OFTEN_MS = 1000;

/** The simulated timer that hangs in the place of one on a wall: what it shows, and what is done to it. */
export function useSimulated(timer: Timer) {
  const { id, handling, property } = timer;
  const client = useQueryClient();
  const query = simulatorQuery(id);
  const state = useQuery({
    ...query,
    refetchInterval: ({ state: { data } }) => (data ? OFTEN_MS : false),
  });
  const { mutateAsync } = useMutation({
    mutationKey: ['command-simulator' satisfies WriteName],
    mutationFn: (command: SimulatorCommand) => commandSimulator(id, command),
    networkMode: 'always',
    // What was pressed first is done first.
    scope: { id: `simulator ${id}` },
    onSuccess: (answer) => client.setQueryData(query.queryKey, answer),
  });
  const command = useCallback(
    (one: SimulatorCommand) =>
      mutateAsync(one).then(
        () => true,
        () => false,
      ),
    [mutateAsync],
  );
  const pending = useRef<{ button: FrontButton; times: number } | null>(null);
  const isSending = useRef(false);
  /** Presses that come while one is on its way go together: a finger is faster than a line. */
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
  const connecting = useWrite('connect-simulator', (plan: Plan) =>
    connectSimulator(
      id,
      formatDateTime(nowIn(property.timeZone ?? undefined, new Date())),
      plan,
      handling,
    ),
  );
  return {
    /** Null: none hangs there; undefined: nobody knows yet. */
    state: state.data,
    command,
    press,
    isHanging: connecting.isWriting,
    hangUp: async (plan: Plan) => {
      const done = await connecting.write(plan);
      if (done) client.setQueryData(query.queryKey, done.answer);
    },
  };
}

export type Simulated = ReturnType<typeof useSimulated>;
