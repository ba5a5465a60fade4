import type { Seen } from '@water-clock/core/diagnosis';
import type { FaultCode } from '@water-clock/core/faults';
import { listInWords } from '@water-clock/core/words';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import type { Timer } from '../api/timers';
import { useBeginVisit, useOpenVisit } from '../timer-records/use-visit';
import { oncePressed } from '../ui/once-pressed';
import { CAUSE_NAMES } from './cause-names';
import pageStyles from '../ui/page.module.css';

/** Something that was wrong: what, of which station or program, and what it did. */
export interface WrongThing {
  readonly code: FaultCode;
  readonly station?: number;
  readonly program?: string;
  readonly says: string;
}

interface FoundInVisitProps {
  readonly timer: Timer;
  readonly seen: Seen;
  /** One, or two that were wrong together. */
  readonly things: readonly WrongThing[];
}

/** What was wrong stands in the visit that goes on. */
export function FoundInVisit({ timer, seen, things }: FoundInVisitProps) {
  const open = useOpenVisit(timer.id);
  const begin = useBeginVisit(timer.id);
  const navigate = useNavigate();
  if (open === undefined) return null;
  if (open === null)
    return (
      <p className={pageStyles['soft']}>
        <Button loading={begin.isWriting} onClick={() => void begin.write()}>
          Begin a visit
        </Button>{' '}
        A cause that is found is kept in the visit.
      </p>
    );
  const isKept = things.every(({ code, station, program }) =>
    open.visit.causes.some(
      ({ latest: { entry } }) =>
        entry.code === code && entry.station === station && entry.program === program,
    ),
  );
  const isOne = things.length === 1;
  const names = listInWords(things.map(({ code }) => CAUSE_NAMES[code]));
  const put = (isFound: boolean) =>
    open.addAll(
      things.map((thing) => ({ kind: 'cause', isFound, seen, ...thing })),
      `${names}: ${isFound ? 'found' : 'it was not that'}`,
    );
  return isKept ? (
    <p>
      {isOne ? 'It stands' : 'Both stand'} in the visit.{' '}
      <Button size="small" onClick={() => void put(false)}>
        {isOne ? 'It was not that' : 'It was not these'}
      </Button>{' '}
      <Button size="small" onClick={() => void navigate(`/timers/${timer.id}/visit`)}>
        Go to the visit
      </Button>
    </p>
  ) : (
    <p>
      <Button type="primary" onClick={oncePressed(() => void put(true))}>
        {isOne ? 'This is what was wrong' : 'These two were wrong'}
      </Button>
    </p>
  );
}
