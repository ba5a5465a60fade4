import type { Found } from '../api/search';
import type { Line } from './line';

const SORTS: Record<Found['kind'], string> = {
  property: 'home',
  timer: 'timer',
  station: 'station',
  job: 'job',
  person: 'person',
};

/** Where something that was found is looked at. */
function placeOf({ kind, propertyId, timerId, station }: Found): string {
  switch (kind) {
    case 'person':
      return '/firm';
    case 'timer':
      return `/timers/${timerId}`;
    case 'station':
      return `/properties/${propertyId}/week?timer=${timerId}&station=${station}`;
    case 'property':
    case 'job':
      return `/properties/${propertyId}`;
  }
}

export const foundLines = (found: readonly Found[]): Line[] =>
  found.map((one, index) => ({
    key: `found ${index}`,
    title: one.title,
    where: one.where,
    sort: SORTS[one.kind],
    act: placeOf(one),
  }));
