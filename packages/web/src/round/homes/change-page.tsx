import { useQuery } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { App, Button, Progress } from 'antd';
import { useParams } from 'react-router';
import {
  acceptChange,
  closeRollout,
  goOnWithRollout,
  putInForce,
  rolloutFile,
  rolloutQuery,
  rolloutsKey,
  stopRollout,
  type DoneOfChange,
  type Rollout,
} from '../../api/rollouts';
import { rulesQuery } from '../../api/rules';
import { timerTypesQuery } from '../../api/timer-types';
import { useWrite } from '../../api/use-write';
import { dayWords } from '../../format/day-words';
import { todayHere } from '../../format/today';
import { useMayChange } from '../../session/use-signed-in';
import { Loaded } from '../../ui/loaded';
import { Caution, Page } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import { ChangeTimers } from './change-timers';
import { outcomeInWords, PROGRESS_NAMES, progressCounts, workInWords } from './homes-words';
import { TOUCHED_BY_ACCEPTING } from './of-change';
import { useTellRefused } from './use-accept';
import styles from './homes.module.css';

/** A change of many homes: what it breaks where, what mends it, and how far it is. */
export function ChangePage() {
  const { rolloutId = '' } = useParams();
  const today = todayHere();
  const rollout = useQuery(rolloutQuery(rolloutId, today));
  return (
    <Loaded what="The change" missing="change" queries={[rollout]}>
      {() => <Change rollout={rollout.data!} />}
    </Loaded>
  );
}

const Change = ({ rollout }: { readonly rollout: Rollout }) => (
  <Page
    title={rollout.name}
    crumbs={[
      { to: '/round', name: 'Round' },
      { to: '/round/homes', name: 'Many homes' },
    ]}
    actions={<Ways rollout={rollout} />}
  >
    <section className={pageStyles['sheet']} aria-label="How far it is">
      <HowFar rollout={rollout} />
    </section>
    <ChangeTimers rollout={rollout} />
    <Caution>
      The rules here are your firm&apos;s notes, not the law: check with the water supplier before
      you key anything in. Keeping them is the owner&apos;s.
    </Caution>
  </Page>
);

const FORCED: Partial<Record<Rollout['change']['kind'], string>> = {
  rules: 'Save the rules',
  'timer-type': 'Save the timer type',
};

function Ways({ rollout }: { readonly rollout: Rollout }) {
  const { id, change, inForceAt, closedAt } = rollout;
  const { modal } = App.useApp();
  const mayChange = useMayChange();
  const forcing = useWrite('put-in-force', putInForce, {
    touches: [...TOUCHED_BY_ACCEPTING, rulesQuery.queryKey, timerTypesQuery.queryKey],
  });
  const closing = useWrite('close-change', closeRollout, { touches: TOUCHED_BY_ACCEPTING });
  const words = FORCED[change.kind];
  const close = () => {
    const isClosed = closedAt === null;
    if (!isClosed) return void closing.write({ id, isClosed });
    return void modal.confirm({
      title: 'Close this change?',
      content:
        'Nothing of it is due any more. What was accepted stays, and it can be opened again.',
      okText: 'Close it',
      cancelText: 'Leave it open',
      onOk: async () => {
        await closing.write({ id, isClosed });
      },
    });
  };
  return (
    <>
      <Button href={rolloutFile(id, todayHere())}>As a spreadsheet</Button>
      <Button onClick={() => window.print()}>Print</Button>
      {mayChange && (
        <Button loading={closing.isWriting} onClick={close}>
          {closedAt === null ? 'Close it…' : 'Open it again'}
        </Button>
      )}
      {mayChange && words !== undefined && inForceAt === null && closedAt === null && (
        <Button
          // Where there is something to accept, that is next.
          type={rollout.acceptable > 0 ? 'default' : 'primary'}
          loading={forcing.isWriting}
          disabled={rollout.state === 'working'}
          onClick={() => void forcing.write(id)}
        >
          {words}
        </Button>
      )}
    </>
  );
}

