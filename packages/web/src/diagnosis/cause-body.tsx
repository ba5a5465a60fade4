import { subjectOf, type Answer, type Seen } from '@water-clock/core/diagnosis';
import { mendingOf } from '@water-clock/core/faults';
import type { Plan } from '@water-clock/core/settings';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import type { Timer } from '../api/timers';
import type { CauseDrawn } from '../computing/causes.worker';
import { useMayChange, useSay } from '../session/use-signed-in';
import { useBeginVisit, useOpenVisit } from '../timer-records/use-visit';
import { Caution } from '../ui/page';
import { oncePressed } from '../ui/once-pressed';
import { AnswerForm } from './answer-form';
import { Electrical } from './electrical';
import { CAUSE_NAMES, wayToMend } from './cause-names';
import pageStyles from '../ui/page.module.css';
import styles from './diagnosis.module.css';

interface CauseBodyProps {
  readonly timer: Timer;
  readonly plan: Plan;
  readonly seen: Seen;
  readonly cause: CauseDrawn;
  readonly answers: readonly Answer[];
  readonly onAnswer: (answer: Answer) => void;
  readonly onOpenAgain: (subject: string) => void;
}

/** What to check next, what was found, what to do about it, and that this was it. */
export function CauseBody(props: CauseBodyProps) {
  const { timer, plan, seen, cause, answers, onAnswer, onOpenAgain } = props;
  const say = useSay();
  const mayChange = useMayChange();
  const { fault } = cause;
  const target = {
    ...('station' in fault && { station: fault.station }),
    ...('program' in fault && { program: fault.program }),
  };
  const subject = subjectOf({ of: fault.code, ...target });
  const given = answers.find((answer) => subjectOf(answer) === subject);
  const { mend, caution } = mendingOf(fault);
  const way = wayToMend(fault, plan.timer.programs);
  return (
    <div className={styles['cause-body']}>
      <p>
        <strong>Check:</strong> {say(cause.check)}
      </p>
      {given ? (
        <p>
          {cause.bearing === 'not' ? 'Looked at: it is not so.' : 'Looked at: it is so.'}{' '}
          <Button size="small" onClick={() => onOpenAgain(subject)}>
            Look again
          </Button>
        </p>
      ) : (
        <AnswerForm
          {...{ fault, plan, target, onAnswer }}
          timeZone={timer.property.timeZone ?? undefined}
        />
      )}
      {cause.bearing !== 'not' && (
        <>
          <p>
            <strong>Then:</strong> {say(mend)}
          </p>
          {caution && <Caution>{caution}</Caution>}
          {fault.code === 'station-dead' && (
            <Electrical {...{ timer, plan }} station={fault.station} />
          )}
          {mayChange && <Found {...{ timer, cause, seen, target }} />}
          {way && mayChange && (
            <p className={pageStyles['way']}>
              <Link to={`/timers/${timer.id}${way.place}`}>{way.words}</Link>
            </p>
          )}
        </>
      )}
    </div>
  );
}

interface FoundProps extends Pick<CauseBodyProps, 'timer' | 'cause' | 'seen'> {
  readonly target: { readonly station?: number; readonly program?: string };
}

/** The cause stands in the visit that goes on. */
function Found({ timer, cause, seen, target }: FoundProps) {
  const open = useOpenVisit(timer.id);
  const begin = useBeginVisit(timer.id);
  const navigate = useNavigate();
  const { code } = cause.fault;
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
  const kept = open.visit.causes.find(
    ({ latest: { entry } }) =>
      entry.code === code && entry.station === target.station && entry.program === target.program,
  );
  const put = (isFound: boolean) =>
    open.add(
      { ...{ kind: 'cause', code, says: cause.says, isFound, seen }, ...target },
      `${CAUSE_NAMES[code]}: ${isFound ? 'found' : 'it was not that'}`,
    );
  return kept ? (
    <p>
      It stands in the visit.{' '}
      <Button size="small" onClick={() => void put(false)}>
        It was not that
      </Button>{' '}
      <Button size="small" onClick={() => void navigate(`/timers/${timer.id}/visit`)}>
        Go to the visit
      </Button>
    </p>
  ) : (
    <p>
      <Button type="primary" onClick={oncePressed(() => void put(true))}>
        This is what was wrong
      </Button>
    </p>
  );
}
