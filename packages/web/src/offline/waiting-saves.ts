import { differences } from '@water-clock/core/compare';
import type { Plan } from '@water-clock/core/settings';
import { isSameYard, mergeYards, withYard, type Yard } from '@water-clock/core/yards';
import type { StoredSettings, StoredYard } from '../api/timers';
import type { OutboxItem } from './outbox-item';
import type { Saving, SettingsSave, YardSave } from './timer-save';

/** Saves of one timer's yard, or settings, that are on this device only. */
export const savesOf = (
  items: readonly OutboxItem[],
  timerId: string,
  what: Saving,
): readonly OutboxItem[] =>
  items.filter(({ lane, save }) => lane === timerId && save?.what === what);

export const yardSave = (item: OutboxItem | undefined): YardSave | undefined =>
  item?.save?.what === 'yard' ? item.save : undefined;

export const settingsSave = (item: OutboxItem | undefined): SettingsSave | undefined =>
  item?.save?.what === 'settings' ? item.save : undefined;

/** The save that was made last of those that wait; undefined where none does. */
const newestOf = (
  items: readonly OutboxItem[],
  timerId: string,
  what: Saving,
): OutboxItem | undefined =>
  savesOf(items, timerId, what)
    .filter(({ trouble }) => trouble === undefined)
    .at(-1);

/**
 * A stored yard as it is once what waits has been sent. It counts as of the version that it was made from: what
 * somebody else saved since is not below it.
 */
export function yardWithWaiting(stored: StoredYard, items: readonly OutboxItem[]): StoredYard {
  const save = yardSave(newestOf(items, stored.timerId, 'yard'));
  return save ? { ...stored, version: save.base.version, document: save.document } : stored;
}

/** Stored settings as they are once what waits has been sent: a yard tells of the stations in them, too. */
export function settingsWithWaiting(
  stored: StoredSettings,
  items: readonly OutboxItem[],
): StoredSettings {
  const save = settingsSave(newestOf(items, stored.timerId, 'settings'));
  const yard = yardSave(newestOf(items, stored.timerId, 'yard'));
  if (!save && !yard) return stored;
  const { version } = save?.base ?? stored;
  const document = save?.document ?? stored.document;
  return { ...stored, version, document: yard ? withYard(document, yard.document) : document };
}

/** What becomes of a save that meets a newer state: it is in already, goes in over it, or somebody has to choose. */
export type Met<Save extends YardSave | SettingsSave> =
  { readonly answer: Save['base'] } | { readonly again: Save } | null;

/** Brings a yard together with a newer one, where nothing was changed in two ways. */
export function meetYard({ base, document: mine }: YardSave, newer: StoredYard): Met<YardSave> {
  if (isSameYard(newer.document, mine)) return { answer: newer };
  const { yard, conflicts } = mergeYards(base.document, mine, newer.document);
  return conflicts.length > 0 ? null : { again: { what: 'yard', base: newer, document: yard } };
}

/** Lays settings over newer ones that are what they were made from, but for what the yard says by now. */
export function meetSettings(
  { base, document: mine }: SettingsSave,
  newer: StoredSettings,
  yard: Yard,
): Met<SettingsSave> {
  const isNewer = (plan: Plan) => differences(plan, newer.document).length === 0;
  const over = (document: Plan) =>
    ({ again: { what: 'settings', base: newer, document } }) as const;
  if (isNewer(mine)) return { answer: newer };
  if (isNewer(base.document)) return over(mine);
  return isNewer(withYard(base.document, yard)) ? over(withYard(mine, yard)) : null;
}
