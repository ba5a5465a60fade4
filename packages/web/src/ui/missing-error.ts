import type { UseQueryResult } from '@tanstack/react-query';

/**
 * Why what is asked for cannot be had. An answer from before is better than none: without signal the device has only
 * those.
 */
export const missingError = (queries: readonly UseQueryResult[]): Error | null =>
  queries.find(({ error, data }) => error && data === undefined)?.error ?? null;
