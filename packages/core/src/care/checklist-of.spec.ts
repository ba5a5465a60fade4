import { CARES, checklistOf, type Care, type CarePlace } from './index.js';

const AT_HOME: CarePlace = { supply: 'mains', frost: 'hard', power: 'mains', hasDrip: false };
const steps = (care: Care, place: Partial<CarePlace> = {}): string[] =>
  checklistOf(care, { ...AT_HOME, ...place }).steps.map(({ id }) => id);

it('is shut down by how hard it freezes and where the water comes from', () => {
  expect(steps('winter', { frost: 'none' })).toEqual(['copy', 'off', 'sensor']);
  expect(steps('winter', { frost: 'light' })).toEqual(['copy', 'off', 'shut', 'drain', 'wrap']);
  expect(steps('winter')).toEqual(['copy', 'off', 'shut', 'drain', 'blow-out', 'backflow']);
  expect(steps('winter', { supply: 'bore', frost: 'light' })).toContain('pump');
  expect(steps('winter', { supply: 'tank', frost: 'light' })).toContain('tank');
  // What hangs on a tap is taken in, and never blown out.
  const tap = steps('winter', { power: 'battery' });
  expect([tap.includes('inside'), tap.includes('blow-out')]).toEqual([true, false]);
});

it('is started again by the same', () => {
  expect(steps('spring', { frost: 'none' })).not.toContain('cracks');
  expect(steps('spring', { supply: 'bore' })).toContain('prime');
  expect(steps('spring', { power: 'battery' })).toEqual(
    expect.arrayContaining(['tap', 'clock', 'walk']),
  );
});

it('blowing out says whom and what it can hurt, at its step, and asks at which pressure', () => {
  const { steps: all, asks, caution } = checklistOf('winter', AT_HOME);
  const blowOut = all.find(({ id }) => id === 'blow-out')!;
  for (const word of ['Eye protection', 'trained', 'weakest part', 'maker'])
    expect(blowOut.caution).toContain(word);
  expect([asks, caution.includes('eye protection')]).toEqual([['pressure'], true]);
});

it('who tested the backflow preventer is asked, and drip is flushed where there is any', () => {
  expect(checklistOf('backflow', AT_HOME).asks).toEqual(['tester']);
  expect(steps('filter')).not.toContain('flush');
  expect(steps('filter', { hasDrip: true })).toContain('flush');
});

it('no checklist names a step twice or goes without a caution', () => {
  for (const care of CARES)
    for (const supply of ['mains', 'bore', 'tank', 'pond', 'reclaimed'] as const)
      for (const frost of ['none', 'light', 'hard'] as const)
        for (const power of ['mains', 'battery'] as const) {
          const list = checklistOf(care, { supply, frost, power, hasDrip: true });
          const ids = list.steps.map(({ id }) => id);
          expect(new Set(ids).size).toBe(ids.length);
          expect([ids.length > 2, list.caution.length > 20]).toEqual([true, true]);
        }
});
