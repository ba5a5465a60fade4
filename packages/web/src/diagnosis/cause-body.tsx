import type { TimerSeconds } from '@water-clock/core/civil-time';
import { subjectOf, type Answer, type Seen } from '@water-clock/core/diagnosis';
import { mendingOf } from '@water-clock/core/faults';
import type { Plan } from '@water-clock/core/settings';
import { Button } from 'antd';
import { Link } from 'react-router';
import type { Timer } from '../api/timers';
import type { CauseDrawn } from '../computing/causes.worker';
import { useMayChange, useSay } from '../session/use-signed-in';
import { Caution } from '../ui/page';
import { AnswerForm } from './answer-form';
import { Electrical } from './electrical';
import { wayToMend } from './cause-names';
import { FoundInVisit } from './found-in-visit';
import pageStyles from '../ui/page.module.css';
import styles from './diagnosis.module.css';

interface CauseBodyProps {
  /** Null: it is a case that is practised on. */
  readonly timer: Timer | null;
  readonly plan: Plan;
  /** What a right clock shows. */
  readonly now: () => TimerSeconds;
  readonly seen: Seen;
  readonly cause: CauseDrawn;
  readonly answers: readonly Answer[];
  readonly onAnswer: (answer: Answer) => void;
  readonly onOpenAgain: (subject: string) => void;
}

/** What to check next, what was found, what to do about it, and that this was it. */
export function CauseBody(props: CauseBodyProps) {
  const { timer, plan, now, seen, cause, answers, onAnswer, onOpenAgain } = props;
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
        <AnswerForm {...{ fault, plan, target, now, onAnswer }} />
      )}
      {cause.bearing !== 'not' && (
        <>
          <p>
            <strong>Then:</strong> {say(mend)}
          </p>
          {caution && <Caution>{caution}</Caution>}
          {timer && fault.code === 'station-dead' && (
            <Electrical {...{ timer, plan }} station={fault.station} />
          )}
          {timer && mayChange && (
            <FoundInVisit
              {...{ timer, seen }}
              things={[{ code: fault.code, says: cause.says, ...target }]}
            />
          )}
          {timer && way && mayChange && (
            <p className={pageStyles['way']}>
              <Link to={`/timers/${timer.id}${way.place}`}>{way.words}</Link>
            </p>
          )}
        </>
      )}
    </div>
  );
}
