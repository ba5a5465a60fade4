import { withChanges, type Changes } from '../kernel/index.js';
import type { Yard, YardStation } from './yard.js';

/** A change of a yard: gives a new one, leaves the old one as it was. */
export type YardEdit = (yard: Yard) => Yard;

export const setStation =
  (number: number, fields: Changes<YardStation>): YardEdit =>
  (yard) => ({
    ...yard,
    stations: yard.stations.map((station) =>
      station.number === number ? withChanges(station, fields) : station,
    ),
  });

/** Puts what is fitted in a slot; 0: nothing is. The modules say from now on how many stations there are. */
export const setModule =
  (slot: number, gives: number): YardEdit =>
  (yard) => {
    const others = (yard.modules ?? []).filter((module) => module.slot !== slot);
    const modules = [...others, ...(gives > 0 ? [{ slot, gives }] : [])];
    return withChanges<Yard>(yard, {
      modules: modules.length > 0 ? modules.sort((a, b) => a.slot - b.slot) : undefined,
      stationsFitted: undefined,
    });
  };

/** Says that a wire is on a station's terminal, or that none is. */
export const setWire =
  (terminal: number, isThere: boolean): YardEdit =>
  (yard) => {
    const others = (yard.wires ?? []).filter((wire) => wire !== terminal);
    return { ...yard, wires: [...others, ...(isThere ? [terminal] : [])].sort((a, b) => a - b) };
  };

/** Sets what holds for the whole yard; fields that are undefined are taken out. */
export const setFields =
  (fields: Changes<Omit<Yard, 'stations' | 'format'>>): YardEdit =>
  (yard) =>
    withChanges<Yard>(yard, fields);

/** The lowest station number that is free on a timer, or null when all are taken. */
export function nextStation({ stations }: Yard, most: number): number | null {
  const taken = new Set(stations.map(({ number }) => number));
  for (let number = 1; number <= most; number++) if (!taken.has(number)) return number;
  return null;
}

export const addStation =
  (number: number): YardEdit =>
  (yard) => ({
    ...yard,
    stations: [
      ...yard.stations,
      { number, enabled: true, rainSensor: true, freezeSensor: true },
    ].sort((a, b) => a.number - b.number),
  });

/** Takes a station out; those that follow it follow none. */
export const removeStation =
  (number: number): YardEdit =>
  (yard) => ({
    ...yard,
    stations: yard.stations
      .filter((station) => station.number !== number)
      .map((station) =>
        station.follows === number
          ? withChanges(station, { follows: undefined, followsFor: undefined })
          : station,
      ),
  });

/** What can be copied from a station to others: everything but what is its own. */
export const COPIED_FIELDS = [
  'head',
  'plant',
  'sun',
  'soil',
  'slopePercent',
  'pump',
  'rainSensor',
  'freezeSensor',
  'flowSensor',
  'runoffSeconds',
  'minSoakSeconds',
] as const satisfies readonly (keyof YardStation)[];

/** Gives stations what another has, empty fields included. */
export const copyTo =
  (from: number, to: readonly number[]): YardEdit =>
  (yard) => {
    const source = yard.stations.find(({ number }) => number === from);
    if (!source) return yard;
    const fields = Object.fromEntries(COPIED_FIELDS.map((field) => [field, source[field]]));
    return to.reduce((changed, number) => setStation(number, fields)(changed), yard);
  };
