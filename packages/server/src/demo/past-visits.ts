import { randomUUID } from 'node:crypto';
import { addDays, dayOf, formatDate, parseDateTime } from '@water-clock/core/civil-time';
import { Spans } from '@water-clock/core/dues';
import { speakerOf } from '@water-clock/core/household-words';
import type { Plan, Stretch } from '@water-clock/core/settings';
import { dueDates, sheetOf } from '@water-clock/core/sheets';
import type { TimerHandling } from '@water-clock/core/timer-types';
import { VISIT_STEPS, type VisitEntry } from '@water-clock/core/visits';
import type { EntityManager } from 'typeorm';
import { newToken, tokenHash } from '../people/tokens.js';
import type { Firm } from '../schema/firm.entity.js';
import type { Property } from '../schema/property.entity.js';
import { ShareLink, StoredSheet } from '../schema/sheet.entity.js';
import { Job } from '../schema/job.entity.js';
import { StoredEntry, StoredVisit } from '../schema/visit.entity.js';
import { makeCopy } from '../timer-records/make-copy.js';
import { renewStationJobs } from '../visits/renew-jobs.js';
import type { DemoVisit } from './demo-home.js';

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;
const LINK_DAYS = 90;

interface VisitedTimer {
  readonly firm: Firm;
  readonly property: Property;
  readonly timerId: string;
  readonly name: string;
  readonly handling: TimerHandling;
}

interface PastVisit extends DemoVisit {
  readonly found: Plan;
  readonly left: Plan;
  /** Nobody was here since. */
  readonly isLast: boolean;
}

/** A visit that was made and ended: its entries, the jobs it found, the copies it made and the sheet it left. */
export async function addPastVisit(
  manager: EntityManager,
  timer: VisitedTimer,
  visit: PastVisit,
  now: Date,
): Promise<void> {
  const { firm, timerId } = timer;
  const { by, faults = [], care = [], found, left, isLast } = visit;
  const of = { firmId: firm.id, timerId };
  const begun = Math.floor(now.getTime() / DAY_MS) * DAY_MS - visit.daysAgo * DAY_MS;
  const at = (minutes: number) => new Date(begun + (15 * 60 + minutes) * MINUTE_MS);

  const entries: VisitEntry[] = [
    ...VISIT_STEPS.slice(0, -2).map((step) => ({
      kind: 'step' as const,
      step,
      state: 'done' as const,
    })),
    ...left.stations
      .filter(({ enabled }) => enabled)
      .map(({ number }) => {
        const own = faults.filter(({ station }) => station === number);
        return {
          ...{ kind: 'station' as const, station: number },
          faults: own.map(({ fault }) => fault),
          note: own.map(({ note }) => note).join('; '),
        };
      }),
    { kind: 'step', step: 'walk', state: 'done' },
    ...care.map((what) => ({ kind: 'care' as const, what, isDone: true })),
    { kind: 'step', step: 'leave', state: 'done' },
  ];
  const end = at(entries.length * 3);
  const stored = await manager.save(
    manager.create(StoredVisit, {
      ...{ ...of, startedAt: at(0), startedBy: by, endedAt: end, endedBy: by },
    }),
  );
  const visitId = stored.id;
  await manager.insert(
    StoredEntry,
    entries.map((document, index) => ({
      ...{ id: randomUUID(), firmId: firm.id, visitId, personName: by, document },
      ...{ number: index + 1, seen: index, observedAt: at(index * 3) },
    })),
  );
  for (const { station, fault, doneBy } of faults) {
    await renewStationJobs(manager, stored, station);
    if (doneBy)
      await manager.update(
        Job,
        { ...of, visitId, station, fault },
        { doneAt: new Date(begun + 6 * DAY_MS), doneBy },
      );
  }
  const copy = { ...of, personName: by };
  await makeCopy(manager, {
    ...{ ...copy, reason: 'as-found', name: '', document: found },
    ...{ madeAt: at(6), isInTimer: false },
  });
  await makeCopy(manager, {
    ...{ ...copy, reason: 'left', name: visit.name, document: left },
    ...{ madeAt: end, isInTimer: isLast },
  });
  await leaveSheet(manager, timer, { ...visit, end, isLinked: isLast });
}

async function leaveSheet(
  manager: EntityManager,
  { firm, property, timerId, name, handling }: VisitedTimer,
  { left, by, care, end, isLinked }: PastVisit & { readonly end: Date; readonly isLinked: boolean },
): Promise<void> {
  const on = dayOf(parseDateTime(end.toISOString().slice(0, 19))!);
  const due = dueDates({
    ...{ plan: left, on, care: new Set(care), seasonStep: null, sensorBackOn: null },
    backflowNextOn: null,
    ...{ spans: new Spans(), next: {}, setsSummerTime: handling.setsSummerTime },
    speaker: speakerOf(property.language),
  });
  const document = sheetOf({
    ...{ plan: left, on, property: property.name, timer: name, handling, due },
    ...{ firm: firm.name, phone: firm.phone, clock: '24', language: property.language },
    ...{ confirmed: { of: 0, keyedIn: 0, unknown: 0 }, moistureHeld: [] },
    volumeWords: (litres) => `${Math.round(litres)} L`,
  });
  const { id: sheetId } = await manager.save(
    manager.create(StoredSheet, {
      ...{ firmId: firm.id, timerId, personName: by, document, madeAt: end },
    }),
  );
  if (isLinked)
    await manager.save(
      manager.create(ShareLink, {
        ...{ firmId: firm.id, sheetId, tokenHash: tokenHash(newToken()), madeBy: by },
        ...{ madeAt: end, expiresAt: new Date(end.getTime() + LINK_DAYS * DAY_MS) },
        ...{ opened: 3, lastOpenedAt: new Date(end.getTime() + 2 * DAY_MS) },
      }),
    );
}

/** A hold from the day of `now` on, for so many days. */
export function holdFor(days: number, now: Date): Stretch {
  const first = dayOf(parseDateTime(now.toISOString().slice(0, 19))!);
  return {
    from: `${formatDate(first)}T00:00:00`,
    to: `${formatDate(addDays(first, days))}T00:00:00`,
  };
}
