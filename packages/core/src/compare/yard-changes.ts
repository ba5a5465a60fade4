import { counted, lengthInWords } from '../words/index.js';
import type { Yard, YardStation } from '../yards/index.js';

type Told = readonly [name: string, words: (station: YardStation) => string];

const amount = (value: number | undefined, unit: string): string =>
  value === undefined ? '' : `${value} ${unit}`;

const length = (seconds: number | undefined): string =>
  seconds === undefined ? '' : lengthInWords(seconds);

/** What is told of a station, in the order in which it is looked at. */
const TOLD: readonly Told[] = [
  ['is called', ({ name = '' }) => name],
  ['is', ({ enabled }) => (enabled ? 'on' : 'off')],
  ['heads', ({ head = '' }) => head],
  ['plants', ({ plant = '' }) => plant],
  ['sun', ({ sun = '' }) => sun],
  ['soil', ({ soil = '' }) => soil],
  ['slope', ({ slopePercent }) => amount(slopePercent, '%')],
  ['area', ({ areaSquareMetres }) => amount(areaSquareMetres, 'm²')],
  ['flow', ({ flowLpm }) => amount(flowLpm, 'L/min')],
  ['catch test', ({ catchTest }) => (catchTest ? catchWords(catchTest) : '')],
  ['time to run-off', ({ runoffSeconds }) => length(runoffSeconds)],
  ['least soak', ({ minSoakSeconds }) => length(minSoakSeconds)],
];

const catchWords = ({ millilitres, minutes, on }: NonNullable<YardStation['catchTest']>): string =>
  [`${counted(millilitres.length, 'cup')} in ${minutes} min`, on].filter(Boolean).join(', ');

/** What is otherwise in the later of two yards, a sentence each. */
export function yardSentences(before: Yard, after: Yard): string[] {
  const by = (yard: Yard) => new Map(yard.stations.map((station) => [station.number, station]));
  const [earlier, later] = [by(before), by(after)];
  const numbers = [...new Set([...earlier.keys(), ...later.keys()])].sort((a, b) => a - b);
  return numbers.flatMap((number) => {
    const [was, is] = [earlier.get(number), later.get(number)];
    if (!was) return [`Station ${number} is new.`];
    if (!is) return [`Station ${number} is no more.`];
    return TOLD.flatMap(([name, words]) => {
      const [from, to] = [words(was), words(is)];
      return from === to
        ? []
        : [`Station ${number}, ${name}: ${from || 'nothing'} → ${to || 'nothing'}.`];
    });
  });
}
