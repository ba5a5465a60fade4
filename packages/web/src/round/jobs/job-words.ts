import { jobInWords } from '@water-clock/core/visits';
import type { JobOfFirm } from '../../api/visits';

/** What is to be done where at its home. */
export const jobName = (job: JobOfFirm): string => jobInWords(job, job.stationName);

/** A price with its currency; empty where none is known. */
export const priceWords = (price: number | null, currency: string): string =>
  price === null ? '' : `${price.toFixed(2)} ${currency}`;
