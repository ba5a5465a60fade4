import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import {
  beginPractice,
  commandPractice,
  judgePractice,
  practiceQuery,
  practiceResultsQuery,
  type PlayedFields,
  type PracticeCommand,
} from '../api/practice';
import { useWrite } from '../api/use-write';
import type { WriteName } from '../api/write-names';
import { usePresses } from '../simulator/use-presses';

const OFTEN_MS = 1000;

/** The timer that is practised on. */
export function usePractice() {
  const client = useQueryClient();
  const state = useQuery({ ...practiceQuery, refetchInterval: OFTEN_MS });
  const { mutateAsync } = useMutation({
    mutationKey: ['command-practice' satisfies WriteName],
    mutationFn: commandPractice,
    networkMode: 'always',
    // What was pressed first is done first.
    scope: { id: 'practice' },
    onSuccess: (answer) => client.setQueryData(practiceQuery.queryKey, answer),
  });
  const command = useCallback(
    (one: PracticeCommand) =>
      mutateAsync(one).then(
        () => true,
        () => false,
      ),
    [mutateAsync],
  );
  const { press } = usePresses(command);
  return { state: state.data, command, press };
}

/** Begins a lesson or a free case. */
export function useBeginPractice() {
  const client = useQueryClient();
  const beginning = useWrite('begin-practice', (played: PlayedFields) => beginPractice(played));
  return {
    isBeginning: beginning.isWriting,
    begin: async (played: PlayedFields): Promise<boolean> => {
      const done = await beginning.write(played);
      if (done) client.setQueryData(practiceQuery.queryKey, done.answer);
      return done !== null;
    },
  };
}

export function useJudge() {
  const client = useQueryClient();
  return useWrite('judge-practice', async () => {
    const judgement = await judgePractice();
    await client.invalidateQueries({ queryKey: practiceResultsQuery.queryKey });
    return judgement;
  });
}
