import { counted } from '@water-clock/core/words';
import type { DoneOfChange, Rollout, TimerOfRollout, Which } from '../../api/rollouts';

type Outcome = NonNullable<TimerOfRollout['outcome']>;
type Progress = NonNullable<TimerOfRollout['progress']>;

/** What a change does to a timer. */
export const OUTCOME_NAMES: Readonly<Record<Outcome, string>> = {
  breaks: 'breaks something',
  'was-broken': 'was broken before',
  'too-much': 'too much to work out',
  well: 'goes well',
  untouched: 'is not touched',
};

/** What became of what was accepted. */
export const PROGRESS_NAMES: Readonly<Record<Progress, string>> = {
  'read-back': 'read back',
  'keyed-in': 'keyed in, not read back',
  household: 'the household says it did it',
  messaged: 'message opened',
  planned: 'visit planned',
  'put-off': 'put off',
  'to-do': 'to do',
};

/** How many of each, in the order in which a list of them is read; those that are none are left out. */
export const progressCounts = ({ progress }: Rollout): readonly [Progress, number][] => {
  const counts: readonly [Progress, number][] = [
    ['read-back', progress.readBack],
    ['keyed-in', progress.keyedIn],
    ['household', progress.household],
    ['messaged', progress.messaged],
    ['planned', progress.planned],
    ['put-off', progress.putOff],
    ['to-do', progress.toDo],
  ];
  return counts.filter(([, count]) => count > 0);
};

/** The lists of timers that there are to look at, with how many are in each. */
export function listsOf({ outcomes, accepted, of }: Rollout): readonly ListOfTimers[] {
  const lists: readonly ListOfTimers[] = [
    { which: 'breaks', label: 'Breaks', count: outcomes.breaks },
    { which: 'was-broken', label: 'Was broken before', count: outcomes.wasBroken },
    { which: 'too-much', label: 'Too much to work out', count: outcomes.tooMuch },
    { which: 'well', label: 'Goes well', count: outcomes.well },
    { which: 'accepted', label: 'Accepted', count: accepted },
    { which: 'all', label: 'All', count: of - outcomes.untouched },
  ];
  return lists.filter(({ which, count }) => count > 0 || which === 'all');
}

interface ListOfTimers {
  readonly which: Which;
  readonly label: string;
  readonly count: number;
}

/** What a change does, once it is tried on all. */
export function outcomeInWords({ outcomes, of }: Pick<Rollout, 'outcomes' | 'of'>): string {
  const { breaks, wasBroken, untouched } = outcomes;
  const touched = of - untouched;
  if (touched === 0) return 'It touches no timer: everything is so already.';
  const before = wasBroken > 0 ? ` ${wasBroken} more were broken before.` : '';
  return breaks === 0
    ? `It breaks nothing at ${counted(touched, 'timer')}.${before}`
    : `It breaks something at ${breaks} of ${counted(touched, 'timer')}.${before}`;
}

/** How far trying is. */
export function workInWords({ state, tried, of, toFix, fixed }: Rollout): string {
  const words =
    tried < of
      ? `${tried} of ${counted(of, 'timer')} tried`
      : `${counted(of, 'timer')} tried, fixes worked out for ${fixed} of ${toFix}`;
  return state === 'stopped' ? `Stopped: ${words}.` : `${words} …`;
}

/** What was refused, and why; empty where nothing was. */
export function refusalsInWords({ refused }: DoneOfChange): string {
  const of = (wanted: string) => refused.filter(({ why }) => why === wanted).length;
  const [changed, keyedIn] = [of('changed'), of('keyed-in')];
  return [
    ...(changed > 0
      ? [`${counted(changed, 'timer')} had other settings saved meanwhile: nothing was saved over.`]
      : []),
    ...(keyedIn > 0 ? [`${counted(keyedIn, 'timer')} is keyed in already: it stays.`] : []),
  ].join(' ');
}
