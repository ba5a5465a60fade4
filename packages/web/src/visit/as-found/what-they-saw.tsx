import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { tellingsQuery } from '../../api/tellings';
import { momentWords } from '../../format/moment-words';
import { useClock, useSay } from '../../session/use-signed-in';
import { toldWords } from '../../diagnosis/told-words';
import pageStyles from '../../ui/page.module.css';

/** What whoever lives here saw of its water, and the way to what would explain it. */
export function WhatTheySaw({ timerId }: { readonly timerId: string }) {
  const all = useQuery(tellingsQuery(timerId)).data ?? [];
  const told = all.filter(({ closedAt }) => closedAt === null);
  const clock = useClock();
  const say = useSay();
  return (
    <section className={pageStyles['sheet']} aria-labelledby="what-they-saw">
      <h2 id="what-they-saw">What they saw</h2>
      {told.length === 0 && (
        <p className={pageStyles['soft']}>
          Ask whoever lives here when it watered, and when it did not.
        </p>
      )}
      {told.map(({ id, toldAt, document: { words, saw } }) => (
        <p key={id}>
          <span className={pageStyles['soft']}>{momentWords(toldAt, clock)}: </span>
          {[words && `“${words}”`, ...saw.map((one) => say(toldWords(one, [])))]
            .filter(Boolean)
            .join(' ')}
        </p>
      ))}
      <p className={pageStyles['way']}>
        <Link to={`/timers/${timerId}/wrong`}>
          Put what they saw on a week, and see what would explain it
        </Link>
      </p>
    </section>
  );
}
