import type { MadeEntry } from './visit.js';

interface VisitSeen {
  /** ISO 8601 in UTC. */
  readonly startedAt: string;
  readonly stations: readonly Pick<MadeEntry, 'entry' | 'observedAt'>[];
}

/** What each station took when it was read last until a moment, in litres a minute, by its number. */
export function flowsUntil(visits: readonly VisitSeen[], until: string): Map<number, number> {
  const flows = new Map<number, number>();
  const entries = visits
    .flatMap(({ stations }) => stations)
    .filter(({ observedAt }) => observedAt <= until)
    .sort((a, b) => a.observedAt.localeCompare(b.observedAt));
  for (const { entry } of entries)
    if (entry.kind === 'station' && entry.flowLpm !== undefined)
      flows.set(entry.station, entry.flowLpm);
  return flows;
}
