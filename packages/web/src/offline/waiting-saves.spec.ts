import { setProgram, setStation, type Plan } from '@water-clock/core/settings';
import { setStation as setYardStation, yardFor, type Yard } from '@water-clock/core/yards';
import type { StoredSettings, StoredYard } from '../api/timers';
import { testPlan } from '../testing/plans';
import type { OutboxItem } from './outbox-item';
import type { TimerSave } from './timer-save';
import { meetSettings, meetYard, settingsWithWaiting, yardWithWaiting } from './waiting-saves';

const stamp = { savedAt: '2026-06-01T08:00:00.000Z', savedBy: 'Ines Marlow' };
const settings = (version: number, document: Plan = testPlan()): StoredSettings => ({
  ...{ timerId: 'garage', version, document, ...stamp },
});
const plainYard = yardFor(testPlan(), null);
const yard = (version: number, document: Yard = plainYard): StoredYard => ({
  ...{ timerId: 'garage', version, document, ...stamp },
});
const startingAt = (start: string) => setProgram('A', { starts: [start] })(testPlan());
const named = (name: string) => setYardStation(1, { name })(plainYard);

let count = 0;
const waiting = (save: TimerSave, fields: Partial<OutboxItem> = {}): OutboxItem => ({
  ...{ id: String(++count), madeAt: '2026-06-01T10:00:00.000Z', personId: 'ines', lane: 'garage' },
  ...{ method: 'PUT', path: '/', body: null, words: 'A save', touches: [], save, ...fields },
});
const settingsSave = (start: string, version = 3): TimerSave => ({
  ...{ what: 'settings', base: settings(version), document: startingAt(start) },
});
const yardSave = (name: string, version = 3): TimerSave => ({
  ...{ what: 'yard', base: yard(version), document: named(name) },
});

describe('what is stored, with what waits on this device', () => {
  it('is what was saved last, and of the version that it was made from', () => {
    const items = [waiting(settingsSave('02:15')), waiting(settingsSave('02:30'))];
    const seen = settingsWithWaiting(settings(4, startingAt('05:00')), items);
    expect(seen.document.programs[0]!.starts).toEqual(['02:30']);
    expect(seen.version).toBe(3);
  });

  it('is of that timer, and of what was not refused', () => {
    const items = [
      waiting(settingsSave('02:15'), { lane: 'carport' }),
      waiting(settingsSave('02:30'), { trouble: 'No.' }),
      waiting(yardSave('Strip'), { lane: 'carport' }),
    ];
    const stored = settings(3);
    expect(settingsWithWaiting(stored, items)).toBe(stored);
    const storedYard = yard(3);
    expect(yardWithWaiting(storedYard, items)).toBe(storedYard);
  });

  it('a yard that waits is told in the settings too, with settings that wait and without', () => {
    const items = [waiting(yardSave('Strip'))];
    expect(yardWithWaiting(yard(3), items).document.stations[0]!.name).toBe('Strip');
    const alone = settingsWithWaiting(settings(7), items);
    expect(alone.document.stations[0]!.name).toBe('Strip');
    expect(alone.version).toBe(7);
    const both = settingsWithWaiting(settings(7), [waiting(settingsSave('02:15')), ...items]);
    expect(both.document.stations[0]!.name).toBe('Strip');
    expect(both.document.programs[0]!.starts).toEqual(['02:15']);
  });
});

describe('a save that meets a newer state', () => {
  const mine = { what: 'settings', base: settings(1), document: startingAt('02:15') } as const;

  it('is in already where both say the same', () => {
    const newer = settings(2, startingAt('02:15'));
    expect(meetSettings(mine, newer, plainYard)).toEqual({ answer: newer });
    const newerYard = yard(2, named('Strip'));
    const save = { what: 'yard', base: yard(1), document: named('Strip') } as const;
    expect(meetYard(save, newerYard)).toEqual({ answer: newerYard });
  });

  it('goes over settings that say of the stations only what the yard says', () => {
    const newer = settings(2, setStation(1, { name: 'Strip' })(testPlan()));
    const met = meetSettings(mine, newer, named('Strip'));
    expect(met).toMatchObject({ again: { base: { version: 2 } } });
    const { document } = (met as { again: { document: Plan } }).again;
    expect(document.stations[0]!.name).toBe('Strip');
    expect(document.programs[0]!.starts).toEqual(['02:15']);
  });

  it('is to be chosen where somebody else changed the settings otherwise', () => {
    expect(meetSettings(mine, settings(2, startingAt('05:00')), plainYard)).toBeNull();
  });

  it('of a yard, keeps what two changed in two places, and is to be chosen where it is one place', () => {
    const save = { what: 'yard', base: yard(1), document: named('Strip') } as const;
    const soil = setYardStation(1, { soil: 'clay' })(plainYard);
    expect(meetYard(save, yard(2, soil))).toMatchObject({
      again: {
        base: { version: 2 },
        document: { stations: [{ name: 'Strip', soil: 'clay' }, {}, {}] },
      },
    });
    expect(meetYard(save, yard(2, named('Kerb')))).toBeNull();
  });
});
