import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { formatDateTime } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { useCallback } from 'react';
import {
  commandSimulator,
  connectSimulator,
  simulatorQuery,
  type SimulatorCommand,
} from '../api/simulator';
import type { Timer } from '../api/timers';
import { useWrite } from '../api/use-write';
import type { WriteName } from '../api/write-names';
import { nowIn } from '../format/now-in';
import { usePresses } from './use-presses';

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
  const { press } = usePresses(command);
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
