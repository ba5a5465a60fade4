import { careInWords, readEntry, visitOf, type CareEntry, type MadeEntry } from './index.js';

const read = (document: object): CareEntry => {
  const entry = readEntry({ kind: 'care', ...document });
  if (!entry.ok || entry.value.kind !== 'care') throw new Error(JSON.stringify(entry));
  return entry.value;
};
const made = (minute: number, document: object): MadeEntry => ({
  ...{ id: String(minute), number: minute, seen: minute - 1, person: 'Ines' },
  ...{ observedAt: `2026-06-01T10:0${minute}:00.000Z`, entry: read(document) },
});

it('what is begun is known with its steps, and cared for only once it is done', () => {
  const begun = made(1, { what: 'winter', isDone: false, steps: ['copy', 'off'] });
  const before = visitOf([begun]);
  expect([...before.care]).toEqual([]);
  expect(before.cares.get('winter')?.latest.entry.steps).toEqual(['copy', 'off']);
  const done = visitOf([begun, made(2, { what: 'winter', isDone: true, steps: ['copy'] })]);
  expect([...done.care]).toEqual(['winter']);
});

it('says what was done, by whom, and when again', () => {
  expect(careInWords(read({ what: 'battery', isDone: true }))).toBe('The battery was changed');
  expect(careInWords(read({ what: 'winter', isDone: false, steps: ['copy'] }))).toBe(
    'Winter shut-down: begun, 1 step done',
  );
  const tested = {
    ...{ what: 'backflow', isDone: true, tester: 'R. Lind', testedOn: '2026-06-03' },
    ...{ nextOn: '2027-06-03', pressureKpa: 400, note: 'valve 2 is stiff' },
  };
  expect(careInWords(read(tested))).toBe(
    'The backflow preventer was tested, by R. Lind on Wed 3 June 2026, again on Thu 3 June 2027, 400 kPa (valve 2 is stiff)',
  );
});

it('refuses what is no care, every fault at its place', () => {
  const entry = readEntry({
    ...{ kind: 'care', what: 'roof', isDone: 'yes', testedOn: '2026-02-30', pressureKpa: -1 },
  });
  expect(entry.ok ? [] : entry.trouble.map(({ path }) => path).sort()).toEqual([
    'isDone',
    'pressureKpa',
    'testedOn',
    'what',
  ]);
});
