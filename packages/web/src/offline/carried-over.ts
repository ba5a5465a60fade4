import { fieldOf } from '@water-clock/core/kernel';
import { PLAN_FORMAT, withLaterFields, type Plan } from '@water-clock/core/settings';
import { YARD_FORMAT, type Yard } from '@water-clock/core/yards';
import type { OutboxItem } from './outbox-item';
import type { TimerSave } from './timer-save';

/** One lane for all that was queued before there were lanes, so that it keeps its order. */
const OLD_LANE = '';

/** As it may lie on the device from an earlier version. */
export type QueuedItem = Omit<OutboxItem, 'lane'> & { readonly lane?: string };

/** A change as an earlier version queued it, as this one reads it: its documents say all that they mean. */
export const carriedOver = (item: QueuedItem): OutboxItem => ({
  ...item,
  lane: item.lane ?? OLD_LANE,
  body: bodyNow(item.body),
  ...(item.save && { save: saveNow(item.save) }),
});

function bodyNow(body: unknown): unknown {
  if (typeof body !== 'object' || body === null || !('document' in body)) return body;
  const { document } = body;
  if (isPlan(document)) return { ...body, document: withLaterFields(document) };
  return isYard(document) ? { ...body, document: yardNow(document) } : body;
}

const isPlan = (document: unknown): document is Plan => fieldOf(document, 'format') === PLAN_FORMAT;
const isYard = (document: unknown): document is Yard => fieldOf(document, 'format') === YARD_FORMAT;

function saveNow(save: TimerSave): TimerSave {
  if (save.what === 'yard') {
    const base = { ...save.base, document: yardNow(save.base.document) };
    return { ...save, base, document: yardNow(save.document) };
  }
  const base = { ...save.base, document: withLaterFields(save.base.document) };
  return { ...save, base, document: withLaterFields(save.document) };
}

const yardNow = (yard: Yard): Yard => ({
  ...yard,
  stations: yard.stations.map((station) => Object.assign({ freezeSensor: true }, station)),
});
