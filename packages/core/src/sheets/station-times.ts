import { asTimerSeconds, dayOf, startOfDay, type DayNumber } from '../civil-time/index.js';
import { simulate, type BegunRun, type WaterPiece } from '../engine/index.js';
import type { Plan, ProgramSettings } from '../settings/index.js';
import { daysWords, timeWords, type Speaker } from '../household-words/index.js';

/** Long enough for the longest interval that timers have, twice. */
const USUAL_DAYS = 62;
const NEXT_DATES = 3;

/** Water of one station in one run: when, counted from the midnight before the run's start, and how much. */
interface Watering {
  readonly fromSeconds: number;
  readonly toSeconds: number;
  readonly seconds: number;
  readonly parts: number;
}

/** Tells of a station when it really waters, a sentence for each program and length of run. */
export function stationTimes(
  speaker: Speaker,
  plan: Plan,
  on: DayNumber,
): (station: number) => string[] {
  if (plan.controller.off) return () => [];
  const held = simulate(plan, { from: on, days: USUAL_DAYS });
  const usual = simulate(asUsual(plan), { from: on, days: USUAL_DAYS });
  const nextDates = (id: string) =>
    [...new Set(held.nominal.filter(isOf(id)).map(({ nominal }) => dayOf(nominal)))].slice(
      0,
      NEXT_DATES,
    );
  return (station) => {
    const pieces = usual.pieces.filter((piece) => piece.station === station);
    return plan.programs.flatMap((program) =>
      sentencesOf(
        speaker,
        program,
        pieces.filter(({ run }) => run.program.id === program.id),
        nextDates(program.id),
      ),
    );
  };
}

const isOf = (id: string) => (run: { readonly program: { readonly id: string } }) =>
  run.program.id === id;

/** Without what holds water back for a while: that is told by itself. */
const asUsual = ({ weather: _weather, ...plan }: Plan): Plan => ({
  ...plan,
  controller: { ...plan.controller, pauses: [] },
});

function sentencesOf(
  speaker: Speaker,
  program: ProgramSettings,
  pieces: readonly WaterPiece[],
  next: readonly DayNumber[],
): string[] {
  const days = daysWords(speaker, program.days, program.blockedWeekdays, next);
  const byLength = new Map<string, Watering[]>();
  for (const watering of usualWaterings(pieces)) {
    const key = `${watering.seconds} ${watering.parts}`;
    byLength.set(key, [...(byLength.get(key) ?? []), watering]);
  }
  return [...byLength.values()].map((waterings) =>
    speaker.message('waters', {
      days,
      times: speaker.listed(waterings.map((watering) => spanWords(speaker, watering))),
      length: speaker.length(waterings[0]!.seconds),
      parts: waterings[0]!.parts,
      starts: waterings.length,
    }),
  );
}

/** What most runs of each start come to, in the order of the day. */
function usualWaterings(pieces: readonly WaterPiece[]): Watering[] {
  const byRun = new Map<BegunRun, WaterPiece[]>();
  for (const piece of pieces) byRun.set(piece.run, [...(byRun.get(piece.run) ?? []), piece]);
  const byStart = new Map<number, Watering[]>();
  for (const [run, own] of byRun)
    byStart.set(run.startNumber, [...(byStart.get(run.startNumber) ?? []), wateringOf(run, own)]);
  return [...byStart.values()].map(mostCommon).sort((a, b) => a.fromSeconds - b.fromSeconds);
}

function wateringOf(run: BegunRun, pieces: readonly WaterPiece[]): Watering {
  const midnight = startOfDay(dayOf(run.nominal));
  return {
    fromSeconds: Math.min(...pieces.map(({ from }) => from)) - midnight,
    toSeconds: Math.max(...pieces.map(({ to }) => to)) - midnight,
    seconds: pieces.reduce((sum, { from, to }) => sum + to - from, 0),
    parts: new Set(pieces.map(({ piece }) => piece)).size,
  };
}

/** Of several that are as common the first. */
function mostCommon(waterings: readonly Watering[]): Watering {
  const count = (one: Watering) =>
    waterings.filter((other) => JSON.stringify(other) === JSON.stringify(one)).length;
  return waterings.reduce((best, one) => (count(one) > count(best) ? one : best));
}

const DAY_SECONDS = 86_400;

const spanWords = (speaker: Speaker, { fromSeconds, toSeconds }: Watering): string =>
  speaker.message('time', {
    from: timeWords(asTimerSeconds(fromSeconds)),
    to: timeWords(asTimerSeconds(toSeconds)),
    isNextDay: fromSeconds >= DAY_SECONDS ? 'yes' : 'no',
  });
