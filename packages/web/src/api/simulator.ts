import type { Plan } from '@water-clock/core/settings';
import { queryOptions } from '@tanstack/react-query';
import { request } from './client';

/** A simulated timer in the place of the one on the wall, as it is now. */
export interface SimulatorState {
  /** What its clock shows. */
  readonly clock: string;
  readonly speed: number;
  readonly open: readonly {
    readonly station: number;
    readonly program: string;
    readonly secondsLeft: number;
  }[];
}

export type SimulatorCommand =
  | { readonly command: 'run-station'; readonly station: number; readonly seconds: number }
  | { readonly command: 'stop' };

/** Null: none hangs there, or there is no simulator. */
export const simulatorQuery = (timerId: string) =>
  queryOptions({
    queryKey: ['simulator', timerId],
    queryFn: () => request<SimulatorState>(`/timers/${timerId}/simulator`).catch(() => null),
    refetchInterval: ({ state }) => (state.data ? 2000 : false),
  });

export const connectSimulator = (
  timerId: string,
  reads: string,
  document: Plan,
): Promise<SimulatorState> =>
  request(`/timers/${timerId}/simulator`, { method: 'PUT', body: { reads, document } });

export const commandSimulator = (
  timerId: string,
  command: SimulatorCommand,
): Promise<SimulatorState> =>
  request(`/timers/${timerId}/simulator/commands`, { method: 'POST', body: command });

export const readSimulator = (timerId: string, station: number): Promise<{ ohms: number | null }> =>
  request(`/timers/${timerId}/simulator/stations/${station}/reading`);
