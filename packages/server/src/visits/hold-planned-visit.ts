import { dayOf, formatDate } from '@water-clock/core/civil-time';
import { clockIn } from '@water-clock/core/time-zones';
import type { EntityManager } from 'typeorm';
import type { StoredVisit } from '../schema/visit.entity.js';

/**
 * A visit that begins is the one that was planned for the home by then, or else for that day: the first that was not
 * held yet. Another timer of the home, visited the same day, is of the same planned visit.
 */
export async function holdPlannedVisit(
  manager: EntityManager,
  { id, timerId, startedAt }: Pick<StoredVisit, 'id' | 'timerId' | 'startedAt'>,
  onDate?: string,
): Promise<void> {
  const [home] = await manager.query<{ propertyId: string; timeZone: string | null }[]>(
    `SELECT p.id AS "propertyId", p.time_zone AS "timeZone"
     FROM timers t JOIN properties p ON p.id = t.property_id WHERE t.id = $1`,
    [timerId],
  );
  if (!home) return;
  // Visits are planned by the calendar of those who drive, which may be a day ahead of the home's.
  const day = onDate ?? formatDate(dayOf(clockIn(home.timeZone ?? 'UTC', startedAt.getTime())));
  await manager.query(
    `UPDATE planned_visits SET visit_id = $1, version = version + 1 WHERE id = (
       SELECT v.id FROM planned_visits v
       WHERE v.property_id = $2 AND v.visit_id IS NULL AND v.on_date <= $3::date
         AND NOT EXISTS (SELECT 1 FROM planned_visits w JOIN visits x ON x.id = w.visit_id
           WHERE w.property_id = $2 AND x.started_at > $4::timestamptz - interval '12 hours')
       ORDER BY v.on_date, v.place, v.created_at LIMIT 1)`,
    [id, home.propertyId, day, startedAt],
  );
}
