import { App } from 'antd';
import {
  acceptChange,
  type DoneOfChange,
  type Rollout,
  type TimerOfRollout,
} from '../../api/rollouts';
import { useWrite } from '../../api/use-write';
import { refusalsInWords } from './homes-words';
import { TOUCHED_BY_ACCEPTING } from './of-change';

const READ_SECONDS = 8;

/** Tells what was refused; true where nothing was. */
export function useTellRefused(): (done: DoneOfChange) => boolean {
  const { message } = App.useApp();
  return (done) => {
    const words = refusalsInWords(done);
    if (words !== '') void message.warning(words, READ_SECONDS);
    return words === '';
  };
}

/** Accepts for some timers; tells what was refused. */
export function useAccept(rollout: Rollout) {
  const tell = useTellRefused();
  const { write, isWriting } = useWrite('accept-change', acceptChange, {
    touches: TOUCHED_BY_ACCEPTING,
  });
  const accept = async (timers: readonly TimerOfRollout[]) => {
    const done = await write({ id: rollout.id, timerIds: timers.map(({ id }) => id) });
    if (done) tell(done.answer);
  };
  return { accept, isWriting };
}
