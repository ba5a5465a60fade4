import { isSameJson } from '@water-clock/core/kernel';
import { changeSentences } from '@water-clock/core/compare';
import type { CopyInFile, PropertyFile, TimerInFile } from '@water-clock/core/property-file';
import { counted } from '@water-clock/core/words';
import type { EntityManager } from 'typeorm';
import { Copy } from '../schema/copy.entity.js';
import { propertyColumns } from '../properties/properties.service.js';
import { Property } from '../schema/property.entity.js';
import { StoredRuleSet } from '../schema/rule-set.entity.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import { addTimer } from '../timers/timers.service.js';
import { Timer } from '../schema/timer.entity.js';
import { importVisits } from './visits-in-file.js';
import { storeSettings, storeYard } from '../timer-records/store-settings.js';
import { propertyFacts } from './export-property.js';
import type { ImportAnswer, ImportChange, TimerBroughtIn } from './property-file.dto.js';
import { confirmedColumns } from '../timer-records/make-copy.js';

/**
 * Brings a property file into a firm, inside the transaction of `manager`: what is not here is
 * added, what is otherwise is changed, nothing is removed, and saved copies stay as they are.
 */
export async function importProperty(
  manager: EntityManager,
  firmId: string,
  file: PropertyFile,
  savedBy: string,
): Promise<ImportAnswer> {
  const changes: ImportChange[] = [];
  const ruleSetId = await importRules(manager, firmId, file, changes);
  const propertyId = await importFacts(manager, firmId, file, ruleSetId, changes);
  const timers: TimerBroughtIn[] = [];
  for (const timer of file.timers)
    timers.push({
      inFile: timer.id,
      timerId: await importTimer(manager, { firmId, propertyId, timer, savedBy }, changes),
    });
  return { propertyId, name: file.property.name, changes, timers };
}

async function importRules(
  manager: EntityManager,
  firmId: string,
  { id, rules }: PropertyFile,
  changes: ImportChange[],
): Promise<string | null> {
  if (!rules) return null;
  const [known, property] = await Promise.all([
    manager.findBy(StoredRuleSet, { firmId }),
    manager.findOneBy(Property, { firmId, id }),
  ]);
  const same = known.filter(({ document }) => isSameJson(document, rules));
  const own = same.find((set) => set.id === property?.ruleSetId) ?? same[0];
  if (own) return own.id;
  changes.push({ does: 'add', what: `Rules of ${rules.district}`, details: [] });
  return (await manager.save(manager.create(StoredRuleSet, { firmId, document: rules }))).id;
}

