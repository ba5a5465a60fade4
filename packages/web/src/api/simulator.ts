import type { Plan } from '@water-clock/core/settings';
import type { TimerHandling } from '@water-clock/core/timer-types';
import { queryOptions } from '@tanstack/react-query';
import { request, type Api } from './request';

/** A simulated timer in the place of the one on the wall, as it is now. */
export type SimulatorState = Api['SimulatorAnswer'];

export type FrontButton = 'back' | 'forth' | 'part' | 'program' | 'minus' | 'plus';
export type ValveFault = 'open' | 'short' | 'stuck' | 'stuck-open';

export type SimulatorCommand =
  | {
      readonly command: 'run-station' | 'run-from';
      readonly station: number;
      readonly seconds: number;
    }
  | { readonly command: 'run-program'; readonly program: string }
  | { readonly command: 'run-all'; readonly seconds: number }
  | { readonly command: 'press'; readonly button: FrontButton; readonly times: number }
  | { readonly command: 'switches'; readonly isOff: boolean; readonly isBypassed: boolean }
  | { readonly command: 'clock'; readonly speed: number }
  | { readonly command: 'advance'; readonly seconds: number }
  | { readonly command: 'rain-delay'; readonly hours: number }
  | { readonly command: 'sensor'; readonly isWet?: boolean; readonly isFreezing?: boolean }
  | { readonly command: 'fault'; readonly station: number; readonly fault: ValveFault | 'none' }
  | { readonly command: 'cut-power'; readonly hasBattery: boolean }
  | {
      readonly command: 'stop' | 'next-station' | 'restore-power' | 'back-up' | 'restore' | 'reset';
    };

/** Null: none hangs there, or there is no simulator. */
export const simulatorQuery = (timerId: string) =>
  queryOptions({
    queryKey: ['simulator', timerId],
    queryFn: () =>
      request('get', '/api/timers/{timerId}/simulator', { path: { timerId } }).catch(() => null),
    refetchInterval: ({ state }) => (state.data ? 2000 : false),
  });

/** The simulated timers that hang at homes of the firm. */
export const simulatedTimersQuery = queryOptions({
  queryKey: ['simulator', 'all'],
  queryFn: () => request('get', '/api/simulated-timers'),
});

/** `handling`: how its kind asks. */
export const connectSimulator = (
  timerId: string,
  reads: string,
  document: Plan,
  handling?: TimerHandling,
): Promise<SimulatorState> =>
  request('put', '/api/timers/{timerId}/simulator', {
    path: { timerId },
    body: { reads, document, ...(handling && { handling }) },
  });

/** What meters show at a station's terminal; `fault`: as it is by now. */
export const meterQuery = (timerId: string, station: number, fault: string) =>
  queryOptions({
    queryKey: ['simulator', timerId, 'meter', station, fault],
    queryFn: () => readSimulator(timerId, station),
  });

/** Where what the simulated timer did is had as CSV. */
export const simulatorLogPath = (timerId: string): string =>
  `/api/timers/${timerId}/simulator/log.csv`;

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
