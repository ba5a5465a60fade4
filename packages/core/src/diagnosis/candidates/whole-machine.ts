import { flowsOf, type Fault } from '../../faults/index.js';
import type { Candidate, Case } from '../candidate.js';

/** Faults that are of the whole timer, or of one valve: there are only so many. */
export function wholeMachine({ believed, sightings }: Case): Candidate[] {
  const { stations } = believed.plan;
  const waters = new Set(believed.wide.map(({ station }) => station));
  const numbers = stations.map(({ number }) => number).filter((number) => waters.has(number));
  const isHeeded = numbers.some((number) => believed.heedsRain(number));
  const faults: Fault[] = [
    ...(isHeeded ? [{ code: 'sensor-stuck' as const }] : []),
    ...(isHeeded && believed.rain.length > 0 ? [{ code: 'sensor-ignored' as const }] : []),
    ...(waters.size > 0 ? [{ code: 'switched-off' as const }] : []),
    ...numbers.map((station) => ({ code: 'station-dead' as const, station })),
    ...numbers.flatMap((station) =>
      [false, true].map((isAlways) => ({ code: 'valve-stuck' as const, station, isAlways })),
    ),
  ];
  return faults.map((fault) => ({ fault, fit: sightings.fit(flowsOf(believed, fault)) }));
}