async function importFacts(
  manager: EntityManager,
  firmId: string,
  file: PropertyFile,
  ruleSetId: string | null,
  changes: ImportChange[],
): Promise<string> {
  const columns = {
    ...propertyColumns({ ...file.property, ...(ruleSetId !== null && { ruleSetId }) }),
  };
  const known = await manager.findOne(Property, {
    where: { firmId, id: file.id },
    lock: { mode: 'pessimistic_write' },
  });
  const what = `Property "${file.property.name}"`;
  if (!known) {
    // The id of the file may be taken by a property of somebody else: then this one gets its own.
    const isTaken = await manager.existsBy(Property, { id: file.id });
    changes.push({ does: 'add', what, details: [] });
    const row = manager.create(Property, { ...(!isTaken && { id: file.id }), ...columns, firmId });
    return (await manager.save(row)).id;
  }
  const [before, after] = [
    { ...propertyFacts(known), ruleSetId: known.ruleSetId },
    { ...file.property, ruleSetId: ruleSetId ?? known.ruleSetId },
  ] as unknown as [Record<string, unknown>, Record<string, unknown>];
  const details = [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((field) =>
    isSameJson(before[field] ?? null, after[field] ?? null)
      ? []
      : `${FIELD_NAMES[field] ?? field}: ${inWords(before[field])} becomes ${inWords(after[field])}.`,
  );
  if (details.length > 0) {
    changes.push({ does: 'change', what, details });
    await manager.update(
      Property,
      { firmId, id: known.id },
      {
        ...columns,
        ruleSetId: ruleSetId ?? known.ruleSetId,
        version: known.version + 1,
      },
    );
  }
  return known.id;
}

const FIELD_NAMES: Record<string, string> = {
  name: 'Name',
  address: 'Address',
  town: 'Town',
  contactName: 'Contact',
  contactPhone: 'Telephone',
  contactEmail: 'E-mail',
  gateNotes: 'Notes for the gate',
  timeZone: 'Time zone',
  latitude: 'Latitude',
  longitude: 'Longitude',
  supplySource: 'Supply',
  frost: 'Frost',
  supplyLpm: 'Flow of the supply',
  supplyKpa: 'Pressure of the supply',
  waterPrice: 'Price of water',
  mowingWeekdays: 'Mowing days',
  isDryBeforeMowing: 'The day before mowing kept dry',
  language: 'Language of the household',
  ruleSetId: 'Local rules',
};

const inWords = (value: unknown): string =>
  value === undefined || value === null || value === '' ? 'nothing' : JSON.stringify(value);

interface ImportedTimer {
  readonly firmId: string;
  readonly propertyId: string;
  readonly timer: TimerInFile;
  readonly savedBy: string;
}

async function importTimer(
  manager: EntityManager,
  { firmId, propertyId, timer, savedBy }: ImportedTimer,
  changes: ImportChange[],
): Promise<string> {
  const { name, settings, yard } = timer;
  const what = `Timer "${name}"`;
  await lockTimer(manager, firmId, timer.id);
  const known = await manager.findOne(Timer, {
    where: { firmId, propertyId, id: timer.id },
    relations: { settings: true, yard: true },
  });
  let timerId: string;
  if (known) {
    timerId = known.id;
    const details = await changeTimer(manager, known, timer, savedBy);
    if (details.length > 0) changes.push({ does: 'change', what, details });
  } else {
    const isTaken = await manager.existsBy(Timer, { id: timer.id });
    const id = isTaken ? {} : { id: timer.id };
    const fields = {
      firmId,
      propertyId,
      name,
      timerTypeId: null,
      document: settings,
      yard,
      savedBy,
    };
    timerId = await addTimer(manager, { ...id, ...fields });
    const details = [`${counted(settings.stations.length, 'station')}.`];
    changes.push({ does: 'add', what, details });
    await manager.update(
      Timer,
      { firmId, id: timerId },
      { hasOwnBackup: timer.hasOwnBackup ?? null },
    );
  }
  const added = await importCopies(manager, firmId, timerId, timer);
  if (added > 0)
    changes.push({
      does: 'add',
      what: `${counted(added, 'saved copy').replace(/copys$/, 'copies')} of ${name}`,
      details: [],
    });
  const visited = await importVisits(manager, { firmId, timerId }, timer.visits);
  if (visited > 0)
    changes.push({ does: 'add', what: `${counted(visited, 'visit')} to ${name}`, details: [] });
  return timerId;
}

async function changeTimer(
  manager: EntityManager,
  known: Timer,
  timer: TimerInFile,
  savedBy: string,
): Promise<string[]> {
  const { firmId, id: timerId } = known;
  const details: string[] = [];
  if (known.name !== timer.name) {
    details.push(`It is called "${timer.name}" instead of "${known.name}".`);
    await manager.update(Timer, { firmId, id: timerId }, { name: timer.name });
  }
  const at = { firmId, timerId, savedBy };
  if (await storeSettings(manager, at, timer.settings)) {
    const sentences = changeSentences(known.settings.document, timer.settings);
    details.push(...(sentences.length > 0 ? sentences : ['What the timer can do is otherwise.']));
  }
  if (await storeYard(manager, at, timer.yard)) details.push('The yard is otherwise.');
  return details;
}

/** Adds the copies that are not here yet; one whose number is taken gets the next free number. */
async function importCopies(
  manager: EntityManager,
  firmId: string,
  timerId: string,
  { copies, copyInTimer }: TimerInFile,
): Promise<number> {
  const known = await manager.findBy(Copy, { firmId, timerId });
  const isKnown = (copy: CopyInFile) =>
    known.some(
      ({ madeAt, document }) =>
        madeAt.getTime() === Date.parse(copy.madeAt) && isSameJson(document, copy.document),
    );
  const taken = new Set(known.map(({ number }) => number));
  const hasOneInTimer = known.some(({ isInTimer }) => isInTimer);
  const fresh = copies.filter((copy) => !isKnown(copy));
  for (const { number, name, reason, person, madeAt, document, confirmed, yard } of fresh) {
    const own = taken.has(number) ? Math.max(...taken) + 1 : number;
    taken.add(own);
    await manager.save(
      manager.create(Copy, {
        firmId,
        timerId,
        number: own,
        name,
        reason,
        personName: person,
        madeAt: new Date(madeAt),
        document,
        yard: yard ?? null,
        ...confirmedColumns(confirmed),
        isInTimer: !hasOneInTimer && number === copyInTimer,
      }),
    );
  }
  return fresh.length;
}
