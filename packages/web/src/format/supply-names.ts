import type { SupplySource } from '@water-clock/core/settings';

/** Where water comes from, in words. */
export const SUPPLY_NAMES: Record<SupplySource, string> = {
  mains: 'mains',
  bore: 'bore',
  tank: 'tank with a pump',
  pond: 'pond with a pump',
  reclaimed: 'reclaimed water',
};
