import type { TimerSeconds } from '@water-clock/core/civil-time';
import type { Answer, Seen } from '@water-clock/core/diagnosis';
import type { Fault } from '@water-clock/core/faults';
import type { Plan } from '@water-clock/core/settings';
import { counted } from '@water-clock/core/words';
import { Tag } from 'antd';
import type { ReactNode } from 'react';
import type { Timer } from '../api/timers';
import type { CauseDrawn, CausesFound } from '../computing/causes.worker';
import { useMayChange, useSay } from '../session/use-signed-in';
import { CauseBody } from './cause-body';
import { CAUSE_NAMES } from './cause-names';
import { FoundInVisit, type WrongThing } from './found-in-visit';
import pageStyles from '../ui/page.module.css';
import styles from './diagnosis.module.css';

interface CauseListProps {
  /** Null: it is a case that is practised on. */
  readonly timer: Timer | null;
  readonly plan: Plan;
  /** What a right clock shows. */
  readonly now: () => TimerSeconds;
  readonly seen: Seen;
  readonly found: CausesFound;
  /** By its place in the list; the two things come last. */
  readonly shown: number;
  readonly answers: readonly Answer[];
  readonly onShow: (index: number) => void;
  readonly onAnswer: (answer: Answer) => void;
  readonly onOpenAgain: (subject: string) => void;
}

/** What would explain what was seen, best first; one of them is opened and drawn on the week. */
export function CauseList(props: CauseListProps) {
  const { timer, plan, now, seen, found, shown, answers } = props;
  const { onShow, onAnswer, onOpenAgain } = props;
  const mayChange = useMayChange();
  const say = useSay();
  const { causes, two } = found;
  if (causes.length === 0)
    return (
      <p role="status">
        Nothing that Water Clock knows of explains any of it better than the settings do. Look at
        the dates and times once more, and add what else was seen.
      </p>
    );
  const alike = alikeFirst(causes);
  return (
    <>
      <p role="status">
        {alike > 1
          ? `${counted(alike, 'cause')} explain it equally well, the likelier first: what to check tells them apart.`
          : `${CAUSE_NAMES[causes[0]!.fault.code]} comes first.`}
      </p>
      <ul className={styles['causes']} aria-label="Causes">
        {causes.map((cause, index) => (
          <Cause
            key={JSON.stringify(cause.fault)}
            name={`${index + 1}. ${CAUSE_NAMES[cause.fault.code]}`}
            {...cause}
            says={say(cause.says)}
            isShown={index === shown}
            onShow={() => onShow(index)}
          >
            <CauseBody {...{ timer, plan, now, seen, cause, answers, onAnswer, onOpenAgain }} />
          </Cause>
        ))}
        {two && (
          <Cause
            name="Perhaps two things"
            {...two}
            says={say(two.says)}
            bearing="open"
            isShown={shown === causes.length}
            onShow={() => onShow(causes.length)}
          >
            <div className={styles['cause-body']}>
              {two.checks.map((check) => (
                <p key={check}>{say(check)}</p>
              ))}
              {timer && mayChange && (
                <FoundInVisit {...{ timer, seen }} things={two.faults.map(thingOf(two.says))} />
              )}
            </div>
          </Cause>
        )}
      </ul>
    </>
  );
}

/** One of two that were wrong together, and what the two did. */
const thingOf =
  (says: string) =>
  (fault: Fault): WrongThing => ({
    ...{ code: fault.code, says },
    ...('station' in fault && { station: fault.station }),
    ...('program' in fault && { program: fault.program }),
  });

/** So many of the first cannot be told apart yet. */
function alikeFirst(causes: readonly CauseDrawn[]): number {
  const [first] = causes;
  const score = (cause: CauseDrawn) => cause.explains - cause.against;
  if (!first || first.bearing === 'so') return 1;
  return causes.filter((cause) => cause.bearing === 'open' && score(cause) === score(first)).length;
}

interface CauseProps extends Pick<CauseDrawn, 'explains' | 'of' | 'against' | 'bearing'> {
  readonly name: string;
  readonly says: string;
  readonly isShown: boolean;
  readonly onShow: () => void;
  readonly children: ReactNode;
}

function Cause(props: CauseProps) {
  const { name, says, explains, of, against, bearing, isShown, onShow, children } = props;
  return (
    <li className={styles['cause']} data-bearing={bearing} data-shown={isShown || undefined}>
      <button type="button" aria-expanded={isShown} onClick={onShow}>
        <span className={styles['cause-name']}>
          {name}
          {bearing === 'so' && <Tag color="success">found so</Tag>}
          {bearing === 'not' && <Tag>ruled out</Tag>}
          <span className={pageStyles['soft']}>
            explains {explains} of {of}
            {against > 0 && `, ${against} against`}
          </span>
        </span>
        <span>{says}</span>
      </button>
      {isShown && children}
    </li>
  );
}
