import type { Plan } from '@water-clock/core/settings';
import { queryOptions } from '@tanstack/react-query';
import { request } from './client';

/** A simulated timer in the place of the one on the wall, as it is now. */
export interface StandIn {
  /** What its clock shows. */
  readonly clock: string;
  readonly speed: number;
  readonly open: readonly {
    readonly station: number;
    readonly program: string;
    readonly secondsLeft: number;
  }[];
}

export type StandInCommand =
  | { readonly command: 'run-station'; readonly station: number; readonly seconds: number }
  | { readonly command: 'stop' };

/** Null: none hangs there, or there is no bench. */
export const standInQuery = (timerId: string) =>
  queryOptions({
    queryKey: ['stand-in', timerId],
    queryFn: () => request<StandIn>(`/timers/${timerId}/stand-in`).catch(() => null),
    refetchInterval: ({ state }) => (state.data ? 2000 : false),
  });

export const hangUpStandIn = (timerId: string, reads: string, document: Plan): Promise<StandIn> =>
  request(`/timers/${timerId}/stand-in`, { method: 'PUT', body: { reads, document } });

export const commandStandIn = (timerId: string, command: StandInCommand): Promise<StandIn> =>
  request(`/timers/${timerId}/stand-in/commands`, { method: 'POST', body: command });

export const readStandIn = (timerId: string, station: number): Promise<{ ohms: number | null }> =>
  request(`/timers/${timerId}/stand-in/stations/${station}/reading`);
