import { useQuery } from '@tanstack/react-query';
import { addDays, dayOf, formatDate, parseDate } from '@water-clock/core/civil-time';
import { longDate } from '@water-clock/core/words';
import { Button } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import {
  propertyQuery,
  timersOfPropertyQuery,
  type Property,
  type TimerOfProperty,
} from '../../api/properties';
import { nowIn } from '../../format/now-in';
import { todayHere } from '../../format/today';
import { Loaded } from '../../ui/loaded';
import { Page } from '../../ui/page';
import { usePlace } from '../../ui/use-place';
import { ContactLinks } from './contact-links';
import { TimerWeek } from './timer-week';
import styles from './week.module.css';
import pageStyles from '../../ui/page.module.css';

/** When each station of a home waters this week, and what to say to whoever asks. */
export function WeekPage() {
  const { propertyId = '' } = useParams();
  const property = useQuery(propertyQuery(propertyId));
  const timers = useQuery(timersOfPropertyQuery(propertyId, todayHere()));
  return (
    <Loaded what="The home" missing="property" queries={[property, timers]}>
      {() => <Week property={property.data!} timers={timers.data!} />}
    </Loaded>
  );
}

interface WeekProps {
  readonly property: Property;
  readonly timers: readonly TimerOfProperty[];
}

const WEEK = 7;

function Week({ property, timers }: WeekProps) {
  const { id, name, timeZone } = property;
  const [now] = useState(() => nowIn(timeZone ?? undefined, new Date()));
  const [place, go] = usePlace();
  const today = dayOf(now);
  const from = parseDate(place.get('from') ?? '') ?? today;
  const station = Number(place.get('station'));
  const move = (days: number) => go({ from: formatDate(addDays(from, days)) });
  return (
    <Page
      title={from === today ? 'This week' : `The week from ${longDate(from)}`}
      crumbs={[
        { to: '/properties', name: 'Properties' },
        { to: `/properties/${id}`, name },
      ]}
      actions={
        <>
          <Button onClick={() => move(-WEEK)}>Week before</Button>
          {from !== today && <Button onClick={() => go({ from: undefined })}>This week</Button>}
          <Button onClick={() => move(WEEK)}>Next week</Button>
        </>
      }
    >
      <ContactLinks property={property} />
      {timers.length === 0 && (
        <p className={pageStyles['soft']}>
          This home has no timer yet: nothing waters. Add one on the page of the home.
        </p>
      )}
      <div className={styles['weeks']}>
        {timers.map((timer) => (
          <TimerWeek
            key={timer.id}
            timerId={timer.id}
            {...{ from, now }}
            asked={place.get('timer') === timer.id ? station : null}
          />
        ))}
      </div>
    </Page>
  );
}
