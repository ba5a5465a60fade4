import { Amount, Nested, readObject, ROOT_PATH, type DocumentProblem } from '../documents/index.js';
import type { Circuit } from '../faults/index.js';
import { err, ok, type Result } from '../kernel/index.js';

/** What a meter shows of a station's valve. */
export type ElectricalReading = { readonly ohms: number } | { readonly amps: number };

/** `unusual`: neither whole by its looks nor plainly broken. */
export type ElectricalVerdict = 'open' | 'short' | 'in-range' | 'unusual';

const MOST_OHMS = 100_000;

/** Below `short` it is bridged, above `open` there is no circuit, from `low` to `high` it is as it should be. */
export class OhmLimits {
  @Amount(0, MOST_OHMS) short!: number;
  @Amount(0, MOST_OHMS) low!: number;
  @Amount(0, MOST_OHMS) high!: number;
  @Amount(0, MOST_OHMS) open!: number;
}

const ohms = (limits: OhmLimits): OhmLimits => Object.assign(new OhmLimits(), limits);

/**
 * By which a firm judges what a meter shows. As they begin: coils as they are commonly met, some 20 to 60 ohms on the
 * 24 volts of a mains timer, a few on the pulses of a battery timer. The valve's own sheet goes before these.
 */
export class CoilLimits {
  /** On the 24 volts of a mains timer. */
  @Nested(() => OhmLimits) mains = ohms({ short: 10, low: 20, high: 60, open: 200 });
  /** On the pulses of a battery timer. */
  @Nested(() => OhmLimits) battery = ohms({ short: 1, low: 3, high: 15, open: 50 });
}

/** Reads a firm's limits; every problem is reported at once, each with its JSON path. */
export function readCoilLimits(document: unknown): Result<CoilLimits, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const limits = readObject(CoilLimits, document, ROOT_PATH, problems);
  if (problems.length > 0) return err(problems);
  for (const power of ['mains', 'battery'] as const)
    for (const [name, before] of UPWARDS)
      if (limits[power][name] < limits[power][before])
        problems.push({ path: `${power}.${name}`, message: `must not be below ${before}` });
  return problems.length === 0 ? ok(limits) : err(problems);
}

const UPWARDS = [
  ['low', 'short'],
  ['high', 'low'],
  ['open', 'high'],
] as const;

/** Amperes of one valve that is held open on 24 volts; inrush stays below the short. */
const AMPS = { open: 0.03, low: 0.1, high: 0.5, short: 0.8 };

/** Judges a reading at a station's terminal. Current is judged for mains timers only: a battery's is a pulse. */
export function judgeReading(
  reading: ElectricalReading,
  power: 'mains' | 'battery',
  limits: CoilLimits = new CoilLimits(),
): ElectricalVerdict {
  if ('ohms' in reading) {
    const { short, low, high, open } = limits[power];
    if (reading.ohms < short) return 'short';
    if (reading.ohms > open) return 'open';
    return reading.ohms >= low && reading.ohms <= high ? 'in-range' : 'unusual';
  }
  if (power === 'battery') return 'unusual';
  if (reading.amps < AMPS.open) return 'open';
  if (reading.amps > AMPS.short) return 'short';
  return reading.amps >= AMPS.low && reading.amps <= AMPS.high ? 'in-range' : 'unusual';
}

/** What a reading says of a station's circuit; null: neither whole nor plainly broken. */
export const circuitOf = (verdict: ElectricalVerdict): Circuit | null => CIRCUIT_OF[verdict];

const CIRCUIT_OF = { open: 'open', short: 'short', 'in-range': 'fine', unusual: null } as const;

export const VERDICT_NAMES: Readonly<Record<ElectricalVerdict, string>> = {
  open: 'open: broken wire or coil',
  short: 'short: bridged wire or coil',
  'in-range': 'in range',
  unusual: 'unusual: look closer',
};
