import { civilDateOf } from '@water-clock/core/civil-time';
import { yardNeeds, type Customary } from '@water-clock/core/needs';
import type { MonthWeather } from '@water-clock/core/weather';
import {
  isTarget,
  keptPrograms,
  planDates,
  targetsOf,
  type NoTarget,
  type Pinned,
  type PlanTargets,
  type StationTarget,
} from '@water-clock/core/proposals';
import type { Plan, SettingsDates } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import { useMemo } from 'react';
import type { PlanAsked } from '@water-clock/core/proposals';
import { usePlace } from '../../ui/use-place';
import { earliestSunrise } from '../../computing/sunrise';
import type { DeskPlace } from '../state/use-desk-place';
import { useWishes, type TargetChange, type Wanted } from './use-wishes';

export interface Targets {
  readonly month: number;
  readonly setMonth: (month: number) => void;
  readonly wanted: Wanted;
  readonly setWanted: (fields: Partial<Wanted>) => void;
  /** `HH:MM`; null where the place is not known. */
  readonly sunrise: string | null;
  readonly hasSeed: boolean;
  /** The home has other timers. */
  readonly hasOthers: boolean;
  /** The hours by day that are taken: those wanted, or, where they end before they begin, the usual ones. */
  readonly byDay: readonly [string, string];
  readonly rows: readonly (StationTarget | NoTarget)[];
  readonly changed: ReadonlySet<number>;
  /** Null: as the need has it again. */
  readonly change: (station: number, change: TargetChange | null) => void;
  readonly pinned: Pinned;
  readonly pin: (pinned: Pinned) => void;
  /** Somebody wishes otherwise than is usual; and the way back. */
  readonly isOwn: boolean;
  readonly asUsual: () => void;
  /** Stations that stay, being pinned themselves or in a pinned program. */
  readonly kept: ReadonlySet<number>;
  /** The dates that a plan is for: it is judged by what holds on them. */
  readonly dates: SettingsDates;
  readonly asked: PlanAsked;
}

interface TargetsAsked {
  readonly timerId: string;
  readonly plan: Plan;
  readonly yard: Yard;
  readonly leaders: ReadonlyMap<number, number>;
  readonly months: readonly (MonthWeather | null)[] | null;
  readonly customary: Customary;
  /** The other timers of the home. */
  readonly beside: readonly Plan[];
  readonly since: DeskPlace['since'];
  readonly winter: DeskPlace['winter'];
}

/** Between these times of day seed is usually sprinkled. */
export const DAY_SPREAD = ['07:00', '17:00'] as const;
/** Programs lie as late as they can: an early evening costs nothing, and leaves room. */
const EVENING = '18:00';

