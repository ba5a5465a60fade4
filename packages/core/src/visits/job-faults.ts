import { HARDWARE_CODES, hardwareFault, type HardwareCode } from '../faults/index.js';
import { listInWords } from '../words/index.js';
import { FAULT_NAMES, STATION_FAULTS, type StationFault } from './station-faults.js';

/** What a job is to mend: what is wrong at a station, or what is broken of the timer and its wires. */
export type JobFault = StationFault | HardwareCode;

export const JOB_FAULTS: readonly JobFault[] = [...STATION_FAULTS, ...HARDWARE_CODES];

export const jobFaultName = (fault: JobFault): string => {
  const ofStation = STATION_FAULTS.find((one) => one === fault);
  if (ofStation !== undefined) return FAULT_NAMES[ofStation];
  return HARDWARE_CODES.filter((one) => one === fault).map((one) => hardwareFault(one).name)[0]!;
};

/** Where a job is: at one station, or at the timer. */
export interface JobPlace {
  /** Null: it is of the timer, its wires or what hangs on them. */
  readonly station: number | null;
  /** Of what is of the timer, the stations that stay shut by it. */
  readonly stations: readonly number[];
  readonly fault: JobFault;
}

/**
 * What is to be done where.
 *
 * @example "Station 3 (Side lawn): Leak", "Timer: A broken common wire, stations 1, 2 and 3"
 */
export function jobInWords({ station, stations, fault }: JobPlace, stationName = ''): string {
  const name = jobFaultName(fault);
  if (station !== null) return `Station ${station}${stationName && ` (${stationName})`}: ${name}`;
  return `Timer: ${name}${stations.length > 0 ? `, ${stationsInWords(stations)}` : ''}`;
}

/** @example "station 3", "stations 1, 2 and 6" */
export const stationsInWords = (stations: readonly number[]): string =>
  `station${stations.length === 1 ? '' : 's'} ${listInWords(stations.map(String))}`;
