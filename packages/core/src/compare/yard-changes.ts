import { isSameJson, keysOf } from '../kernel/index.js';
import { counted, lengthInWords } from '../words/index.js';
import type { Yard, YardStation } from '../yards/index.js';

const amount = (value: number | undefined, unit: string): string =>
  value === undefined ? '' : `${value} ${unit}`;

const length = (seconds: number | undefined): string =>
  seconds === undefined ? '' : lengthInWords(seconds);

const yesNo = (is: boolean | undefined): string => (is === undefined ? '' : is ? 'yes' : 'no');

type Told<Of> = readonly [name: string, words: (of: Of) => string];

/** How each field of a station is told, in the order in which it is looked at: none of them is left out. */
const OF_STATION: {
  readonly [Field in Exclude<keyof YardStation, 'number'>]-?: Told<YardStation>;
} = {
  name: ['is called', ({ name = '' }) => name],
  enabled: ['is', ({ enabled }) => (enabled ? 'on' : 'off')],
  head: ['heads', ({ head = '' }) => head],
  plant: ['plants', ({ plant = '' }) => plant],
  sun: ['sun', ({ sun = '' }) => sun],
  soil: ['soil', ({ soil = '' }) => soil],
  slopePercent: ['slope', ({ slopePercent }) => amount(slopePercent, '%')],
  areaSquareMetres: ['area', ({ areaSquareMetres }) => amount(areaSquareMetres, 'm²')],
  flowLpm: ['flow', ({ flowLpm }) => amount(flowLpm, 'L/min')],
  catchTest: ['catch test', ({ catchTest }) => (catchTest ? catchWords(catchTest) : '')],
  school: ['run time by', ({ school = '' }) => school],
  pump: ['needs the pump', ({ pump }) => yesNo(pump)],
  rainSensor: ['heeds the rain sensor', ({ rainSensor }) => yesNo(rainSensor)],
  freezeSensor: ['heeds the freeze sensor', ({ freezeSensor }) => yesNo(freezeSensor)],
  flowSensor: ['measured by the flow sensor', ({ flowSensor }) => yesNo(flowSensor)],
  runoffSeconds: ['time to run-off', ({ runoffSeconds }) => length(runoffSeconds)],
  minSoakSeconds: ['least soak', ({ minSoakSeconds }) => length(minSoakSeconds)],
  follows: ['takes after station', ({ follows }) => String(follows ?? '')],
  followsFor: ['takes from it', ({ followsFor = '' }) => followsFor],
  valveUnit: ['unit', ({ valveUnit }) => valveUnit?.serial ?? ''],
  moistureSensor: ['moisture sensor', ({ moistureSensor }) => moistureSensor?.serial ?? ''],
  notes: ['note', ({ notes = '' }) => notes],
};

const catchWords = ({ millilitres, minutes, on }: NonNullable<YardStation['catchTest']>): string =>
  [`${counted(millilitres.length, 'cup')} in ${minutes} min`, on].filter(Boolean).join(', ');

/** What is otherwise in the later of two yards, a sentence each; none: they are the same, to the last field. */
export function yardSentences(before: Yard, after: Yard): string[] {
  const { stations: earlier, ...restBefore } = before;
  const { stations: later, ...restAfter } = after;
  const of = (stations: readonly YardStation[]) =>
    new Map(stations.map((station) => [station.number, station]));
  const [byBefore, byAfter] = [of(earlier), of(later)];
  const numbers = [...new Set([...byBefore.keys(), ...byAfter.keys()])].sort((a, b) => a - b);
  return [
    ...numbers.flatMap((number) =>
      stationSentences(number, byBefore.get(number), byAfter.get(number)),
    ),
    ...(isSameJson(restBefore, restAfter)
      ? []
      : ['What is fitted to the timer, or how the yard is reckoned, is otherwise.']),
  ];
}

function stationSentences(number: number, was?: YardStation, is?: YardStation): string[] {
  const station = `Station ${number}`;
  if (!was) return [`${station} is new.`];
  if (!is) return [`${station} is no more.`];
  const told = keysOf(OF_STATION).flatMap((field) => {
    const [name, words] = OF_STATION[field];
    const [from, to] = [words(was), words(is)];
    return from === to ? [] : [`${station}, ${name}: ${from || 'nothing'} → ${to || 'nothing'}.`];
  });
  // Of a unit, a sensor and a catch test not all is told.
  return told.length > 0 || isSameJson(was, is)
    ? told
    : [`${station}: what was tested or read of it is otherwise.`];
}
