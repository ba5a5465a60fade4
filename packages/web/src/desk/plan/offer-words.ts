import type { Costs } from '@water-clock/core/proposals';
import { lengthInWords, listInWords, WEEKDAYS } from '@water-clock/core/words';
import type { Alternative, Change } from '@water-clock/core/proposals';

export const ALTERNATIVE_NAMES: Record<Alternative, string> = {
  fewest: 'Fewest programs',
  'by-planting': 'By planting',
  'by-starts': 'Several starts',
};

/** What gave way, as a heading: "Finish by 06:10". */
export function changeWords({ field, to }: Change): string {
  switch (field) {
    case 'rules.finishBy':
      return `Finish by ${String(to)}`;
    case 'rules.earliestStart':
      return `From ${String(to)} on`;
    case 'rules.weekdays':
      return `On ${listInWords((to as number[]).map((weekday) => WEEKDAYS[weekday - 1]!))}`;
    case 'rules.headroomPercent':
      return `Clear up to ${String(to)} %`;
    default:
      return `Soaks of ${lengthInWords(to as number)}`;
  }
}

/** A moment of the night, in seconds from its midnight, as a time of day. */
export function nightTimeText(seconds: number): string {
  const minutes = Math.round(seconds / 60 + 1440) % 1440;
  const two = (value: number) => String(value).padStart(2, '0');
  return `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}

export interface CostRow {
  readonly name: string;
  readonly text: (costs: Costs) => string;
}

/** What plans cost, one row a thing. */
export const COST_ROWS: readonly CostRow[] = [
  {
    name: 'programs, starts',
    text: ({ programs, starts }) => `${programs}, ${starts}`,
  },
  {
    name: 'waterings a week, all stations',
    text: ({ datesPerWeek }) => String(Number(datesPerWeek.toFixed(1))),
  },
  {
    name: 'longest night',
    text: ({ longestNightSeconds }) => lengthInWords(Math.round(longestNightSeconds / 60) * 60),
  },
  {
    name: 'last night is over at',
    text: ({ latestEndSeconds }) =>
      latestEndSeconds === null ? '–' : nightTimeText(latestEndSeconds),
  },
  {
    name: 'no collision up to',
    text: ({ headroomPercent }) => (headroomPercent === null ? 'collides' : `${headroomPercent} %`),
  },
];
