import type { YardStation } from '@water-clock/core/yards';

/** The station that the address asks for; else the first. */
export const stationAsked = (
  stations: readonly YardStation[],
  asked: string | null,
): YardStation | undefined =>
  stations.find(({ number }) => String(number) === asked) ?? stations[0];
