import { checklistOf } from '@water-clock/core/care';
import { quantityIn } from '../../format/quantities';
import {
  careEntryOf,
  careIn,
  careTyped,
  pressureOf,
  whyNotDone,
  type CareTyped,
} from './care-typed';

const KPA = quantityIn('metric', 'pressure');
const BACKFLOW = checklistOf('backflow', {
  ...{ supply: 'mains', frost: 'hard', power: 'mains', hasDrip: false },
});
const ALL = BACKFLOW.steps.map(({ id }) => id);
const typed = (more: Partial<CareTyped> = {}): CareTyped => ({
  ...{ steps: ALL, note: '', tester: 'R. Lind', testedOn: '2026-06-03', nextOn: '2027-06-03' },
  ...{ pressure: '', ...more },
});

it('is done once all is ticked, or the note says what is left out, and its tester is named', () => {
  expect(whyNotDone(BACKFLOW, typed())).toBeNull();
  expect(whyNotDone(BACKFLOW, typed({ tester: ' ' }))).toContain('who tested');
  expect(whyNotDone(BACKFLOW, typed({ nextOn: '2026-06-03' }))).toContain('after this one');
  const some = { steps: ALL.slice(1) };
  expect(whyNotDone(BACKFLOW, typed(some))).toContain('Tick');
  expect(whyNotDone(BACKFLOW, typed({ ...some, note: 'valves are seized' }))).toBeNull();
});

it('is what it was when it is kept in the visit and read again', () => {
  const form = typed({ pressure: '400', note: 'stiff' });
  const pressureKpa = pressureOf(form, KPA);
  if (typeof pressureKpa === 'string') throw new Error(pressureKpa);
  const entry = careEntryOf('backflow', form, { pressureKpa, isDone: true });
  expect(entry).toMatchObject({ what: 'backflow', isDone: true, pressureKpa: 400 });
  expect(careTyped(entry, KPA)).toEqual(form);
  expect(careTyped(undefined, KPA)).toEqual(
    typed({ steps: [], tester: '', testedOn: '', nextOn: '' }),
  );
});

it('what lies on the device is read, and what is none is left out', () => {
  const form = typed();
  expect(careIn(JSON.parse(JSON.stringify(form)))).toEqual(form);
  expect(careIn({ ...form, nextOn: '2027-02-30', steps: ['valves', 7] })).toEqual({
    ...form,
    ...{ nextOn: '', steps: ['valves'] },
  });
  expect(careIn('nothing')).toBeNull();
});

it('a pressure that cannot be read says so', () => {
  expect(typeof pressureOf(typed({ pressure: 'high' }), KPA)).toBe('string');
  expect(pressureOf(typed(), KPA)).toBeNull();
});
