import { dayOf } from '@water-clock/core/civil-time';
import { subjectOf, type Answer } from '@water-clock/core/diagnosis';
import type { Plan } from '@water-clock/core/settings';
import { TOO_MUCH_WORDS } from '@water-clock/core/words';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import type { Timer } from '../api/timers';
import type { CausesFound } from '../computing/causes.worker';
import { useCauses } from '../computing/use-causes';
import { InTimerWords } from '../copies/in-timer-words';
import { nowIn } from '../format/now-in';
import { usePlanInTimer } from '../timer-records/use-plan-in-timer';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { UndoButtons } from '../ui/undo-buttons';
import { usePlace } from '../ui/use-place';
import { CAUSE_NAMES } from './cause-names';
import { CauseList } from './cause-list';
import { HouseholdTold } from './household-told';
import { seenOf, type Story } from './story';
import { Telling } from './telling';
import { useStory } from './use-story';
import pageStyles from '../ui/page.module.css';
import styles from './diagnosis.module.css';

/** What was seen of a timer, on a week, and what would explain it. */
export function WrongPage() {
  const { timerId = '' } = useParams();
  const { queries, timer, plan } = usePlanInTimer(timerId);
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => <Wrong key={timerId} timer={timer!} plan={plan!} />}
    </Loaded>
  );
}

interface WrongProps {
  readonly timer: Timer;
  readonly plan: Plan;
}

function Wrong({ timer, plan }: WrongProps) {
  const [now] = useState(() => nowIn(timer.property.timeZone ?? undefined, new Date()));
  const { story, isBlank, edit, startOver, ...history } = useStory(timer.id, dayOf(now));
  const [place, go] = usePlace();
  const seen = useMemo(() => seenOf(story), [story]);
  const { answer, hasFailed } = useCauses(plan, seen, story.answers);
  const isAsked = story.told.some(({ what }) => what !== 'rain');
  const shown = Number(place.get('cause') ?? 0) || 0;
  const show = (index: number) => go({ cause: index === 0 ? undefined : String(index) });
  const found = answer?.found ?? null;
  const stations = plan.stations.map(({ number, name = '' }) => ({ number, name }));
  return (
    <Page
      title="Something is wrong"
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/timers/${timer.id}`, name: timer.name },
      ]}
      actions={
        <>
          <UndoButtons {...history} />
          <Button disabled={isBlank} onClick={startOver}>
            Begin anew
          </Button>
        </>
      }
    >
      <HouseholdTold timerId={timer.id} {...{ stations, story, edit }} />
      <div className={styles['wrong']}>
        <Telling
          {...{ story, edit, now }}
          {...{ stations }}
          {...drawnOf(found, isAsked, shown)}
          firstCause={firstOf(found, isAsked)}
          onTold={() => show(0)}
        />
        <section className={pageStyles['sheet']} aria-labelledby="causes">
          <h2 id="causes">What would explain it</h2>
          <p className={pageStyles['soft']}>
            Tried on what is in the timer: <InTimerWords timerId={timer.id} />
          </p>
          <Trouble hasFailed={hasFailed} isTooMuch={answer?.found === null} />
          {!isAsked && (
            <p>
              Say what somebody saw: when it watered, or when it did not. Each thing narrows the
              causes down. The bars on the week are what the timer is set to water.
            </p>
          )}
          {isAsked && found && (
            <CauseList
              {...{ timer, found, shown, plan, seen }}
              answers={story.answers}
              onShow={show}
              onAnswer={(given) => edit((before) => withAnswer(before, given))}
              onOpenAgain={(subject) => edit((before) => withoutAnswer(before, subject))}
            />
          )}
        </section>
      </div>
    </Page>
  );
}

function firstOf(found: CausesFound | null, isAsked: boolean): string | null {
  const first = isAsked ? found?.causes[0] : undefined;
  return first ? CAUSE_NAMES[first.fault.code] : null;
}

function Trouble({ hasFailed, isTooMuch }: { hasFailed: boolean; isTooMuch: boolean }) {
  if (hasFailed) return <p role="alert">The causes could not be worked out. Reload the page.</p>;
  return isTooMuch ? <p role="alert">{TOO_MUCH_WORDS}</p> : null;
}

/** What is drawn below what was seen: the water of the cause that is shown, or what is set. */
function drawnOf(found: CausesFound | null, isAsked: boolean, shown: number) {
  const all = found && isAsked ? [...found.causes, ...(found.two ? [found.two] : [])] : [];
  const cause = all[shown] ?? all[0];
  return cause
    ? { water: cause.water, waterIs: 'what this cause would water' }
    : { water: found?.asSet ?? [], waterIs: 'what it is set to water' };
}

const withoutAnswer = (story: Story, subject: string): Story => ({
  ...story,
  answers: story.answers.filter((other) => subjectOf(other) !== subject),
});

function withAnswer(story: Story, given: Answer): Story {
  const rest = withoutAnswer(story, subjectOf(given));
  return { ...rest, answers: [...rest.answers, given] };
}
