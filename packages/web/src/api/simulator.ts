import type { Plan } from '@water-clock/core/settings';
import { queryOptions } from '@tanstack/react-query';
import { request, type Api } from './request';

/** A simulated timer in the place of the one on the wall, as it is now. */
export type SimulatorState = Api['SimulatorAnswer'];

export type SimulatorCommand =
  | { readonly command: 'run-station'; readonly station: number; readonly seconds: number }
  | { readonly command: 'stop' };

/** Null: none hangs there, or there is no simulator. */
export const simulatorQuery = (timerId: string) =>
  queryOptions({
    queryKey: ['simulator', timerId],
    queryFn: () =>
      request('get', '/api/timers/{timerId}/simulator', { path: { timerId } }).catch(() => null),
    refetchInterval: ({ state }) => (state.data ? 2000 : false),
  });

export const connectSimulator = (
  timerId: string,
  reads: string,
  document: Plan,
): Promise<SimulatorState> =>
  request('put', '/api/timers/{timerId}/simulator', {
    path: { timerId },
    body: { reads, document },
  });

export const commandSimulator = (
  timerId: string,
  body: SimulatorCommand,
): Promise<SimulatorState> =>
  request('post', '/api/timers/{timerId}/simulator/commands', { path: { timerId }, body });

export const readSimulator = (timerId: string, station: number): Promise<Api['MeterAnswer']> =>
  request('get', '/api/timers/{timerId}/simulator/stations/{station}/reading', {
    path: { timerId, station },
  });

/** The valve units that answer on the two wires, the nearest first. */
export const searchUnits = (timerId: string): Promise<Api['CableAnswer']> =>
  request('get', '/api/timers/{timerId}/simulator/units', { path: { timerId } });

export const testUnit = (timerId: string, serial: string): Promise<Api['UnitTestAnswer']> =>
  request('get', '/api/timers/{timerId}/simulator/units/{serial}/test', {
    path: { timerId, serial },
  });
