import type { WeatherListing } from '../api/weather';
import { counted } from '@water-clock/core/words';
import type { WeatherFile, WeatherRecord } from '@water-clock/core/weather';

export const KIND_NAMES: Record<WeatherRecord['kind'], string> = {
  daily: 'days that were read',
  monthly: 'a table by month',
  simulated: 'simulated',
};

/** What there is: "412 days, 2025-01-01 to 2026-02-16", "a table by month", "simulated". */
export const recordWords = ({
  kind,
  days,
  from,
  to,
}: Pick<WeatherListing, 'kind' | 'days' | 'from' | 'to'>): string =>
  kind === 'daily'
    ? days === 0
      ? 'no days yet'
      : `${counted(days, 'day')}, ${from} to ${to}`
    : KIND_NAMES[kind];

export const listingOf = ({ record }: Pick<WeatherFile, 'record'>) => {
  const days = record.kind === 'daily' ? record.days : [];
  const [from, to] = [days[0]?.date ?? null, days.at(-1)?.date ?? null];
  return { kind: record.kind, days: days.length, from, to };
};
