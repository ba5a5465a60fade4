import { photoPath, photosPath } from '../api/photos';
import type { OutboxItem } from '../offline/outbox-item';
import { withWaiting } from './photo-of';

const facts = (note: string) => ({ about: 'head', station: 3, note, pins: [] }) as const;
const item = (fields: Partial<OutboxItem>): OutboxItem => ({
  ...{ id: 'x', madeAt: '2026-06-02T10:00:00Z', personId: 'ines', lane: 'garage' },
  ...{ method: 'POST', path: photosPath('garage'), words: '', touches: [], body: {} },
  ...fields,
});
const taken = (id: string, timerId: string) =>
  item({
    ...{ id, lane: timerId, path: photosPath(timerId) },
    body: { takenAt: '2026-06-02T10:00:00Z', document: facts(''), picture: 'UklG', small: '/9j/' },
  });

it('shows what waits of the timers that are asked for, and of no other home', () => {
  const items = [taken('a', 'garage'), taken('b', 'elsewhere')];
  const shown = withWaiting([], items, ['garage'], 'Ines');
  expect(shown).toMatchObject([{ id: 'a', isWaiting: true, person: 'Ines', visitId: null }]);
  expect(shown[0]!.picture).toMatch(/^data:image\/webp;/);
  expect(shown[0]!.small).toMatch(/^data:image\/jpeg;/);
});

it('what was said of it last holds, and each change that waits counts as a version', () => {
  const said = (note: string) =>
    item({ id: note, method: 'PUT', path: photoPath('a'), body: { document: facts(note) } });
  const items = [taken('a', 'garage'), said('one'), said('two')];
  const [photo] = withWaiting([], items, ['garage'], 'Ines');
  expect(photo).toMatchObject({ version: 3, document: { note: 'two' } });
});
