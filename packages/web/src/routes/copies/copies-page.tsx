import { useQuery } from '@tanstack/react-query';
import { Button, Skeleton, Table, Tag, type TableColumnsType } from 'antd';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiError } from '../../api/client';
import { copiesQuery, type CopyListing } from '../../api/copies';
import { timerQuery } from '../../api/timers';
import { EmptyState } from '../../app/empty-state';
import { NotFound } from '../../app/not-found';
import { LoadError, Page } from '../../app/page';
import { momentWords, REASON_NAMES } from '../../copies-words/copy-words';
import { useClock, useMayChange } from '../../signed-in/use-signed-in';
import { ComparePanel } from './compare-panel';

/** Every saved copy of a timer; two of them are compared in words. */
export function CopiesPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const copies = useQuery(copiesQuery(timerId));
  const clock = useClock();
  const navigate = useNavigate();
  const mayChange = useMayChange();
  const [search, setSearch] = useSearchParams();
  const error = timer.error ?? copies.error;
  if (error instanceof ApiError && error.status === 404) return <NotFound what="timer" />;
  if (error)
    return <LoadError what="The copies" error={error} onRetry={() => void copies.refetch()} />;
  if (!timer.data || !copies.data) return <Skeleton active style={{ padding: 24 }} />;

  const known = new Set(copies.data.map(({ id }) => id));
  const asked = (search.get('compare') ?? '').split(',').filter((id) => known.has(id));
  // Without a choice the two newest are compared.
  const chosen = search.has('compare') ? asked : copies.data.slice(0, 2).map(({ id }) => id);
  const choose = (ids: string[]) =>
    setSearch({ compare: ids.slice(-2).join(',') }, { replace: true });
  const pair = copies.data.filter(({ id }) => chosen.includes(id));

  const columns: TableColumnsType<CopyListing> = [
    { title: '№', dataIndex: 'number', width: 56, align: 'right' },
    {
      title: 'Copy',
      key: 'copy',
      render: (_, { id, name, reason }) => (
        <>
          <Link to={`/copies/${id}`}>{name || REASON_NAMES[reason]}</Link>
          {name && <div className="soft">{REASON_NAMES[reason]}</div>}
        </>
      ),
    },
    {
      title: 'In the timer now',
      key: 'in-timer',
      render: (_, { isInTimer }) => isInTimer && <Tag>yes, as far as we know</Tag>,
    },
    { title: 'Saved', key: 'saved', render: (_, { madeAt }) => momentWords(madeAt, clock) },
    { title: 'By', dataIndex: 'person' },
  ];
  const { property, name } = timer.data;
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
      {copies.data.length === 0 ? (
        <EmptyState
          title="No copies yet"
          text="Each save at the desk becomes a copy, and so does each reading of the timer. Begin with what it holds now."
        />
      ) : (
        <>
          <Table
            rowKey="id"
            size="small"
            columns={columns}
            dataSource={copies.data}
            pagination={copies.data.length > 12 ? { pageSize: 12 } : false}
            rowSelection={{
              selectedRowKeys: chosen,
              hideSelectAll: true,
              onChange: (keys) => choose(keys.map(String)),
              getCheckboxProps: ({ number }) =>
                ({ 'aria-label': `Compare copy ${number}` }) as object,
            }}
            scroll={{ x: 'max-content' }}
          />
          {pair.length === 2 ? (
            <ComparePanel newer={pair[0]!.id} older={pair[1]!.id} />
          ) : (
            <p className="soft">Tick two copies to compare them.</p>
          )}
        </>
      )}
    </Page>
  );
}
