import {
  CheckCircleFilled,
  CloseCircleFilled,
  MinusCircleOutlined,
  PlusOutlined,
} from '@ant-design/icons';
import { parseDateTime, type TimerSeconds } from '@water-clock/core/civil-time';
import { useQuery } from '@tanstack/react-query';
import { Alert, Button, Input, Table, type TableColumnsType } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { timersQuery, type TimerListing } from '../../api/timers';
import { EmptyState } from '../../app/empty-state';
import { dateAndTime } from '@water-clock/core/words';
import { todayHere } from '../../words/today';
import { AddTimerDialog } from './add-timer-dialog';
import './timers-page.css';

const columns: TableColumnsType<TimerListing> = [
  {
    title: 'Home',
    key: 'home',
    render: (_, { property }) => (
      <>
        <strong>{property.name}</strong>
        <div className="timer-address">
          {[property.address, property.town].filter(Boolean).join(', ')}
        </div>
      </>
    ),
  },
  {
    title: 'Timer',
    key: 'timer',
    render: (_, { id, name, kind }) => (
      <>
        <Link to={`/timers/${id}`}>{name}</Link>
        <div className="timer-address">{kind}</div>
      </>
    ),
  },
  { title: 'Stations', dataIndex: 'stations', align: 'right', width: 90 },
  {
    title: 'Programs in use',
    key: 'programs',
    width: 140,
    render: (_, { programs }) => programs.join(' ') || 'none',
  },
  {
    title: 'The next fourteen nights',
    key: 'outlook',
    render: (_, { outlook }) => <Outlook {...outlook} />,
  },
];

/** All timers of the firm, each with what its next nights bring. */
export function TimersPage() {
  const from = todayHere();
  const timers = useQuery(timersQuery(from));
  const [search, setSearch] = useState('');
  const [isAdding, setAdding] = useState(false);
  const shown = useMemo(() => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    return (timers.data ?? []).filter(({ name, kind, property }) => {
      const text = `${property.name} ${property.address} ${property.town} ${name} ${kind ?? ''}`;
      return words.every((word) => text.toLowerCase().includes(word));
    });
  }, [timers.data, search]);

  const addButton = (
    <Button type="primary" icon={<PlusOutlined />} onClick={() => setAdding(true)}>
      Add a timer
    </Button>
  );
  const isEmpty = timers.data?.length === 0;
  return (
    <main className="timers-page">
      <div className="timers-head">
        <h1>Timers</h1>
        {!isEmpty && (
          <Input.Search
            aria-label="Find a home or a timer"
            placeholder="Find a home or a timer"
            allowClear
            value={search}
            onChange={(event) => setSearch(event.target.value)}
            style={{ maxWidth: 320 }}
          />
        )}
        {!isEmpty && addButton}
      </div>
      {timers.error && (
        <Alert
          type="error"
          showIcon
          title="The timers could not be loaded."
          description={timers.error.message}
          action={<Button onClick={() => void timers.refetch()}>Try again</Button>}
        />
      )}
      {isEmpty ? (
        <EmptyState
          title="No timers yet"
          text="Add the first: whose home it is, where the timer hangs, and what kind it is. Then key in what it holds, and see every night to come."
        >
          {addButton}
        </EmptyState>
      ) : (
        <Table
          rowKey="id"
          columns={columns}
          dataSource={shown}
          loading={timers.isPending}
          pagination={shown.length > 50 ? { pageSize: 50 } : false}
          locale={{ emptyText: `No home or timer is called "${search}".` }}
          scroll={{ x: 'max-content' }}
        />
      )}
      <AddTimerDialog isOpen={isAdding} onClose={() => setAdding(false)} />
    </main>
  );
}

function Outlook({ collisions, firstCollision, runs }: TimerListing['outlook']) {
  if (runs === 0)
    return (
      <span className="outlook" data-kind="none">
        <MinusCircleOutlined aria-hidden="true" /> Nothing waters
      </span>
    );
  if (collisions === 0 || firstCollision === null)
    return (
      <span className="outlook" data-kind="clear">
        <CheckCircleFilled aria-hidden="true" /> {runs} runs, none collide
      </span>
    );
  const first = dateAndTime(parseDateTime(firstCollision) as TimerSeconds);
  return (
    <span className="outlook" data-kind="error">
      <CloseCircleFilled aria-hidden="true" />{' '}
      {collisions === 1 ? '1 collision' : `${collisions} collisions`}, first {first}
    </span>
  );
}
