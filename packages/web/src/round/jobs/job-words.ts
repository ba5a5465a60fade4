import { FAULT_NAMES } from '@water-clock/core/visits';
import type { JobOfFirm } from '../../api/visits';

/** What is to be done where at its home: "Station 3 (Side lawn): Leak". */
export const jobName = ({ station, stationName, fault }: JobOfFirm): string =>
  `Station ${station}${stationName && ` (${stationName})`}: ${FAULT_NAMES[fault]}`;

/** A price with its currency; empty where none is known. */
export const priceWords = (price: number | null, currency: string): string =>
  price === null ? '' : `${price.toFixed(2)} ${currency}`;
