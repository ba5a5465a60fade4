import type { GridPercent } from '@water-clock/core/engine';
import { exhaustive } from '@water-clock/core/kernel';
import type { Plan } from '@water-clock/core/settings';
import { listInWords, MONTHS_SHORT } from '@water-clock/core/words';
import { group } from 'd3';

/** What is set, at the percentage of the timer's grid that is nearest. */
export interface PercentMark {
  readonly percent: number;
  readonly label: string;
  readonly words: string;
  /** True where it is in force at the date judged from. */
  readonly isNow: boolean;
}

interface SetPercent {
  readonly percent: number;
  readonly name: string;
  readonly words: string;
  readonly isNow: boolean;
}

/** Where today's percentage stands, and each month's or program's own. */
export function marksOf(
  season: Plan['controller']['season'],
  programs: Plan['programs'],
  month: number,
  grid: readonly GridPercent[],
): PercentMark[] {
  const byPlace = group(percentsSet(season, programs, month), ({ percent }) =>
    nearest(percent, grid),
  );
  return [...byPlace].map(([place, set]) => ({
    percent: place,
    label:
      season.mode === 'monthly' ? monthsLabel(set, month) : set.map(({ name }) => name).join(' '),
    words: `${listInWords(set.map(({ words }) => words))} ${set[0]!.percent} %`,
    isNow: set.some(({ isNow }) => isNow),
  }));
}

function percentsSet(
  season: Plan['controller']['season'],
  programs: Plan['programs'],
  month: number,
): SetPercent[] {
  switch (season.mode) {
    case 'whole':
      return [{ percent: season.percent, name: 'now', words: 'Now', isNow: true }];
    case 'program':
      return programs
        .filter(({ enabled }) => enabled)
        .map(({ id, percent }) => ({ percent, name: id, words: `Program ${id}`, isNow: true }));
    case 'monthly':
      return season.percents.map((percent, index) => {
        const name = MONTHS_SHORT[index]!;
        return { percent, name, words: name, isNow: index + 1 === month };
      });
    case 'weather':
      return [
        { percent: season.leastPercent, name: 'least', words: 'Least by weather', isNow: true },
        { percent: season.mostPercent, name: 'most', words: 'Most by weather', isNow: true },
      ];
    default:
      return exhaustive(season);
  }
}

const MONTHS = 12;

/** Months in a row as one, over the turn of the year too: "Nov–Feb now". */
function monthsLabel(set: readonly SetPercent[], month: number): string {
  const isIn = (index: number) => set.some(({ name }) => name === nameOf(index));
  if (set.length === MONTHS) return 'all year';
  const begins = Array.from({ length: MONTHS }, (_, index) => index).filter(
    (index) => isIn(index) && !isIn(index - 1),
  );
  const rows = begins.map((begin) => {
    let end = begin;
    while (isIn(end + 1)) end++;
    const row = begin === end ? nameOf(begin) : `${nameOf(begin)}–${nameOf(end)}`;
    const toNow = (month - 1 - begin + MONTHS) % MONTHS;
    return toNow <= end - begin ? `${row} now` : row;
  });
  return rows.join(' ');
}

const nameOf = (index: number): string => MONTHS_SHORT[(index + MONTHS) % MONTHS]!;

const nearest = (percent: number, grid: readonly GridPercent[]): number =>
  grid.reduce(
    (best, cell) =>
      Math.abs(cell.percent - percent) < Math.abs(best - percent) ? cell.percent : best,
    grid[0]!.percent,
  );
