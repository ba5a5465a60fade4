import { queryOptions } from '@tanstack/react-query';
import { request, type Api } from './request';

export type ShareLink = Api['LinkListing'];
export type SheetListing = Api['SheetListing'];

const KEY = 'sheets';
export const sheetsKey = [KEY];

/** The sheets that were left at a timer, the newest first. */
export const sheetsQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', timerId],
    queryFn: () => request('get', '/api/timers/{timerId}/sheets', { path: { timerId } }),
  });

export const pdfAddress = (sheetId: string): string => `/api/sheets/${sheetId}/sheet.pdf`;

/** `photoIds`: the photos that it shows, in their order. */
export const shareSheet = (
  sheetId: string,
  days: number,
  photoIds: readonly string[] = [],
): Promise<Api['LinkAnswer']> =>
  request('post', '/api/sheets/{sheetId}/links', {
    path: { sheetId },
    body: { days, photoIds: [...photoIds] },
  });

export const withdrawLink = (linkId: string): Promise<void> =>
  request('delete', '/api/links/{linkId}', { path: { linkId } });