function HowFar({ rollout }: { readonly rollout: Rollout }) {
  const { change, state, from, closedAt, inForceAt, accepted } = rollout;
  const isSavedApart = FORCED[change.kind] !== undefined;
  return (
    <>
      <p className={styles['when']}>
        From {dayWords(from)}
        {isSavedApart && (inForceAt === null ? ', tried and not saved yet' : ', saved')}
        {closedAt !== null && ', closed'}
      </p>
      {state === 'ready' ? (
        <p role="status">
          <strong>{outcomeInWords(rollout)}</strong>
        </p>
      ) : (
        <Working rollout={rollout} />
      )}
      {(accepted > 0 || rollout.progress.putOff > 0) && <WorkedOff rollout={rollout} />}
      <AcceptAll rollout={rollout} />
    </>
  );
}

/** While it is tried: how far, and a way to stop it. */
function Working({ rollout }: { readonly rollout: Rollout }) {
  const { id, state, tried, of, toFix, fixed } = rollout;
  const mayChange = useMayChange();
  const on = todayHere();
  const stopping = useWrite('stop-change', stopRollout, { touches: [rolloutsKey] });
  const goingOn = useWrite('go-on-with-change', goOnWithRollout, { touches: [rolloutsKey] });
  const percent = of === 0 ? 100 : Math.round((100 * (tried + fixed)) / (of + toFix));
  return (
    <div className={styles['working']}>
      <Progress percent={percent} showInfo={false} aria-label="How much is tried" />
      <span role="status">{workInWords(rollout)}</span>
      {mayChange &&
        (state === 'working' ? (
          <Button
            size="small"
            loading={stopping.isWriting}
            onClick={() => void stopping.write({ id, on })}
          >
            Stop
          </Button>
        ) : (
          <Button
            size="small"
            loading={goingOn.isWriting}
            onClick={() => void goingOn.write({ id, on })}
          >
            Go on
          </Button>
        ))}
    </div>
  );
}

/** What became of what was accepted: what is known apart from what is only said. */
function WorkedOff({ rollout }: { readonly rollout: Rollout }) {
  const counts = progressCounts(rollout);
  const all = counts.reduce((sum, [, count]) => sum + count, 0);
  return (
    <>
      <div className={styles['bar']} aria-hidden="true">
        {counts.map(([progress, count]) => (
          <span key={progress} data-progress={progress} style={{ flexGrow: count }} />
        ))}
      </div>
      <ul className={styles['counts']} aria-label="How far it is worked off">
        {counts.map(([progress, count]) => (
          <li key={progress}>
            <span className={styles['mark']} data-progress={progress} aria-hidden="true" />
            {PROGRESS_NAMES[progress]} {count}
          </li>
        ))}
        <li className={pageStyles['soft']}>
          {counted(all, 'timer')}
          {rollout.pending > 0 && `, ${rollout.pending} more being worked out`}
        </li>
      </ul>
    </>
  );
}

/** All that can be accepted, by the hundred, so that nobody else waits for it. */
async function acceptAll({
  id,
  acceptable,
}: Pick<Rollout, 'id' | 'acceptable'>): Promise<DoneOfChange> {
  let done = 0;
  let refused: DoneOfChange['refused'] = [];
  while (done + refused.length < acceptable) {
    const part = await acceptChange({ id });
    done += part.done;
    refused = [...refused, ...part.refused];
    if (part.done + part.refused.length === 0) break;
  }
  return { done, refused };
}

function AcceptAll({
  rollout: { id, acceptable, closedAt, state },
}: {
  readonly rollout: Rollout;
}) {
  const { modal, message } = App.useApp();
  const tell = useTellRefused();
  const mayChange = useMayChange();
  const { write, isWriting } = useWrite('accept-all-of-change', acceptAll, {
    touches: TOUCHED_BY_ACCEPTING,
  });
  if (!mayChange || closedAt !== null || acceptable === 0) return null;
  const ask = () =>
    void modal.confirm({
      title: `Accept the fixes of ${counted(acceptable, 'timer')}?`,
      content:
        'They become the settings that are to be keyed in, each with a planned copy. Settings that somebody saved meanwhile are left as they are. Until they are keyed in they can be withdrawn.',
      okText: 'Accept them all',
      cancelText: 'Not now',
      onOk: async () => {
        const done = await write({ id, acceptable });
        if (!done) return;
        if (tell(done.answer))
          void message.success(`${counted(done.answer.done, 'timer')} accepted.`);
      },
    });
  return (
    <Button type="primary" loading={isWriting} disabled={state === 'working'} onClick={ask}>
      {acceptable === 1 ? 'Accept all: 1 timer…' : `Accept all ${acceptable}…`}
    </Button>
  );
}
