import { Button } from 'antd';
import type { TimerType } from '../api/timer-types';
import { useTryChange } from '../api/use-try-change';
import { todayHere } from '../format/today';

type TypeFields = Pick<TimerType, 'name' | 'summary' | 'capability' | 'handling'>;

interface TryTypeProps {
  /** Null: it is new, and no timer is of it. */
  readonly timerType: TimerType | null;
  /** The version that the change was made from. */
  readonly version: number;
  readonly form: TypeFields;
  readonly leaveTo: (path: string) => void;
}

/**
 * Has what a type can do tried on all its timers, with the fewest values that fix each, before it is saved; not where
 * something else is changed as well, which would be lost.
 */
export function TryType({ timerType, version, form, leaveTo }: TryTypeProps) {
  const { begin, isWriting } = useTryChange();
  if (!timerType || restOf(form) !== restOf(timerType)) return null;
  const on = todayHere();
  const { capability } = form;
  const tryOut = async () => {
    const change = {
      ...{ kind: 'timer-type' as const, timerTypeId: timerType.id, version, capability },
    };
    const path = await begin({ change, on, from: on });
    if (path !== null) leaveTo(path);
  };
  return (
    <Button loading={isWriting} onClick={() => void tryOut()}>
      See what fixes each
    </Button>
  );
}

const restOf = ({ name, summary, handling }: TypeFields): string =>
  JSON.stringify([name, summary, handling]);
