import { queryOptions } from '@tanstack/react-query';
import { request } from './client';

export interface ShareLink {
  readonly id: string;
  readonly madeAt: string;
  readonly expiresAt: string;
}

export interface SheetListing {
  readonly id: string;
  readonly madeAt: string;
  readonly person: string;
  /** Those that still lead to it. */
  readonly links: readonly ShareLink[];
}

const KEY = 'sheets';
export const sheetsKey = [KEY];

/** The sheets that were left at a timer, the newest first. */
export const sheetsQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', timerId],
    queryFn: () => request<SheetListing[]>(`/timers/${timerId}/sheets`),
  });

export const pdfAddress = (sheetId: string): string => `/api/sheets/${sheetId}/sheet.pdf`;

export const shareSheet = (sheetId: string, days: number): Promise<ShareLink & { token: string }> =>
  request(`/sheets/${sheetId}/links`, { method: 'POST', body: { days } });

export const withdrawLink = (linkId: string): Promise<void> =>
  request(`/links/${linkId}`, { method: 'DELETE' });
