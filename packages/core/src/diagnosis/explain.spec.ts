import { FAULT_CODES, flowsOf, unlikelihood, type Fault, type FaultCode } from '../faults/index.js';
import { casesIn, readWhole } from '../testing/cases.js';
import { explain } from './explain.js';
import { readSeen, type Seen } from './seen.js';
import { hiddenFault, rankOf, type HiddenFault } from './testing/hidden-fault.js';
import { Sightings } from './what-holds.js';

const scoreOf = ({ explains, against }: { explains: number; against: number }) =>
  explains - against;

function readWholeSeen(document: unknown): Seen {
  const read = readSeen(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

/** One of the causes that make the water that was seen; numbers that were read off a clock or a meter are near. */
interface Accepted {
  readonly code: string;
  readonly program?: string;
  readonly station?: number;
  readonly percent?: number;
  readonly time?: string;
  readonly offSeconds?: readonly number[];
  readonly within?: number;
}

interface SeenCase {
  readonly plan: unknown;
  readonly seen: unknown;
  readonly accept: readonly Accepted[];
}

const minutesOf = (time: string) => 60 * Number(time.slice(0, 2)) + Number(time.slice(3));

function isAccepted(fault: Fault, accepted: Accepted): boolean {
  const { code, within = 0, program, station, percent, time, offSeconds } = accepted;
  if (fault.code !== code) return false;
  if (program !== undefined && !('program' in fault && fault.program === program)) return false;
  if (station !== undefined && !('station' in fault && fault.station === station)) return false;
  if (fault.code === 'percent') return Math.abs(fault.percent - percent!) <= within;
  if (fault.code === 'clock')
    return offSeconds!.some((seconds) => Math.abs(seconds - fault.offSeconds) <= within);
  if ('time' in fault) return Math.abs(minutesOf(fault.time) - minutesOf(time!)) * 60 <= within;
  return true;
}

it.each(casesIn('seen'))('%s: what was hidden comes first', (_name, text) => {
  const { plan, seen, accept } = JSON.parse(text) as SeenCase;
  const [first] = explain(readWhole(plan), readWholeSeen(seen));
  expect(accept.some((one) => isAccepted(first!.fault, one))).toBe(true);
});

/** As many hidden faults of a kind as are asked for, by seed. */
function hidden(code: FaultCode, many: number): HiddenFault[] {
  const found: HiddenFault[] = [];
  for (let seed = 1; found.length < many; seed++) {
    const one = hiddenFault(seed, code);
    if (one) found.push(one);
  }
  return found;
}
const MANY = process.env['TEST_LONG'] ? 60 : 8;

describe.each(FAULT_CODES)('%s, hidden at random timers', (code) => {
  const cases = hidden(code, MANY);
  const answers = cases.map(({ plan, seen }) => explain(plan, seen));

  it('stands behind nothing that explains less, or as much and is less likely', () => {
    const ranks = cases.map((one, index) => rankOf(one, answers[index]!));
    expect(ranks.filter((rank) => rank !== 1 && rank !== null)).toEqual([]);
  });

  it('is told in an order that holds: best first, none twice, at most ten, each with words of its own', () => {
    for (const [index, causes] of answers.entries()) {
      const { seen, believed } = cases[index]!;
      expect(causes.length).toBeLessThanOrEqual(10);
      const sightings = new Sightings(seen);
      for (const { fault, explains, against, of } of causes)
        expect(sightings.fit(flowsOf(believed, fault))).toMatchObject({
          explains,
          against,
          holds: { length: of },
        });
      const ranks = causes.map((cause) => [scoreOf(cause), -unlikelihood(cause.fault)] as const);
      const sorted = [...ranks].sort(([a, b], [c, d]) => c - a || d - b);
      expect(ranks).toEqual(sorted);
      expect(new Set(causes.map(({ says }) => says)).size).toBe(causes.length);
      expect(
        causes.every(({ says, check }) => says.startsWith('This would fit: ') && check !== ''),
      ).toBe(true);
    }
  });

  it('lists what the timer is set to only where nothing speaks against it', () => {
    for (const [index, causes] of answers.entries()) {
      const { seen, believed } = cases[index]!;
      const set: Fault = { code: 'as-set' };
      const { explains, against, holds } = new Sightings(seen).fit(flowsOf(believed, set));
      const isListed = causes.some(({ fault }) => fault.code === 'as-set');
      expect(isListed).toBe(explains === holds.length && against === 0);
    }
  });
});
