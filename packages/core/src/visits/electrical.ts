/** What a meter shows of a station's valve. */
export type ElectricalReading = { readonly ohms: number } | { readonly amps: number };

/** `unusual`: neither whole by its looks nor plainly broken. */
export type ElectricalVerdict = 'open' | 'short' | 'in-range' | 'unusual';

interface Bounds {
  readonly short: number;
  readonly low: number;
  readonly high: number;
  readonly open: number;
}

/**
 * Ohms of valve coils as they are commonly met: some 20 to 60 on the 24 volts of a mains timer, a few on
 * the pulses of a battery timer. The valve's own sheet goes before these.
 */
const OHMS: Readonly<Record<'mains' | 'battery', Bounds>> = {
  mains: { short: 10, low: 20, high: 60, open: 200 },
  battery: { short: 1, low: 3, high: 15, open: 50 },
};

/** Amperes of one valve that is held open on 24 volts; inrush stays below the short. */
const AMPS: Bounds = { open: 0.03, low: 0.1, high: 0.5, short: 0.8 };

/** Judges a reading at a station's terminal. Current is judged for mains timers only: a battery's is a pulse. */
export function judgeReading(
  reading: ElectricalReading,
  power: 'mains' | 'battery',
): ElectricalVerdict {
  if ('ohms' in reading) {
    const { short, low, high, open } = OHMS[power];
    if (reading.ohms < short) return 'short';
    if (reading.ohms > open) return 'open';
    return reading.ohms >= low && reading.ohms <= high ? 'in-range' : 'unusual';
  }
  if (power === 'battery') return 'unusual';
  if (reading.amps < AMPS.open) return 'open';
  if (reading.amps > AMPS.short) return 'short';
  return reading.amps >= AMPS.low && reading.amps <= AMPS.high ? 'in-range' : 'unusual';
}

export const VERDICT_NAMES: Readonly<Record<ElectricalVerdict, string>> = {
  open: 'open: broken wire or coil',
  short: 'short: bridged wire or coil',
  'in-range': 'in range',
  unusual: 'unusual: look closer',
};
