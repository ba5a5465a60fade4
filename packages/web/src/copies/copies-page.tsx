import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Tag } from 'antd';
import { Link, useNavigate, useParams } from 'react-router';
import { usePlace } from '../ui/use-place';
import { copiesQuery, type CopyListing } from '../api/copies';
import { timerQuery, type Timer } from '../api/timers';
import { DataTable, Pages, type DataColumn } from '../ui/data-table';
import { EmptyState } from '../ui/empty-state';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { REASON_NAMES } from './copy-words';
import { sinceWords } from './in-timer-words';
import { momentWords } from '../format/moment-words';
import { useClock, useMayChange } from '../session/use-signed-in';
import { useInTimer } from '../timer-records/use-in-timer';
import { ComparePanel } from './compare-panel';
import pageStyles from '../ui/page.module.css';

/** Every saved copy of a timer; two of them are compared in words. */
export function CopiesPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const copies = useQuery(copiesQuery(timerId));
  return (
    <Loaded what="The copies" missing="timer" queries={[timer, copies]}>
      {() => <CopiesOfTimer timer={timer.data!} copies={copies.data!} />}
    </Loaded>
  );
}

const PAGE_SIZE = 12;

interface CopiesOfTimerProps {
  readonly timer: Timer;
  readonly copies: readonly CopyListing[];
}

function CopiesOfTimer({ timer, copies }: CopiesOfTimerProps) {
  const clock = useClock();
  const navigate = useNavigate();
  const mayChange = useMayChange();
  const [search, go] = usePlace();
  const keyedIn = useInTimer(timer.id)?.keyedIn ?? 0;
  const known = new Set(copies.map(({ id }) => id));
  const asked = (search.get('compare') ?? '').split(',').filter((id) => known.has(id));
  // Without a choice the two newest are compared.
  const chosen = search.has('compare') ? asked : copies.slice(0, 2).map(({ id }) => id);
  const choose = (ids: string[]) => go({ compare: ids.slice(-2).join(',') });
  const pair = copies.filter(({ id }) => chosen.includes(id));

  const toggle = (id: string) =>
    choose(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  const pages = Math.max(1, Math.ceil(copies.length / PAGE_SIZE));
  const page = Math.min(pages, Math.max(1, Number(search.get('page')) || 1));
  const columns: readonly DataColumn<CopyListing>[] = [
    {
      title: 'Compare',
      cell: ({ id, number }) => (
        <Checkbox
          aria-label={`Compare copy № ${number}`}
          checked={chosen.includes(id)}
          onChange={() => toggle(id)}
        >
          № {number}
        </Checkbox>
      ),
    },
    {
      title: 'Copy',
      cell: ({ id, name, reason }) => (
        <>
          <Link to={`/copies/${id}`}>{name || REASON_NAMES[reason]}</Link>
          {name && <div className={pageStyles['soft']}>{REASON_NAMES[reason]}</div>}
        </>
      ),
    },
    {
      title: 'In the timer now',
      cell: ({ isInTimer }) =>
        isInTimer && (
          <>
            <Tag>yes, as far as we know</Tag>
            {keyedIn > 0 && <div>but for {sinceWords(keyedIn)}</div>}
          </>
        ),
    },
    { title: 'Saved', cell: ({ madeAt }) => momentWords(madeAt, clock) },
    { title: 'By', cell: ({ person }) => person },
  ];
  const { id: timerId, property, name } = timer;
  return (
    <Page
      title="Saved copies"
      crumbs={[
        { to: `/properties/${property.id}`, name: property.name },
        { to: `/timers/${timerId}`, name },
      ]}
      actions={
        mayChange && (
          <Button type="primary" onClick={() => void navigate(`/timers/${timerId}/as-found`)}>
            As found: read the timer
          </Button>
        )
      }
    >
      {copies.length === 0 ? (
        <EmptyState
          title="No copies yet"
          text="Each save at the desk becomes a copy, and so does each reading of the timer. Begin with what it holds now."
        />
      ) : (
        <>
          <DataTable
            label="Copies"
            columns={columns}
            rows={copies.slice((page - 1) * PAGE_SIZE, page * PAGE_SIZE)}
            keyOf={({ id }) => id}
            isMarked={({ id }) => chosen.includes(id)}
            nothing="No copies yet"
            isCards
          />
          <Pages
            {...{ page }}
            pageSize={PAGE_SIZE}
            total={copies.length}
            onPage={(to) => go({ page: String(to) })}
          />
          {pair.length === 2 ? (
            <ComparePanel newer={pair[0]!.id} older={pair[1]!.id} />
          ) : (
            <p className={pageStyles['soft']}>Tick two copies to compare them.</p>
          )}
        </>
      )}
    </Page>
  );
}
