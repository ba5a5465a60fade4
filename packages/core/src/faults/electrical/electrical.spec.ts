import { ELECTRICAL_FAULTS, electricalFaultsOf } from './index.js';

const STATIONS = [1, 2, 3, 4, 5, 6];
const codes = (
  shut: number[],
  reading: 'open' | 'short' | 'fine' | null,
  wiring = 'valve-wires' as const,
) => electricalFaultsOf({ wiring, stations: STATIONS, shut, reading }).map(({ code }) => code);

it.each([
  [
    'one station, nobody measured',
    [3],
    null,
    ['wire-open', 'coil-short', 'coil-open', 'splice-wet'],
  ],
  ['one station without a circuit', [3], 'open', ['wire-open', 'coil-open']],
  ['one station that is bridged', [3], 'short', ['coil-short']],
  ['one station of which the coil is whole', [3], 'fine', ['splice-wet']],
  ['all stations without a circuit', STATIONS, 'open', ['common-open']],
  ['all stations, coils whole', STATIONS, 'fine', ['transformer-dead']],
  ['those of the first module', [1, 2, 3, 4], 'fine', ['module-dead']],
  ['those of the second module, as far as they are wired', [5, 6], null, ['module-dead']],
  ['two that have nothing in common', [2, 5], null, []],
] as const)('%s', (_what, shut, reading, expected) => {
  expect(codes([...shut], reading)).toEqual(expected);
});

it('on two wires ohms say nothing, and what lies beyond a break is shut with it', () => {
  const twoWire = (shut: number[]) =>
    electricalFaultsOf({ wiring: 'two-wire', stations: STATIONS, shut, reading: 'open' }).map(
      ({ code }) => code,
    );
  expect(twoWire([4, 5, 6])).toEqual(['cable-open']);
  // The last of all may be a unit, or the cable before it.
  expect(twoWire([6])).toEqual(['unit-silent', 'cable-open']);
  expect(twoWire(STATIONS)).toEqual(['cable-open', 'cable-short']);
});

it('each says how it shows, what tells it apart, what to do and what to mind, in words of its own', () => {
  for (const field of ['name', 'shows', 'tells', 'mend'] as const)
    expect(ELECTRICAL_FAULTS.every((fault) => fault[field].length > 10)).toBe(true);
  const tells = ELECTRICAL_FAULTS.map((fault) => fault.tells);
  expect(new Set(tells).size).toBe(ELECTRICAL_FAULTS.length);
  expect(ELECTRICAL_FAULTS.every(({ caution }) => caution.includes('Power off'))).toBe(true);
});
