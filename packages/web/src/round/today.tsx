import {
  ArrowDownOutlined,
  ArrowUpOutlined,
  EnvironmentOutlined,
  HolderOutlined,
  PhoneOutlined,
} from '@ant-design/icons';
import { expectedMinutes } from '@water-clock/core/standing';
import { counted, lengthInWords } from '@water-clock/core/words';
import { Button, Tag } from 'antd';
import { clsx } from 'clsx';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { orderDay, roundKey, type VisitToday } from '../api/round';
import { useWrite } from '../api/use-write';
import { dayWords } from '../format/day-words';
import { todayHere } from '../format/today';
import { useMayChange } from '../session/use-signed-in';
import { StandingWords } from '../timer-records/standing-words';
import pageStyles from '../ui/page.module.css';
import { moved } from './moved';
import styles from './round.module.css';

interface TodayProps {
  readonly visits: readonly VisitToday[];
  /** Those of several people are told apart by name. */
  readonly isOfFirm: boolean;
  readonly onChange: (visit: VisitToday) => void;
}

/** The visits of today in the order in which they are driven; what was not held before comes first. */
export function Today({ visits, isOfFirm, onChange }: TodayProps) {
  const { write, isWriting } = useWrite('order-day', orderDay, { touches: [roundKey] });
  const [dragged, setDragged] = useState<string | null>(null);
  // Each person drives their own way.
  const wayOf = ({ personId }: VisitToday) =>
    visits.filter((one) => one.personId === personId).map(({ id }) => id);
  const move = (visit: VisitToday, to: number) => void write(moved(wayOf(visit), visit.id, to));
  const minutes = visits
    .filter(({ isHeld }) => !isHeld)
    .reduce((sum, visit) => sum + minutesOf(visit), 0);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="today">
      <h2 id="today">
        Today{' '}
        <span className={pageStyles['soft']}>
          {counted(visits.length, 'visit')}
          {minutes > 0 && `, about ${lengthInWords(60 * minutes)} at the homes`}
        </span>
      </h2>
      {visits.length === 0 && (
        <p className={pageStyles['soft']}>
          No visit is planned for today. Plan one from what is due, or from what needs attention.
        </p>
      )}
      <ol className={styles['visits']}>
        {visits.map((visit, index) => {
          const way = wayOf(visit);
          const place = way.indexOf(visit.id);
          const draggedOne = visits.find(({ id }) => id === dragged);
          return (
            <li
              key={visit.id}
              draggable={!visit.isHeld && !isWriting}
              data-dragged={dragged === visit.id || undefined}
              onDragStart={(event) => {
                event.dataTransfer.effectAllowed = 'move';
                setDragged(visit.id);
              }}
              onDragEnd={() => setDragged(null)}
              onDragOver={(event) => {
                if (draggedOne?.personId === visit.personId) event.preventDefault();
              }}
              onDrop={(event) => {
                event.preventDefault();
                if (draggedOne && draggedOne.id !== visit.id) move(draggedOne, place);
                setDragged(null);
              }}
            >
              <div className={styles['handle']}>
                <HolderOutlined aria-hidden="true" />
                <Button
                  size="small"
                  type="text"
                  icon={<ArrowUpOutlined />}
                  aria-label={`Drive to ${visit.home.name} earlier`}
                  disabled={place === 0 || isWriting}
                  onClick={() => move(visit, place - 1)}
                />
                <Button
                  size="small"
                  type="text"
                  icon={<ArrowDownOutlined />}
                  aria-label={`Drive to ${visit.home.name} later`}
                  disabled={place === way.length - 1 || isWriting}
                  onClick={() => move(visit, place + 1)}
                />
              </div>
              <OneVisit
                visit={visit}
                isOfFirm={isOfFirm}
                isNext={!visit.isHeld && visits.findIndex(({ isHeld }) => !isHeld) === index}
                onChange={() => onChange(visit)}
              />
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** As somebody said, or as long as what is to be done at its timers takes. */
const minutesOf = ({ minutes, timers }: VisitToday): number =>
  minutes ??
  timers.reduce(
    (sum, { standing, stations }) => sum + (standing ? expectedMinutes(standing, stations) : 0),
    0,
  );

interface OneVisitProps {
  readonly visit: VisitToday;
  readonly isOfFirm: boolean;
  /** One button of the page is the next step. */
  readonly isNext: boolean;
  readonly onChange: () => void;
}

function OneVisit({ visit, isOfFirm, isNext, onChange }: OneVisitProps) {
  const { home, person, onDate, reason, notes, isHeld, timers } = visit;
  const navigate = useNavigate();
  const mayChange = useMayChange();
  const where = [home.address, home.town].filter(Boolean).join(', ');
  const minutes = minutesOf(visit);
  const isCarried = onDate < todayHere();
  return (
    <div className={styles['visit']}>
      <div className={styles['visit-head']}>
        <Link to={`/properties/${home.id}`}>
          <strong>{home.name}</strong>
        </Link>
        {isHeld && <Tag>begun</Tag>}
        {isCarried && !isHeld && <Tag color="warning">carried over from {dayWords(onDate)}</Tag>}
        <span className={pageStyles['soft']}>
          {[isOfFirm && person, minutes > 0 && `about ${lengthInWords(60 * minutes)}`]
            .filter(Boolean)
            .join(', ')}
        </span>
        <Button
          size="small"
          className={clsx(styles['visit-change'])}
          aria-label={`Change the visit to ${home.name}`}
          onClick={onChange}
        >
          Change…
        </Button>
      </div>
      <div className={styles['visit-ways']}>
        {home.latitude !== null && home.longitude !== null ? (
          <a href={`geo:${home.latitude},${home.longitude}`}>
            <EnvironmentOutlined aria-hidden="true" /> {where || 'Map'}
          </a>
        ) : (
          where !== '' && <span>{where}</span>
        )}
        {home.contactPhone !== '' && (
          <a href={`tel:${home.contactPhone.replaceAll(/[^+\d]/g, '')}`}>
            <PhoneOutlined aria-hidden="true" /> {home.contactName} {home.contactPhone}
          </a>
        )}
      </div>
      {reason !== '' && <div>{reason}</div>}
      {notes !== '' && <div className={pageStyles['soft']}>{notes}</div>}
      {home.gateNotes !== '' && <div className={pageStyles['soft']}>Gate: {home.gateNotes}</div>}
      <ul className={styles['visit-timers']}>
        {timers.map(({ id, name, standing }) => (
          <li key={id}>
            <Link to={`/timers/${id}`}>{name}</Link>
            <StandingWords standing={standing} most={4} />
            {mayChange && (
              <Button
                size="small"
                {...(isNext && id === timers[0]?.id && { type: 'primary' as const })}
                aria-label={`Visit ${home.name}, ${name}`}
                onClick={() => void navigate(`/timers/${id}/visit`)}
              >
                Visit
              </Button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
