import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { propertyFileSchema, readPropertyFile } from './index.js';

const PLAN = {
  format: 'waterclock.plan/2',
  timer: {},
  stations: [{ number: 1, name: 'Kerb strip', cycleSeconds: 360 }],
  programs: [
    {
      id: 'A',
      starts: ['04:00'],
      days: { mode: 'interval', everyDays: 3, anchor: '2026-06-02' },
      runs: [{ station: 1, seconds: 900 }],
    },
  ],
};

/** A property file with some of everything, to be changed by the tests. */
const file = () => ({
  format: 'waterclock.property/2',
  id: '7b0c9f8e-0d5e-4e8a-9a67-0a6f6f3b9c11',
  property: { name: 'Plum cottage', supplySource: 'mains', supplyLpm: 45.5, mowingWeekdays: [6] },
  rules: {
    format: 'waterclock.rules/1',
    district: 'Quillhaven',
    periods: [
      {
        from: '2026-05-01',
        season: { from: '05-01', to: '09-30' },
        houses: [{ houses: 'odd', weekdays: [1, 4] }],
        noWater: [{ from: '10:00', to: '18:00' }],
      },
    ],
  } as Record<string, unknown> | null,
  timers: [
    {
      id: '0b8f2c36-7f0e-4a55-8a5f-2f4c1f1b7d22',
      name: 'Garage timer',
      settings: structuredClone(PLAN) as Record<string, unknown>,
      yard: {
        format: 'waterclock.yard/1',
        stations: [{ number: 1, soil: 'loam', areaSquareMetres: 24.5 }],
      } as Record<string, unknown>,
      copies: [
        {
          number: 1,
          reason: 'as-found',
          person: 'Ines Marlow',
          madeAt: '2026-06-01T08:30:00.000Z',
          document: structuredClone(PLAN),
        },
      ] as Record<string, unknown>[],
      copyInTimer: 1,
      photos: [
        {
          id: '3d2f8a52-0f0f-4d7e-9d55-0a1b2c3d4e60',
          takenAt: '2026-06-01T08:40:00.000Z',
          picture: 'photos/1.webp',
          small: 'photos/1.small.webp',
          document: { about: 'head', station: 1, pins: [{ x: 0.5, y: 0.5, words: 'Here' }] },
        },
      ] as Record<string, unknown>[],
    },
  ],
});
type File = ReturnType<typeof file>;

const isValid = new Ajv2020({ strict: false, validateFormats: false }).compile(
  propertyFileSchema(),
);

it('is read with all documents in it, defaults filled in', () => {
  const read = readPropertyFile(file());
  expect(read).toMatchObject({
    ok: true,
    value: {
      property: { address: '', gateNotes: '' },
      rules: { towns: [], periods: [{ exempt: [] }] },
      timers: [
        {
          settings: { timer: { stations: 12 }, controller: { off: false } },
          yard: { stations: [{ enabled: true }] },
          copies: [{ name: '', document: { programs: [{ percent: 100 }] } }],
        },
      ],
    },
  });
  expect(isValid(file())).toBe(true);
  expect(isValid(JSON.parse(JSON.stringify(read.ok && read.value)))).toBe(true);
  expect(readPropertyFile({ ...file(), rules: null }).ok).toBe(true);
  expect(isValid({ ...file(), rules: null })).toBe(true);
});

type Spoil = readonly [what: string, path: string, spoil: (file: File) => unknown];

const SPOILT: readonly Spoil[] = [
  ['another format', 'format', (f) => (f.format = 'waterclock.property/3')],
  ['no id', 'id', (f) => delete (f as Partial<File>).id],
  ['an unknown field', 'property.colour', (f) => Object.assign(f.property, { colour: 'red' })],
  ['a latitude beyond', 'property.latitude', (f) => Object.assign(f.property, { latitude: 91 })],
  ['no such supply', 'property.supplySource', (f) => (f.property.supplySource = 'cloud')],
  ['a mowing day', 'property.mowingWeekdays[0]', (f) => (f.property.mowingWeekdays = [8])],
  ['no district', 'rules.district', (f) => delete f.rules!['district']],
  [
    'no settings',
    'timers[0].settings',
    (f) => delete (f.timers[0] as Partial<File['timers'][0]>).settings,
  ],
  ['settings of a word', 'timers[0].settings', (f) => (f.timers[0]!.settings = 'none' as never)],
  [
    'stations that are none',
    'timers[0].settings.stations[0]',
    (f) => (f.timers[0]!.settings['stations'] = [7]),
  ],
  [
    'a soil that is none',
    'timers[0].yard.stations[0].soil',
    (f) => (f.timers[0]!.yard['stations'] = [{ number: 1, soil: 'mud' }]),
  ],
  [
    'a pin beyond its photo',
    'timers[0].photos[0].document.pins[0].x',
    (f) =>
      (f.timers[0]!.photos[0]!['document'] = {
        ...{ about: 'head', station: 1, pins: [{ x: 2, y: 0.5, words: 'Here' }] },
      }),
  ],
  [
    'no such reason',
    'timers[0].copies[0].reason',
    (f) => (f.timers[0]!.copies[0]!['reason'] = 'x'),
  ],
  [
    'a copy without its program’s id',
    'timers[0].copies[0].document.programs[0].id',
    (f) =>
      ((f.timers[0]!.copies[0]!['document'] as { programs: object[] }).programs = [{ starts: [] }]),
  ],
];

it.each(SPOILT)('with %s is refused, by the schema too', (_, path, spoil) => {
  const spoilt = file();
  spoil(spoilt);
  const read = readPropertyFile(spoilt);
  expect(!read.ok && read.trouble.map((problem) => problem.path)).toContain(path);
  expect(isValid(spoilt)).toBe(false);
});

it('a file of the first version is one without photos', () => {
  const { timers, ...first } = file();
  const [{ photos: _photos, ...timer }] = timers as [File['timers'][0]];
  const read = readPropertyFile({ ...first, format: 'waterclock.property/1', timers: [timer] });
  expect(read).toMatchObject({
    ok: true,
    value: { format: 'waterclock.property/2', timers: [{ photos: [] }] },
  });
});

it('what several fields break together is told by reading', () => {
  const twice = file();
  twice.timers.push(structuredClone(twice.timers[0]!));
  twice.timers[0]!.copies.push(structuredClone(twice.timers[0]!.copies[0]!));
  twice.timers[1]!.copyInTimer = 4;
  twice.property.name = ' ';
  const read = readPropertyFile(twice);
  expect(!read.ok && read.trouble.map(({ path }) => path).sort()).toEqual([
    'property.name',
    'timers[0].copies[1].number',
    'timers[1].copyInTimer',
    'timers[1].id',
  ]);
});

it('the schema in the docs is the one that the checks give', () => {
  const path = join(__dirname, '../../../../docs/formats/property.schema.json');
  expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(propertyFileSchema())),
  );
});
