import type { YardEdit } from '@water-clock/core/yards';
import { App } from 'antd';
import { useStoredYard } from './use-stored';
import { SAVED_HERE, useTimerSave } from './use-timer-save';

/** Puts single facts into the yard from where they are found out; `failed` says what was not put where. */
export function useYardFact(timerId: string, failed: string) {
  const { message } = App.useApp();
  const yard = useStoredYard(timerId).data;
  const putting = useTimerSave(timerId, 'yard', failed);
  return {
    yard: yard?.document,
    isPutting: putting.isWriting,
    /** True when it is in, or waits on this device. */
    put: async (edit: YardEdit, done: string): Promise<boolean> => {
      if (!yard) return false;
      const answer = (await putting.write({ base: yard, document: edit(yard.document) }))?.answer;
      if (!answer) return false;
      if ('theirs' in answer) {
        void message.warning('Somebody else saved the yard meanwhile: look, and do it again.');
        return false;
      }
      if ('saved' in answer) void message.success(done);
      else void message.info(SAVED_HERE);
      return true;
    },
  };
}
