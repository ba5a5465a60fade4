import type { TimerSeconds } from '@water-clock/core/civil-time';
import { subjectOf, type Answer } from '@water-clock/core/diagnosis';
import type { Plan } from '@water-clock/core/settings';
import { TOO_MUCH_WORDS } from '@water-clock/core/words';
import { useMemo, type ReactNode } from 'react';
import type { Timer } from '../api/timers';
import type { CausesFound } from '../computing/causes.worker';
import { useCauses } from '../computing/use-causes';
import { CAUSE_NAMES } from './cause-names';
import { CauseList } from './cause-list';
import { seenOf, type Story } from './story';
import { Telling } from './telling';
import type { useStory } from './use-story';
import pageStyles from '../ui/page.module.css';
import styles from './diagnosis.module.css';

interface ReasoningProps {
  /** Null: it is a case that is practised on. */
  readonly timer: Timer | null;
  /** What is believed to be in the timer. */
  readonly plan: Plan;
  readonly heard: Pick<ReturnType<typeof useStory>, 'story' | 'edit'>;
  /** What a right clock shows. */
  readonly now: () => TimerSeconds;
  /** The same when it was opened, by which dates are offered. */
  readonly openedAt: TimerSeconds;
  /** The place of the cause that is shown. */
  readonly shown: number;
  readonly onShow: (index: number) => void;
  /** On what it is tried. */
  readonly children: ReactNode;
}

/** What was seen, on a week, beside what would explain it. */
export function Reasoning(props: ReasoningProps) {
  const { timer, plan, heard, now, openedAt, shown, onShow, children } = props;
  const { story, edit } = heard;
  const seen = useMemo(() => seenOf(story), [story]);
  const { answer, hasFailed } = useCauses(plan, seen, story.answers);
  const isAsked = story.told.some(({ what }) => what !== 'rain');
  const found = answer?.found ?? null;
  const stations = plan.stations.map(({ number, name = '' }) => ({ number, name }));
  return (
    <div className={styles['wrong']}>
      <Telling
        {...{ story, edit, stations }}
        now={openedAt}
        {...drawnOf(found, isAsked, shown)}
        firstCause={firstOf(found, isAsked)}
        onTold={() => onShow(0)}
      />
      <section className={pageStyles['sheet']} aria-labelledby="causes">
        <h2 id="causes">What would explain it</h2>
        <p className={pageStyles['soft']}>{children}</p>
        <Trouble hasFailed={hasFailed} isTooMuch={answer?.found === null} />
        {!isAsked && (
          <p>
            Say what somebody saw: when it watered, or when it did not. Each thing narrows the
            causes down. The bars on the week are what the timer is set to water.
          </p>
        )}
        {isAsked && found && (
          <CauseList
            {...{ timer, found, shown, plan, seen, now, onShow }}
            answers={story.answers}
            onAnswer={(given) => edit((before) => withAnswer(before, given))}
            onOpenAgain={(subject) => edit((before) => withoutAnswer(before, subject))}
          />
        )}
      </section>
    </div>
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
