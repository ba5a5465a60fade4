import { percentsIn } from '@water-clock/core/engine';
import type { SeasonMonth } from '@water-clock/core/season-steps';
import type { Plan } from '@water-clock/core/settings';
import { counted, listInWords } from '@water-clock/core/words';

/** What is set in a month: "60 %", "A 60 %, B 40 %", "off". */
export const setWords = (month: SeasonMonth): string =>
  month.isDry ? 'off' : percentsWords(month.percents);

/** What the settings themselves have in a month, 1 to 12. */
export function nowWords(plan: Plan, month: number): string {
  const { season } = plan.controller;
  if (season.mode === 'weather') return `${season.leastPercent} to ${season.mostPercent} %`;
  return percentsWords(
    Object.fromEntries(
      plan.programs.map((program) => [program.id, percentsIn(plan, program, month)[0]!]),
    ),
  );
}

function percentsWords(percents: Readonly<Record<string, number>>): string {
  const all = Object.values(percents);
  if (new Set(all).size <= 1) return `${all[0] ?? 100} %`;
  return Object.entries(percents)
    .map(([id, percent]) => `${id} ${percent} %`)
    .join(', ');
}

/** What a month wants: "62 %". */
export const wantedWords = ({ wanted: { percent } }: SeasonMonth): string =>
  `${Math.round(percent)} %`;

/** What stands in the way of a month's percentage, one sentence each. */
export function troubleWords(
  { troubles, shortStations, findings }: SeasonMonth,
  { timer }: Pick<Plan, 'timer'>,
): string[] {
  const { season } = timer;
  // The first of a kind: collisions of a month are mostly one fault again and again.
  const told = findings
    .filter(({ code }, index) => findings.findIndex((other) => other.code === code) === index)
    .slice(0, 2);
  const others = findings.length - told.length;
  return [
    ...(troubles.includes('below-least')
      ? [`It needs less than this timer's least, ${season!.minPercent} %.`]
      : []),
    ...(troubles.includes('above-most')
      ? [`It needs more than this timer's most, ${season!.maxPercent} %.`]
      : []),
    ...(troubles.includes('too-short')
      ? [
          `${shortStations.length === 1 ? 'Station' : 'Stations'} ${listInWords(shortStations.map(String))} would run too short to be of use.`,
        ]
      : []),
    ...told.map(({ message }) => message),
    ...(others > 0 ? [`And ${counted(others, 'other finding')}.`] : []),
  ];
}
