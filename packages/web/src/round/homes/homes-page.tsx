import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { Button, Skeleton } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { rolloutsQuery, type RolloutListing } from '../../api/rollouts';
import { dayWords } from '../../format/day-words';
import { useMayChange } from '../../session/use-signed-in';
import { EmptyState } from '../../ui/empty-state';
import { later } from '../../ui/later';
import listPageStyles from '../../ui/list-page.module.css';
import { LoadError, Page } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';

const NewChangeDialog = later(
  () => import('../../timer-records/new-change-dialog'),
  'NewChangeDialog',
);

/** The changes of many homes: those that go on, and those that are closed. */
export function HomesPage() {
  const rollouts = useQuery(rolloutsQuery);
  const mayChange = useMayChange();
  const [isNew, setNew] = useState(false);
  const { data, error } = rollouts;
  const open = data?.filter(({ closedAt }) => closedAt === null) ?? [];
  const closed = data?.filter(({ closedAt }) => closedAt !== null) ?? [];
  return (
    <Page
      title="Many homes"
      crumbs={[{ to: '/round', name: 'Round' }]}
      actions={
        mayChange && (
          <Button type="primary" icon={<PlusOutlined />} onClick={() => setNew(true)}>
            Try a change
          </Button>
        )
      }
    >
      {error && !data && (
        <LoadError what="The changes" error={error} onRetry={() => void rollouts.refetch()} />
      )}
      {!data && !error && <Skeleton active />}
      {data?.length === 0 && (
        <EmptyState
          title="No change yet"
          text="A step of the season, a percentage or a finish time is tried on all homes before anything is saved: you see what it breaks, where and since when, and the fewest values to key in. Watering rules and timer types are tried from their own pages."
        />
      )}
      {open.length > 0 && <Changes title="Going on" rollouts={open} />}
      {closed.length > 0 && <Changes title="Closed" rollouts={closed} />}
      {isNew && <NewChangeDialog homes={null} onClose={() => setNew(false)} />}
    </Page>
  );
}

interface ChangesProps {
  readonly title: string;
  readonly rollouts: readonly RolloutListing[];
}

const Changes = ({ title, rollouts }: ChangesProps) => (
  <section className={pageStyles['sheet']} aria-label={title}>
    <h2>{title}</h2>
    <ul className={listPageStyles['list']}>
      {rollouts.map((rollout) => (
        <li key={rollout.id}>
          <Link to={`/round/homes/${rollout.id}`}>{rollout.name}</Link>
          <span>from {dayWords(rollout.from)}</span>
          <span className={pageStyles['soft']}>{howFar(rollout)}</span>
        </li>
      ))}
    </ul>
  </section>
);

function howFar({ state, tried, of, toFix, accepted, outcomes }: RolloutListing): string {
  if (tried < of || state !== 'ready') return `${tried} of ${counted(of, 'timer')} tried`;
  const breaks = outcomes.breaks === 0 ? 'breaks nothing' : `breaks ${outcomes.breaks}`;
  return [
    `${counted(of - outcomes.untouched, 'timer')}, ${breaks}`,
    ...(accepted > 0 ? [`${accepted} accepted`] : toFix > 0 ? ['none accepted'] : []),
  ].join(', ');
}