/** What is wanted of a plan for the settings on the desk, and what is asked of the planner. */
export function useTargets(props: TargetsAsked): Targets {
  const { timerId, plan, yard, leaders, months, customary, beside, since, winter } = props;
  const { timer, site, rules } = plan;
  const [search, go] = usePlace();
  const sunrise = useMemo(() => earliestSunrise(since, site), [since, site]);
  const usually = useMemo(
    () => ({
      finishBy: rules?.finishBy ?? sunrise ?? '06:00',
      earliestStart: EVENING,
      headroomPercent: rules?.headroomPercent ?? 120,
      usesIntervals: timer.dayModes.includes('interval') && timer.programs.length > 1,
      isSeedByDay: true,
      leavesRoom: true,
      byDayFrom: DAY_SPREAD[0],
      byDayTo: DAY_SPREAD[1],
    }),
    [rules, sunrise, timer],
  );
  const wishes = useWishes(`wishes.${winter.length > 0 ? 'winter.' : ''}${timerId}`, usually);
  const { wanted, changes, pinned, set } = wishes;

  const inAddress = Number(search.get('month'));
  const typed = inAddress >= 1 && inAddress <= 12 ? inAddress : null;
  // Without a percentage the run times themselves are for the time of the year.
  const usual = timer.season ? null : civilDateOf(since).month;
  const needs = useMemo(
    () =>
      yardNeeds({
        yard,
        timer,
        months,
        month: typed ?? usual,
        customary,
      }),
    [yard, timer, months, typed, usual, customary],
  );
  const dates = useMemo(
    () => planDates(since, winter.length > 0 ? winter : typed === null ? [] : [typed]),
    [since, winter, typed],
  );
  const { byDayFrom, byDayTo } = wanted;
  const byDay = useMemo(
    () => (byDayFrom && byDayFrom < byDayTo ? ([byDayFrom, byDayTo] as const) : DAY_SPREAD),
    [byDayFrom, byDayTo],
  );
  const targets = useMemo(() => {
    const conditions = {
      dates,
      usesIntervals: wanted.usesIntervals,
      spread: wanted.isSeedByDay ? byDay : null,
      nightSeconds: nightSeconds(wanted),
    };
    const all = (isCutByStarts: boolean) =>
      following(
        targetsOf(plan, needs, { ...conditions, isCutByStarts }).map((row) =>
          isTarget(row) ? typedOver(row, changes.get(row.number), byDay) : row,
        ),
        leaders,
      );
    return { rows: all(false), byStarts: all(true) };
  }, [plan, needs, wanted, byDay, dates, changes, leaders]);

  const kept = useMemo(
    () =>
      new Set([
        ...pinned.stations,
        ...keptPrograms(plan, pinned).flatMap(({ runs }) => runs.map(({ station }) => station)),
      ]),
    [plan, pinned],
  );
  const hours: Omit<PlanTargets, 'prefer' | 'isCutByStarts'> = {
    dates,
    finishBy: wanted.finishBy || null,
    earliestStart: wanted.earliestStart || null,
    headroomPercent: wanted.headroomPercent,
    pinned,
  };
  return {
    month: needs.month,
    setMonth: (month) => go({ month: String(month) }),
    wanted,
    setWanted: (fields) => set((before) => ({ wanted: { ...before.wanted, ...fields } })),
    sunrise,
    hasSeed: yard.stations.some(({ plant }) => plant === 'seed'),
    hasOthers: beside.length > 0,
    byDay,
    rows: targets.rows,
    changed: new Set(changes.keys()),
    change: (station, change) =>
      set(({ changes: before }) => {
        const next = new Map(before);
        if (change) next.set(station, { ...before.get(station), ...change });
        else next.delete(station);
        return { changes: next };
      }),
    pinned,
    pin: (next) => set(() => ({ pinned: next })),
    isOwn: wishes.isOwn,
    asUsual: wishes.asUsual,
    kept,
    dates,
    asked: {
      plan,
      hours,
      leaders: [...leaders],
      beside: wanted.leavesRoom ? beside : NONE,
      targets: targets.rows.filter(isTarget),
      targetsByStarts: targets.byStarts.filter(isTarget),
    },
  };
}

const NONE: readonly never[] = [];

/** A target with what was typed over it; what is given several times a day is given in the hours wanted now. */
function typedOver(
  row: StationTarget,
  change: TargetChange | undefined,
  byDay: readonly [string, string],
): StationTarget {
  if (!change) return row;
  const { need } = change;
  if (!need || !('spread' in need)) return { ...row, ...change };
  return { ...row, ...change, need: { ...need, spread: [...byDay] } };
}

/** Stations that follow others are given what their leaders are. */
function following(
  rows: readonly (StationTarget | NoTarget)[],
  leaders: ReadonlyMap<number, number>,
): (StationTarget | NoTarget)[] {
  return rows.map((row) => {
    const leader = rows.find(({ number }) => number === leaders.get(row.number));
    return leader ? { ...leader, number: row.number } : row;
  });
}

/** From the earliest start to the end of the night; without one from noon, to noon. */
function nightSeconds({ earliestStart, finishBy }: Wanted): number {
  const second = (text: string) => {
    const [hours, minutes] = text.split(':').map(Number);
    return (hours! * 60 + minutes!) * 60;
  };
  const begin = earliestStart ? second(earliestStart) : 43_200;
  const end = finishBy ? second(finishBy) : 43_200;
  return end > begin ? end - begin : end - begin + 86_400;
}
