import { asTimerSeconds } from '@water-clock/core/civil-time';
import {
  DIFFICULTIES,
  drawOf,
  freeCase,
  LESSONS,
  type PracticeCase,
} from '@water-clock/core/practice';
import { SimulatedTimer } from '../device/simulated-timer.js';
import { Front } from '../front/front.js';
import { PlayedCase } from './played-case.js';

const SEEDS = process.env['TEST_LONG'] ? [1, 2, 3, 4, 5, 6, 7, 8] : [1, 2, 3];
const MOST_PRESSES = 1500;

/** The front of a timer that is as it is wanted, at the same moment. */
function wantedFront({ of, trueTime }: PlayedCase): Front {
  const asks = {
    keyInOrder: ['clock', 'starts', 'run-times', 'days', 'percent', 'extras'] as const,
    ...{ intervalAskedAs: of.asks.intervalAskedAs, longestHoldDays: 14 },
  };
  return new Front(new SimulatedTimer(of.copy, trueTime), {
    ...asks,
    keyInOrder: [...asks.keyInOrder],
  });
}

/** By the buttons alone: at each value the front shows, on until it shows what is wanted there. */
function keyIn(played: PlayedCase): void {
  const wanted = wantedFront(played);
  const { front } = played;
  for (const program of played.of.copy.timer.programs) {
    for (let at = 0; at < 200; at++) {
      const place = front.display;
      const goal = goalAt(wanted, program, place.what, place.station);
      for (let press = 0; goal !== null && front.display.value !== goal; press++) {
        if (press > MOST_PRESSES) throw new Error(`${place.what} never shows ${goal}.`);
        const isAhead = place.what === 'Date' && played.device.clock > played.trueTime;
        front.press(isAhead ? 'minus' : 'plus');
      }
      front.press('forth');
      if (front.display.place === 1) break;
    }
    front.press('program');
    while (front.display.place !== 1) front.press('forth');
  }
}

/** What is to stand there; null: it is not asked for where all is as wanted, or is the clock's. */
function goalAt(
  wanted: Front,
  program: string,
  what: string,
  station: number | null,
): string | null {
  while (wanted.display.program !== program) wanted.press('program');
  const { of } = wanted.display;
  for (let at = 0; at < of; at++) {
    const { display } = wanted;
    if (display.what === what && display.station === station) return display.value;
    wanted.press('forth');
  }
  return null;
}

function putRight(played: PlayedCase): void {
  for (const hidden of played.of.hidden) {
    if (hidden.code === 'electrical') played.replace({ of: hidden.of, station: hidden.station });
    if (hidden.code === 'valve-stuck') played.replace({ of: 'valve', station: hidden.station });
    if (hidden.code === 'sensor-stuck') played.replace({ of: 'sensor', station: null });
  }
  if (played.device.settings.controller.off) played.device.setSwitches({ isOff: false });
  keyIn(played);
}

const caseOf = (code: string, seed: number): PracticeCase =>
  LESSONS.find((one) => one.code === code)!.make(drawOf(seed));

describe.each(LESSONS)('$code', ({ code }) => {
  it('is judged right when it was put right by its buttons, and wrong when nothing was done', () => {
    for (const seed of SEEDS) {
      const idle = new PlayedCase(caseOf(code, seed));
      idle.device.advance(600);
      expect(idle.judge()).toMatchObject({ isRight: false, needless: [] });
      const played = new PlayedCase(caseOf(code, seed));
      putRight(played);
      played.device.advance(600);
      expect(played.judge()).toEqual({ isRight: true, wrong: [], needless: [] });
      expect(played.front.presses).toBeGreaterThan(0);
    }
  });
});

it('free cases of one to three faults are right when put right, wrong as found, and no two of a seed alike', () => {
  const stories = new Set<string>();
  for (const difficulty of DIFFICULTIES)
    for (const seed of SEEDS) {
      const make = () => freeCase(drawOf(seed), difficulty);
      const idle = new PlayedCase(make());
      expect(idle.judge().isRight).toBe(false);
      expect(idle.of.told).toHaveLength(difficulty);
      const played = new PlayedCase(make());
      putRight(played);
      expect(played.judge()).toEqual({ isRight: true, wrong: [], needless: [] });
      stories.add(played.of.story);
    }
  expect(stories.size).toBeGreaterThan(2 * SEEDS.length);
});

it('what is shut is seen as a technician would see it: lit and dry, with what the meter shows', () => {
  const seen = [1, 2, 3, 4, 5].map((seed) => {
    const played = new PlayedCase(caseOf('electrical-faults', seed));
    const [hidden] = played.of.hidden;
    if (hidden?.code !== 'electrical') throw new Error('Another lesson.');
    played.device.runStation(hidden.station, 60);
    const { lit, open, shorted } = played.device.state;
    const ohms = played.device.readingOhms(hidden.station);
    const isShort = hidden.of === 'coil-short';
    expect({ lit, shorted, isDry: open.length === 0 }).toEqual({
      lit: isShort ? [] : [hidden.station],
      shorted: isShort ? [hidden.station] : [],
      isDry: true,
    });
    expect(isShort ? ohms! < 10 : ohms === null).toBe(true);
    return hidden.of;
  });
  expect(new Set(seen).size).toBeGreaterThan(1);
});

it('on two wires the units beyond a break do not answer, and a part that was whole is no cure', () => {
  let seed = 1;
  const isCable = ([hidden]: PracticeCase['hidden']) =>
    hidden?.code === 'electrical' && hidden.of === 'cable-open';
  while (!isCable(caseOf('two-wire-units', seed).hidden)) seed += 1;
  const played = new PlayedCase(caseOf('two-wire-units', seed));
  const answer = () => played.device.cable!.search().map(({ address }) => address);
  const [hidden] = played.of.hidden;
  const at = hidden && 'station' in hidden ? hidden.station : 0;
  expect(answer()).toEqual([1, 2, 3, 4].filter((station) => station < at));
  played.replace({ of: 'unit-silent', station: at });
  expect(answer()).toHaveLength(at - 1);
  expect(played.judge().needless).toEqual([
    `Replaced at station ${at} although it was whole: unit-silent.`,
  ]);
  played.replace({ of: 'cable-open', station: at });
  expect(answer()).toEqual([1, 2, 3, 4]);
});

it('its clock and true time go apart by what is hidden, and together once it is set', () => {
  const played = new PlayedCase(caseOf('clock-and-date', 1));
  const off = played.device.clock - played.trueTime;
  expect(Math.abs(off)).toBeGreaterThan(3600);
  played.device.advance(5000);
  expect(played.device.clock - played.trueTime).toBe(off);
  played.device.setClock(asTimerSeconds(played.trueTime + 30));
  expect(played.judge().isRight).toBe(true);
});
