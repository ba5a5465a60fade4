import type { Confirmed, Plan } from '@water-clock/core/settings';
import { confirmedNow, inTimerNow, type InTimer, type Reading } from '@water-clock/core/visits';
import { useMemo, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import type { Timer } from '../api/timers';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { useTimerOnDevice } from '../timer-records/use-timer-on-device';
import { useOpenVisit, type OpenVisit } from '../timer-records/use-visit';
import pageStyles from '../ui/page.module.css';

/** What a step of a visit works on. */
export interface VisitHere {
  readonly open: OpenVisit;
  readonly timer: Timer;
  /** IANA name; undefined where the home has none yet. */
  readonly timeZone: string | undefined;
  /** What is saved on the desk, to be keyed in. */
  readonly target: Plan;
  /** What was read off the timer last; null where nobody has. */
  readonly reading: Reading | null;
  /** What stands in the timer by now, with what was keyed in since. */
  readonly inTimer: InTimer;
  /** Of how much of it somebody read what stands there. */
  readonly confirmed: Confirmed;
}

interface VisitFrameProps {
  readonly title: string;
  readonly children: (here: VisitHere) => ReactNode;
}

/** A step of the visit to the timer in the address: only while one goes on. */
export function VisitFrame({ title, children }: VisitFrameProps) {
  const { timerId = '' } = useParams();
  const { queries, timer, target, reading, readingConfirmed } = useTimerOnDevice(timerId);
  const open = useOpenVisit(timerId);
  const visit = open?.visit;
  const inTimer = useMemo(
    () => target && visit && inTimerNow(target, reading, [visit]),
    [target, reading, visit],
  );
  const timeZone = timer?.property.timeZone ?? undefined;
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => (
        <Page
          title={title}
          crumbs={[
            { to: `/properties/${timer!.property.id}`, name: timer!.property.name },
            { to: `/timers/${timerId}/visit`, name: timer!.name },
          ]}
        >
          {open &&
            inTimer &&
            children({
              ...{ open, timer: timer!, timeZone, target: target!, inTimer },
              reading,
              confirmed: confirmedNow(inTimer, readingConfirmed),
            })}
          {open === null && (
            <section className={pageStyles['sheet']}>
              <p style={{ margin: 0 }}>
                No visit goes on here. <Link to={`/timers/${timerId}/visit`}>Begin one first.</Link>
              </p>
            </section>
          )}
        </Page>
      )}
    </Loaded>
  );
}
