import { planDocument } from './documents.js';
import { photoFields } from './photo-fields.js';
import type { TestPerson } from './test-server.js';

const SHEET = {
  format: 'waterclock.sheet/1',
  madeOn: '2026-06-01',
  property: 'Plum cottage',
  timer: 'Garage',
  firm: 'Quillhaven Sprinkler Care',
};

/** A home with a timer, a copy, a visit that found something, a photo, a sheet with a link that shows it, a due that was answered and a visit that is planned: all of it one person's work. */
export async function wholeHome(
  { agent, name, id: personId }: TestPerson,
  fields: { readonly name: string },
): Promise<{ readonly id: string; readonly timerId: string }> {
  const post = async (path: string, body: object) =>
    (await agent.post(path).send(body).expect(201)).body.id as string;
  const id = await post('/api/properties', fields);
  const document = planDocument();
  const timerId = await post(`/api/properties/${id}/timers`, { name: 'Garage', document });
  await post(`/api/timers/${timerId}/copies`, { reason: 'left', document });
  const { body: yard } = await agent.get(`/api/timers/${timerId}/yard`).expect(200);
  const ownMemory = { storedOn: '2026-06-01', storedBy: name, copy: 'as left' };
  await agent
    .put(`/api/timers/${timerId}/yard`)
    .send({ version: yard.version, document: { ...yard.document, ownMemory } })
    .expect(200);
  const visitId = await post(`/api/timers/${timerId}/visits`, {});
  await post(`/api/visits/${visitId}/entries`, {
    id: crypto.randomUUID(),
    seen: 0,
    observedAt: '2026-06-01T10:00:00Z',
    document: { kind: 'station', station: 1, faults: ['leak'] },
  });
  await agent.patch(`/api/visits/${visitId}`).send({ isEnded: true }).expect(200);
  const sheetId = await post(`/api/timers/${timerId}/sheets`, { document: SHEET });
  const photoId = await post(`/api/timers/${timerId}/photos`, photoFields({ visitId }));
  const { body: link } = await agent
    .post(`/api/sheets/${sheetId}/links`)
    .send({ days: 30, photoIds: [photoId] })
    .expect(201);
  await agent
    .post(`/api/shared/${link.token}/tellings`)
    .send({ document: { words: 'Water on the path' } })
    .expect(204);
  const [told] = (await agent.get(`/api/timers/${timerId}/tellings`).expect(200)).body;
  await agent.patch(`/api/tellings/${told.id}`).send({ isClosed: true }).expect(200);
  const due = { key: 'battery:never', kind: 'battery', doneBy: 'firm', on: '2026-06-01' };
  await post(`/api/timers/${timerId}/due-answers`, due);
  const change = { kind: 'percentage', percent: 80 };
  await post('/api/rollouts', { change, on: '2026-06-01', from: '2026-06-01' });
  await post('/api/planned-visits', { propertyId: id, personId, onDate: '2999-06-09' });
  return { id, timerId };
}
