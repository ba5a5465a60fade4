import { counted, lengthInWords, listInWords } from '../words/index.js';
import { Arranger } from './arrange.js';
import type { Brief } from './brief.js';
import { IntervalNeed } from './brief.js';
import { NOTHING_STANDS, type Standing } from './standing.js';
import { situationOf, type Job, type Situation } from './situation.js';
import { allowsTimes, stylesOf, type Style } from './styles.js';

export const REASON_CODES = ['hours', 'programs', 'starts', 'days', 'piece'] as const;
export type ReasonCode = (typeof REASON_CODES)[number];

/** Why there is no plan. */
export interface Reason {
  readonly code: ReasonCode;
  /** The station that it is about; null: all of them together. */
  readonly station: number | null;
  readonly message: string;
}

/** What stands in the way: of single stations first, then of all of them together. */
export function reasonsOf(brief: Brief, standing: Standing = NOTHING_STANDS): Reason[] {
  const situation = situationOf(brief, standing);
  const arranger = new Arranger(situation, {
    concurrent: brief.timer.maxConcurrentStations,
    usesDay: true,
  });
  const single = situation.jobs.flatMap((job) => reasonOf(situation, arranger, job) ?? []);
  if (single.length > 0) return single;
  const rhythms = fewestRhythms(situation, arranger);
  const { length } = situation.labels;
  if (rhythms > length)
    return [
      {
        code: 'programs',
        station: null,
        message: `The stations want ${rhythms} rhythms of watering, and a program has one: this timer has ${counted(length, 'program')}${beside(situation)}.`,
      },
    ];
  return [hoursReason(situation, arranger)];
}

/** What keeps a station from being watered even if it had the timer to itself. */
function reasonOf(situation: Situation, arranger: Arranger, job: Job): Reason | null {
  const { station } = job;
  const styles = stylesOf(situation).filter((style) => allowsTimes(job, style));
  const possible = styles.filter((style) => arranger.allows(job, style));
  const name = station.name
    ? `Station ${station.number} (${station.name})`
    : `Station ${station.number}`;
  const say = (code: ReasonCode, message: string): Reason => ({
    code,
    station: station.number,
    message: `${name}: ${message}`,
  });
  if (possible.length === 0) return say('days', daysMessage(situation.brief, job));
  const failures = possible.map((style) => failureOf(arranger, job, style));
  if (failures.includes(null)) return null;
  if (failures.includes('starts')) return say('starts', startsMessage(situation.brief));
  if (failures.includes('piece')) return say('piece', pieceMessage(situation.brief));
  return say(
    'hours',
    `one watering of it is longer than the night has room for at ${situation.headroom} %${beside(situation)}.`,
  );
}

/** Why a station alone makes no program in a style; null where it does. */
function failureOf(
  arranger: Arranger,
  job: Job,
  style: Style,
): 'starts' | 'piece' | 'hours' | null {
  const slot = { style, jobs: [job] };
  if (arranger.arrange([slot])) return null;
  const counts = new Set(
    (['after', 'across', 'before'] as const).flatMap((side) =>
      arranger.choicesOf(slot, side).map(({ count }) => count),
    ),
  );
  const drafts = [...counts].map((count) => arranger.draftOf(slot, count));
  if (drafts.some((draft) => typeof draft !== 'string')) return 'hours';
  return drafts.includes('starts') ? 'starts' : 'piece';
}

function daysMessage({ rules, timer }: Brief, { station: { need } }: Job): string {
  const wanted =
    need instanceof IntervalNeed
      ? `every ${need.everyDays} days`
      : `${need.daysPerWeek[0]} to ${need.daysPerWeek[1]} days a week`;
  const allowed = [
    ...(rules.weekdays ? [`${counted(rules.weekdays.length, 'weekday')} may be watered`] : []),
    ...(rules.dateParity ? [`only ${rules.dateParity} dates may be watered`] : []),
    ...(rules.mowingWeekdays.length > 0
      ? [
          `${counted(rules.mowingWeekdays.length, 'day')} a week ${rules.mowingWeekdays.length === 1 ? 'is' : 'are'} kept dry for mowing`,
        ]
      : []),
  ];
  return `it needs ${wanted}; ${allowed.join(', ') || 'the rules allow every day'}, and the timer knows ${timer.dayModes.join(', ')}.`;
}

const startsMessage = ({ timer }: Brief): string =>
  `its time is cut into more pieces than there are starts: a program has ${counted(timer.startsPerProgram, 'start')}${timer.cycleSoak ? '' : ', and the timer has no cycle-and-soak'}.`;

const pieceMessage = ({ timer: { runTime } }: Brief): string =>
  `it needs a shorter run than the timer gives: at least ${lengthInWords(runTime.minSeconds)}, in steps of ${lengthInWords(runTime.stepSeconds)}.`;

/** In how few programs all stations find days, if nights were endless. */
function fewestRhythms({ jobs, ...situation }: Situation, arranger: Arranger): number {
  const masks = stylesOf({ jobs, ...situation }).map(
    (style) =>
      new Set(
        jobs
          .filter((job) => allowsTimes(job, style) && arranger.allows(job, style))
          .map(({ index }) => index),
      ),
  );
  const covers = (chosen: readonly Set<number>[], left: number): boolean => {
    const open = jobs.find(({ index }) => !chosen.some((mask) => mask.has(index)));
    if (!open) return true;
    return (
      left > 0 && masks.some((mask) => mask.has(open.index) && covers([...chosen, mask], left - 1))
    );
  };
  for (let programs = 1; programs < jobs.length; programs++)
    if (covers([], programs)) return programs;
  return jobs.length;
}

function beside({ standing: { kept, beside: others } }: Situation): string {
  const stays = kept && kept.programs.length > 0 ? kept.programs : [];
  return [
    ...(stays.length > 0
      ? [` beside ${listInWords(stays.map(({ id }) => id))}, kept as it is`]
      : []),
    ...(others.length > 0 ? [' beside the other timers of the home'] : []),
  ].join(', and');
}

/** By how much all nights of a week are too short, one valve at a time. */
function hoursReason(situation: Situation, arranger: Arranger): Reason {
  const { brief, jobs, headroom, night } = situation;
  const seconds = jobs.reduce((sum, job) => sum + weeklySeconds(job), 0);
  const valves = arranger.leeway.concurrent;
  const nights = brief.rules.weekdays?.length ?? 7 - brief.rules.mowingWeekdays.length;
  const wanted = (seconds * headroom) / 100 / valves;
  const has = nights * (night.to - night.from);
  const short = Math.ceil((wanted - has) / Math.max(1, nights) / 60);
  const at = headroom === 100 ? '' : ` at ${headroom} %`;
  return {
    code: 'hours',
    station: null,
    message:
      short > 0
        ? `The nights are too short: each would have to be at least ${counted(short, 'minute')} longer${at}.`
        : `The nights are too short for these programs and their soaks${at}: a night has ${lengthInWords(night.to - night.from)}${beside(situation)}.`,
  };
}

function weeklySeconds({ station: { need }, isExempt }: Job): number {
  if (isExempt) return 0;
  if ('weeklySeconds' in need) return need.weeklySeconds;
  return 'everyDays' in need ? (need.seconds * 7) / need.everyDays : 0;
}
