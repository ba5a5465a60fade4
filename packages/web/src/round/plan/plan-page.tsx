import {
  addDays,
  addMonths,
  civilDateOf,
  formatDate,
  parseDate,
  weekdayOf,
} from '@water-clock/core/civil-time';
import { MONTHS, shortDate, WEEKDAYS } from '@water-clock/core/words';
import { useQuery } from '@tanstack/react-query';
import { Button, Skeleton } from 'antd';
import { useState } from 'react';
import {
  changePlannedVisit,
  plannedVisitsQuery,
  roundKey,
  type PlannedVisit,
} from '../../api/round';
import { useWrite } from '../../api/use-write';
import { todayHere } from '../../format/today';
import { Choice } from '../../ui/choice';
import { LoadError, Page } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import { usePlace } from '../../ui/use-place';
import { PlanVisitDialog, type VisitToPlan } from '../plan-visit-dialog';
import { useWhose } from '../use-round';
import { WhoseChoice } from '../whose-choice';
import { CalendarFeed } from './calendar-feed';
import { daysOf, type Span } from './days-of';
import styles from './plan-page.module.css';

const SPANS = [
  { value: 'week', label: 'Week' },
  { value: 'month', label: 'Month' },
] as const;
const A_WEEK = 7;

/** The visits that are planned, by week or by month; each is moved to another day by drag, or by its dialog. */
export function PlanPage() {
  const [place, go] = usePlace();
  const [whose, setWhose] = useWhose();
  const span: Span = place.get('span') === 'month' ? 'month' : 'week';
  const today = parseDate(todayHere())!;
  const at = parseDate(place.get('at') ?? '') ?? today;
  const days = daysOf(span, at);
  const visits = useQuery(
    plannedVisitsQuery(formatDate(days[0]!), formatDate(days.at(-1)!), whose),
  );
  const [changed, setChanged] = useState<VisitToPlan | null>(null);
  const [dragged, setDragged] = useState<PlannedVisit | null>(null);
  const moving = useWrite('change-planned-visit', changePlannedVisit, { touches: [roundKey] });
  const moveTo = (visit: PlannedVisit, onDate: string) => {
    const { id, personId, reason, notes, minutes, version } = visit;
    if (onDate !== visit.onDate)
      void moving.write({
        ...{ id, personId, onDate, reason, notes, version },
        ...(minutes !== null && { minutes }),
      });
  };
  const step = (by: number) => {
    const next = span === 'week' ? addDays(at, by * A_WEEK) : addMonths(at, by);
    go({ at: next === today ? undefined : formatDate(next) });
  };
  const { month, year } = civilDateOf(at);
  return (
    <Page
      title={span === 'week' ? `Week of ${shortDate(days[0]!)}` : `${MONTHS[month - 1]} ${year}`}
      crumbs={[{ to: '/round', name: 'Round' }]}
      actions={
        <>
          <WhoseChoice whose={whose} onChange={setWhose} />
          <Choice
            label="How much"
            optionType="button"
            value={span}
            options={SPANS}
            onChange={(next) => go({ span: next === 'week' ? undefined : next })}
          />
          <Button onClick={() => step(-1)}>
            {span === 'week' ? 'Week before' : 'Month before'}
          </Button>
          <Button disabled={days.includes(today)} onClick={() => go({ at: undefined })}>
            Today
          </Button>
          <Button onClick={() => step(1)}>{span === 'week' ? 'Next week' : 'Next month'}</Button>
        </>
      }
    >
      {visits.error && !visits.data && (
        <LoadError
          what="The planned visits"
          error={visits.error}
          onRetry={() => void visits.refetch()}
        />
      )}
      {!visits.data && !visits.error && <Skeleton active />}
      {visits.data && (
        <ol className={styles['days']} data-span={span} aria-label="Days">
          {days.map((day) => {
            const date = formatDate(day);
            const own = visits.data.filter(({ onDate }) => onDate === date);
            return (
              <li
                key={date}
                data-date={date}
                data-today={day === today || undefined}
                data-other={(span === 'month' && civilDateOf(day).month !== month) || undefined}
                onDragOver={(event) => {
                  if (dragged) event.preventDefault();
                }}
                onDrop={(event) => {
                  event.preventDefault();
                  if (dragged) moveTo(dragged, date);
                  setDragged(null);
                }}
              >
                <h2>
                  {WEEKDAYS[weekdayOf(day) - 1]} {civilDateOf(day).day}
                  {day === today && <span className={pageStyles['soft']}> today</span>}
                </h2>
                {own.map((visit) => (
                  <button
                    key={visit.id}
                    type="button"
                    className={styles['planned']}
                    draggable={!visit.isHeld && !moving.isWriting}
                    data-held={visit.isHeld || undefined}
                    onDragStart={(event) => {
                      event.dataTransfer.effectAllowed = 'move';
                      setDragged(visit);
                    }}
                    onDragEnd={() => setDragged(null)}
                    onClick={() =>
                      setChanged({
                        ...{ home: visit.home, reason: visit.reason },
                        ...{ onDate: visit.onDate, planned: visit },
                      })
                    }
                  >
                    <strong>{visit.home.name}</strong>
                    {whose === 'firm' && <span>{visit.person}</span>}
                    <span className={pageStyles['soft']}>{visit.reason}</span>
                    <VisitState visit={visit} />
                  </button>
                ))}
              </li>
            );
          })}
        </ol>
      )}
      {visits.data?.length === 0 && (
        <p className={pageStyles['soft']}>
          Nothing is planned here. Plan visits from the round: from what is due, or from what needs
          attention.
        </p>
      )}
      <CalendarFeed />
      {changed && <PlanVisitDialog visit={changed} onClose={() => setChanged(null)} />}
    </Page>
  );
}

/** Whether it was held, or is carried over. */
function VisitState({ visit: { isHeld, onDate } }: { visit: PlannedVisit }) {
  if (isHeld) return <span>begun</span>;
  return onDate < todayHere() ? (
    <span className={styles['late']}>not held: carried over</span>
  ) : null;
}
