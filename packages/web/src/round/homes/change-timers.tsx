import { useQuery } from '@tanstack/react-query';
import { Button, Skeleton } from 'antd';
import {
  againAfterMs,
  rolloutTimersQuery,
  type Rollout,
  type TimerOfRollout,
} from '../../api/rollouts';
import { todayHere } from '../../format/today';
import { useMayChange } from '../../session/use-signed-in';
import { Pages } from '../../ui/data-table';
import { LoadError } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import { usePlace } from '../../ui/use-place';
import { listsOf } from './homes-words';
import { TimerLine } from './timer-line';
import { useAccept } from './use-accept';
import styles from './homes.module.css';

const PAGE_SIZE = 50;

/** The timers that a change touches, list by list; a page of one of them can be accepted at once. */
export function ChangeTimers({ rollout }: { readonly rollout: Rollout }) {
  const [place, go] = usePlace();
  const lists = listsOf(rollout);
  const chosen = lists.find(({ which }) => which === place.get('which')) ?? lists[0]!;
  const page = Math.max(1, Number(place.get('page')) || 1);
  const timers = useQuery({
    ...rolloutTimersQuery(rollout, {
      ...{ on: todayHere(), which: chosen.which },
      ...{ skip: (page - 1) * PAGE_SIZE, take: PAGE_SIZE },
    }),
    // What is shown is as far as the counts above it.
    refetchInterval: againAfterMs(rollout),
  });
  const { data, error } = timers;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="timers">
      <h2 id="timers">Timers</h2>
      <div className={styles['lists']} role="group" aria-label="Which timers">
        {lists.map(({ which, label, count }) => (
          <Button
            key={which}
            size="small"
            aria-pressed={which === chosen.which}
            onClick={() => go({ which, page: undefined })}
          >
            {label} {count}
          </Button>
        ))}
      </div>
      {error && !data && (
        <LoadError what="The timers" error={error} onRetry={() => void timers.refetch()} />
      )}
      {!data && !error && <Skeleton active />}
      {data && (
        <>
          <AcceptPage rollout={rollout} timers={data.timers} />
          {data.timers.length === 0 && (
            <p className={pageStyles['soft']}>
              {rollout.state === 'working' ? 'None so far.' : 'None.'}
            </p>
          )}
          <ul className={styles['timers']}>
            {data.timers.map((timer) => (
              <TimerLine
                key={timer.id}
                {...{ rollout, timer }}
                isMixed={chosen.which === 'all' || chosen.which === 'accepted'}
              />
            ))}
          </ul>
          <Pages
            page={page}
            pageSize={PAGE_SIZE}
            total={data.total}
            onPage={(next) => go({ page: next === 1 ? undefined : String(next) })}
          />
        </>
      )}
    </section>
  );
}

function AcceptPage({
  rollout,
  timers,
}: {
  readonly rollout: Rollout;
  readonly timers: readonly TimerOfRollout[];
}) {
  const mayChange = useMayChange();
  const { accept, isWriting } = useAccept(rollout);
  const acceptable = timers.filter(({ isAcceptable }) => isAcceptable);
  if (!mayChange || rollout.closedAt !== null || acceptable.length < 2) return null;
  return (
    <Button
      size="small"
      style={{ marginBottom: 8 }}
      loading={isWriting}
      onClick={() => void accept(acceptable)}
    >
      Accept the {acceptable.length} of this page
    </Button>
  );
}
