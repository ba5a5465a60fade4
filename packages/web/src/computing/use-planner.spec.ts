import type { Costs, Offer } from '@water-clock/core/proposals';
import { planningAfter, type Planning } from './use-planner';

const costs = {} as Costs;
const offer = (key: string) => ({ key }) as Offer;

it('what is told adds up, and what is begun anew forgets', () => {
  const begun = planningAfter({} as Planning, { type: 'begin', asked: 'a plan' });
  const planning = [
    { type: 'now', costs },
    { type: 'trying', alternative: 'fewest', programs: 1 },
    { type: 'offer', offer: offer('fewest') },
    { type: 'same', alternative: 'by-planting' },
  ].reduce<Planning>(
    (before, event) => planningAfter(before, event as Parameters<typeof planningAfter>[1]),
    begun,
  );
  expect(planning).toMatchObject({ state: 'busy', now: costs, trying: { programs: 1 } });
  expect(planning.offers.map(({ key }) => key)).toEqual(['fewest']);
  expect(planning.same).toEqual(['by-planting']);
  const stopped = planningAfter(planning, { type: 'end', state: 'stopped' });
  expect(stopped).toMatchObject({ state: 'stopped', trying: null });
  expect(stopped.offers).toHaveLength(1);
  // Stopped while it waits to begin for something else, nothing of the old is there.
  const early = planningAfter(planning, { type: 'stop', asked: 'another plan' });
  expect(early).toEqual({ ...begun, asked: 'another plan', state: 'stopped' });
  expect(planningAfter(stopped, { type: 'begin', asked: 'a plan' })).toEqual(begun);
});
