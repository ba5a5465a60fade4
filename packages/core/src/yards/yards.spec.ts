import { readPlan, type Plan } from '../settings/index.js';
import {
  assignAndAdd,
  assignInOrder,
  readYard,
  setModule,
  setWire,
  unitsFound,
  wiringOf,
  withFollowers,
  withYard,
  yardFor,
  type Yard,
} from './index.js';

function yardOf(stations: object[], fields: object = {}): Yard {
  const read = readYard({ format: 'waterclock.yard/1', stations, ...fields });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

function planOf(stations: object[], runs: [number, number][], timer: object = {}): Plan {
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer,
    stations,
    programs: [{ id: 'A', runs: runs.map(([station, seconds]) => ({ station, seconds })) }],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const problemsOf = (document: unknown) => {
  const read = readYard(document);
  return read.ok ? [] : read.trouble.map(({ path }) => path);
};

const runsOf = (plan: Plan) =>
  plan.programs[0]!.runs.map(({ station, seconds }) => [station, seconds]);

describe('a yard', () => {
  it('is read with its defaults', () => {
    expect(yardOf([{ number: 3, soil: 'loam' }]).stations).toEqual([
      expect.objectContaining({ number: 3, soil: 'loam', enabled: true, rainSensor: true }),
    ]);
  });

  it('names all that is wrong with it', () => {
    const stations = [{ number: 1, soil: 'mud', areaSquareMetres: 0, slopePercent: -1 }];
    expect(problemsOf({ format: 'waterclock.yard/1', stations, gate: 1 }).sort()).toEqual([
      'gate',
      'stations[0].areaSquareMetres',
      'stations[0].slopePercent',
      'stations[0].soil',
    ]);
  });

  it('lets a station follow another that is there and follows none itself', () => {
    const stations = [
      { number: 1, follows: 1 },
      { number: 2, follows: 9 },
      { number: 3, follows: 4 },
      { number: 4, follows: 5 },
      { number: 5 },
      { number: 5 },
    ];
    expect(problemsOf({ format: 'waterclock.yard/1', stations })).toEqual([
      'stations[0].follows',
      'stations[1].follows',
      'stations[2].follows',
      'stations[5].number',
    ]);
  });
});

describe('what hangs on the wires', () => {
  it('is named where it is twice, and where it says what cannot be', () => {
    const stations = [
      { number: 1, valveUnit: { serial: 'VU-1' } },
      { number: 2, valveUnit: { serial: ' vu-1 ' } },
      { number: 3, valveUnit: { serial: 'VU-1', address: 2 } },
      { number: 4, valveUnit: { serial: '  ' }, followsFor: 'sensor' },
      { number: 5, valveUnit: { serial: 'VU-5', lastTest: { on: '2 June', result: 'odd' } } },
    ];
    expect(problemsOf({ format: 'waterclock.yard/1', stations }).sort()).toEqual([
      'stations[3].valveUnit.serial',
      'stations[4].valveUnit.lastTest.on',
      'stations[4].valveUnit.lastTest.result',
    ]);
    stations.splice(3);
    stations.push({ number: 4, valveUnit: { serial: 'VU-4' }, followsFor: 'sensor' });
    const modules = [
      { slot: 1, gives: 4 },
      { slot: 1, gives: 8 },
    ];
    const document = { format: 'waterclock.yard/1', stations, modules, stationsFitted: 12 };
    expect(problemsOf(document).sort()).toEqual([
      'modules[1].slot',
      'stationsFitted',
      'stations[1].valveUnit.serial',
      'stations[3].followsFor',
    ]);
  });

  it('tells wires without a station, stations without a wire, and those without a terminal', () => {
    const yard = yardOf([{ number: 1 }, { number: 2 }, { number: 9 }], {
      modules: [
        { slot: 1, gives: 4 },
        { slot: 3, gives: 2 },
      ],
      wires: [1, 5],
    });
    expect(wiringOf(yard, 48)).toEqual({
      modules: [
        { slot: 1, from: 1, to: 4 },
        { slot: 3, from: 5, to: 6 },
      ],
      gives: 6,
      wiresWithoutStation: [5],
      stationsWithoutWire: [2, 9],
      stationsWithoutTerminal: [9],
    });
    expect(wiringOf(yardOf([{ number: 1 }]), 12)).toEqual({
      ...{ modules: [], gives: 12, wiresWithoutStation: [] },
      ...{ stationsWithoutWire: [], stationsWithoutTerminal: [] },
    });
    expect(wiringOf(yardOf([{ number: 5 }], { stationsFitted: 4 }), 12)).toMatchObject({
      gives: 4,
      stationsWithoutTerminal: [5],
    });
  });

  it('fills the stations without a unit in the order in which units answered', () => {
    const yard = yardOf([{ number: 1 }, { number: 2, valveUnit: { serial: 'B' } }, { number: 3 }]);
    const units = [{ serial: 'b' }, { serial: 'C', address: 3 }, { serial: 'A' }, { serial: 'D' }];
    const assigned = assignInOrder(units)(yard).stations.map(({ valveUnit }) => valveUnit);
    expect(assigned).toEqual([{ serial: 'C', address: 3 }, { serial: 'B' }, { serial: 'A' }]);
  });

  it('knows a unit that answered by its serial where nobody wrote down its address, else by both', () => {
    const yard = yardOf([
      { number: 1, valveUnit: { serial: ' vu-1' } },
      { number: 2, valveUnit: { serial: 'VU-2', address: 1 } },
      { number: 3, valveUnit: { serial: 'VU-9' } },
      { number: 4 },
    ]);
    const found = [
      { serial: 'VU-1', address: 7 },
      { serial: 'VU-2', address: 1 },
      { serial: 'VU-2', address: 2 },
      { serial: 'VU-5', address: 5 },
    ];
    const { free, silent } = unitsFound(yard, found);
    expect(free).toEqual(found.slice(2));
    expect(silent.map(({ number }) => number)).toEqual([3]);
    expect(assignInOrder(found)(yard).stations[3]!.valveUnit).toEqual(found[2]);
    const added = assignAndAdd(found, 12)(yard).stations;
    expect(added.slice(3).map(({ number, valveUnit }) => [number, valveUnit])).toEqual([
      [4, found[2]],
      [5, found[3]],
    ]);
    expect(assignAndAdd(found, 4)(yard).stations).toHaveLength(4);
  });

  it('says how many stations there are by its modules alone, once they are known', () => {
    const before = yardOf([], { stationsFitted: 12 });
    const after = setModule(1, 8)(before);
    expect(after).toMatchObject({ modules: [{ slot: 1, gives: 8 }] });
    expect(after).not.toHaveProperty('stationsFitted');
    expect(setModule(1, 0)(after)).not.toHaveProperty('modules');
    expect(setWire(3, false)(setWire(1, true)(setWire(3, true)(after))).wires).toEqual([1]);
  });
});

describe('settings for a yard', () => {
  const plan = planOf(
    [{ number: 1, name: 'Old', cycleSeconds: 300, soakSeconds: 900, flowLpm: 9 }, { number: 2 }],
    [
      [1, 600],
      [2, 300],
    ],
  );

  it('have what the yard says of each station, and keep cycles and run times', () => {
    const changed = withYard(
      plan,
      yardOf([{ number: 2 }, { number: 1, name: 'Verge', head: 'spray' }]),
    );
    expect(changed.stations).toEqual([
      {
        number: 1,
        name: 'Verge',
        head: 'spray',
        enabled: true,
        rainSensor: true,
        freezeSensor: true,
        cycleSeconds: 300,
        soakSeconds: 900,
      },
      { number: 2, enabled: true, rainSensor: true, freezeSensor: true },
    ]);
    expect(runsOf(changed)).toEqual([
      [1, 600],
      [2, 300],
    ]);
  });

  it('lose stations that the yard has no more, with their run times', () => {
    const changed = withYard(plan, yardOf([{ number: 2 }, { number: 7 }]));
    expect(changed.stations.map(({ number }) => number)).toEqual([2, 7]);
    expect(runsOf(changed)).toEqual([[2, 300]]);
    expect(readPlan(JSON.parse(JSON.stringify(changed))).ok).toBe(true);
  });

  it('come back as the yard they were made for', () => {
    const yard = yardOf(
      [
        { number: 1, name: 'Verge', soil: 'clay', follows: 2, notes: 'Wet corner', flowLpm: 20 },
        {
          number: 2,
          plant: 'warm turf',
          sun: 'shade',
          areaSquareMetres: 40,
          slopePercent: 3,
          school: 'minute',
          catchTest: { millilitres: [20, 30.5], mouthSquareCentimetres: 80, minutes: 10 },
        },
      ],
      { school: 'measurement', monthPercents: [0, 0, 20, 40, 70, 90, 100, 90, 70, 40, 10, 0] },
    );
    expect(JSON.parse(JSON.stringify(yardFor(withYard(plan, yard), yard)))).toEqual(
      JSON.parse(JSON.stringify(yard)),
    );
  });

  it('know turf as turf alone, which does not take from the yard what it knows', () => {
    const yard = yardOf([
      { number: 1, plant: 'cool turf' },
      { number: 2, plant: 'warm turf' },
    ]);
    const changed = withYard(plan, yard);
    expect(changed.stations.map(({ plant }) => plant)).toEqual(['turf', 'turf']);
    changed.stations[1]!.plant = 'shrubs';
    const back = yardFor(changed, yard);
    expect(back.stations.map(({ plant }) => plant)).toEqual(['cool turf', 'shrubs']);
  });
});

describe('a follower', () => {
  const stations = [
    { number: 1, cycleSeconds: 300, soakSeconds: 900 },
    { number: 2 },
    { number: 3 },
  ];
  const yard = yardOf([{ number: 1 }, { number: 2 }, { number: 3, follows: 1 }]);

  it('takes run time, cycle and soak of its leader', () => {
    const changed = withFollowers(
      planOf(stations, [
        [1, 600],
        [2, 60],
        [3, 5],
      ]),
      yard,
    );
    expect(runsOf(changed)).toEqual([
      [1, 600],
      [2, 60],
      [3, 600],
    ]);
    expect(changed.stations[2]).toMatchObject({ cycleSeconds: 300, soakSeconds: 900 });
  });

  it('comes into each program of its leader, and out of those without', () => {
    expect(runsOf(withFollowers(planOf(stations, [[1, 600]]), yard))).toEqual([
      [1, 600],
      [3, 600],
    ]);
    expect(
      runsOf(
        withFollowers(
          planOf(stations, [
            [2, 60],
            [3, 5],
          ]),
          yard,
        ),
      ),
    ).toEqual([[2, 60]]);
  });

  it('keeps its place in a list where the timer goes by the list', () => {
    const listed = planOf(
      stations,
      [
        [3, 5],
        [2, 60],
        [1, 600],
      ],
      { stationOrder: 'listed' },
    );
    expect(runsOf(withFollowers(listed, yard))).toEqual([
      [3, 600],
      [2, 60],
      [1, 600],
    ]);
  });
});
