import { HARDWARE_CODES } from './hardware-code.js';
import { hardwareFault, hardwareFaultsOf } from './hardware.js';
import type { Circuit } from './circuits.js';
import { suspectsOf, type CircuitsFound } from './suspects.js';

const STATIONS = [1, 2, 3, 4, 5, 6];
const found = (
  circuits: Readonly<Record<number, Circuit>>,
  more: Partial<CircuitsFound> = {},
): string[] =>
  suspectsOf({
    ...{ wiring: 'valve-wires', power: 'mains', stations: STATIONS, shut: [] },
    circuits: new Map(Object.entries(circuits).map(([at, circuit]) => [Number(at), circuit])),
    ...{ pump: null, lamp: 'none' },
    ...more,
  }).map(({ code, stations }) => [code, ...stations].join(' '));
const all = (circuit: Circuit) => Object.fromEntries(STATIONS.map((one) => [one, circuit]));

it.each<[string, string[], string[]]>([
  ['nothing was checked', found({}), []],
  ['all are fine', found(all('fine')), []],
  ['one is open', found({ ...all('fine'), 3: 'open' }), ['wire-open 3', 'coil-open 3']],
  ['all are open', found(all('open')), ['common-open 1 2 3 4 5 6']],
  [
    'some are open: their common before each of their wires',
    found({ ...all('fine'), 2: 'open', 5: 'open' }),
    ['common-open 2 5', 'wire-open 2 5', 'coil-open 2 5'],
  ],
  [
    'one is open, and another bridged',
    found({ ...all('fine'), 2: 'open', 5: 'short' }),
    ['wire-open 2', 'coil-open 2', 'coil-short 5'],
  ],
  [
    'whole, and yet shut: those of a module',
    found(all('fine'), { shut: [1, 2, 3, 4] }),
    ['module-dead 1 2 3 4'],
  ],
  [
    'whole, and yet shut: all of them',
    found(all('fine'), { shut: STATIONS }),
    ['transformer-dead 1 2 3 4 5 6'],
  ],
  [
    'the pump is open, the stations are fine',
    found(all('fine'), { pump: 'open' }),
    ['pump-circuit-open'],
  ],
  ['the pump is bridged', found({}, { pump: 'short', lamp: 'wiring' }), ['pump-circuit-short']],
  ['a program fault is no wire', found(all('fine'), { lamp: 'program' }), []],
  ['a dark display', found({}, { lamp: 'dark' }), ['transformer-dead', 'display-dark']],
  [
    'a dark display of a timer on batteries',
    found({}, { lamp: 'dark', power: 'battery' }),
    ['battery-flat', 'display-dark'],
  ],
  [
    'units beyond a break are silent',
    found({ ...all('fine'), 5: 'silent', 6: 'silent' }, { wiring: 'two-wire' }),
    ['cable-open 5 6'],
  ],
  [
    'two units that have nothing in common',
    found({ ...all('fine'), 2: 'silent', 5: 'silent' }, { wiring: 'two-wire' }),
    ['unit-silent 2 5'],
  ],
])('%s', (_what, is, expected) => {
  expect(is).toEqual(expected);
});

it('each says what to try before a part is ordered, and what to mind', () => {
  for (const code of HARDWARE_CODES) {
    const { tries, part, caution, tells, shows } = hardwareFault(code);
    expect([code, tries.length >= 3, new Set(tries).size === tries.length]).toEqual([
      code,
      true,
      true,
    ]);
    expect([part, caution, tells, shows].every((one) => one.length > 10)).toBe(true);
  }
});

it('what is of other wires, or of the mains, is not asked of a timer that has none', () => {
  const codes = (...of: Parameters<typeof hardwareFaultsOf>) =>
    hardwareFaultsOf(...of).map(({ code }) => code);
  expect(codes('valve-wires', 'mains')).not.toContain('cable-open');
  expect(codes('two-wire', 'mains')).not.toContain('module-dead');
  expect(codes('valve-wires', 'battery')).not.toContain('transformer-dead');
  expect(codes('valve-wires', 'battery')).toContain('battery-flat');
});
