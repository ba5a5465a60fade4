import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { Button, Input, Select, Switch, Table, type TableColumnsType } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { propertiesQuery, type PropertyListing, type PropertySearch } from '../../api/properties';
import { EmptyState } from '../../app/empty-state';
import { LoadError, Page } from '../../app/page';
import { useMayChange } from '../../signed-in/use-signed-in';
import { todayHere } from '../../words/today';
import { ImportDialog } from './import-dialog';
import { OutlookWords } from './outlook-words';
import './properties-page.css';

const SORTS = [
  { value: 'name', label: 'by name' },
  { value: 'town', label: 'by town' },
  { value: 'newest', label: 'newest first' },
] satisfies { value: PropertySearch['sort']; label: string }[];

const columns: TableColumnsType<PropertyListing> = [
  {
    title: 'Property',
    key: 'property',
    render: (_, { id, name, address, town }) => (
      <>
        <Link to={`/properties/${id}`}>
          <strong>{name}</strong>
        </Link>
        <div className="soft">{[address, town].filter(Boolean).join(', ')}</div>
      </>
    ),
  },
  { title: 'Contact', dataIndex: 'contactName', responsive: ['md'] },
  {
    title: 'Timers, and their next fourteen nights',
    key: 'timers',
    render: (_, { timers }) =>
      timers.length === 0 ? (
        <span className="soft">no timer yet</span>
      ) : (
        <ul className="timers-of">
          {timers.map(({ id, name, kind, outlook }) => (
            <li key={id}>
              <Link to={`/timers/${id}`}>{name}</Link>
              <span className="soft">{kind}</span>
              <OutlookWords {...outlook} />
            </li>
          ))}
        </ul>
      ),
  },
];

/** The search of the address: deep links, reload and going back all show the same. */
function usePropertySearch() {
  const [params, setParams] = useSearchParams();
  const sort = SORTS.find(({ value }) => value === params.get('sort'))?.value ?? 'name';
  const search: PropertySearch = {
    q: params.get('q') ?? '',
    sort,
    archived: params.get('archived') === 'yes' ? 'yes' : 'no',
    page: Math.max(1, Math.trunc(Number(params.get('page') ?? 1)) || 1),
    from: todayHere(),
  };
  const go = (to: Partial<Omit<PropertySearch, 'from'>>) =>
    setParams(
      (before) => {
        const next = new URLSearchParams(before);
        for (const [name, value] of Object.entries({ page: 1, ...to }))
          next.set(name, String(value));
        return next;
      },
      { replace: true },
    );
  return [search, go] as const;
}

const PAUSE_MS = 150;

/** A text as it is typed; it counts after a short pause. */
function useTyped(settled: string, settle: (text: string) => void) {
  const [typed, setTyped] = useState(settled);
  useEffect(() => {
    if (typed === settled) return;
    const pause = setTimeout(() => settle(typed), PAUSE_MS);
    return () => clearTimeout(pause);
  });
  return [typed, setTyped] as const;
}

/** All properties of the firm: found as one types, each with its timers. */
export function PropertiesPage() {
  const [search, go] = usePropertySearch();
  const found = useQuery(propertiesQuery(search));
  const navigate = useNavigate();
  const mayChange = useMayChange();
  const [isImporting, setImporting] = useState(false);
  const [typed, setTyped] = useTyped(search.q, (q) => go({ q }));
  const isEmpty = found.data?.total === 0 && search.q === '' && search.archived === 'no';
  const actions = (
    <>
      {mayChange && <Button onClick={() => setImporting(true)}>Bring in a file…</Button>}
      <Button
        type="primary"
        icon={<PlusOutlined />}
        onClick={() => void navigate('/properties/new')}
      >
        Add a property
      </Button>
    </>
  );
  return (
    <Page title="Properties" actions={!isEmpty && actions}>
      {found.error && (
        <LoadError what="The properties" error={found.error} onRetry={() => void found.refetch()} />
      )}
      {isEmpty ? (
        <EmptyState
          title="No properties yet"
          text="Add the first: whose home it is and what water it has. Then its timer, its stations, and what the timer held when you found it."
        >
          <div className="page-head">{actions}</div>
        </EmptyState>
      ) : (
        <>
          <div className="properties-search">
            <Input
              autoFocus
              aria-label="Find a property"
              placeholder="Name, address, contact or timer"
              allowClear
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              style={{ maxWidth: 340 }}
            />
            <Select
              aria-label="Sorted"
              value={search.sort}
              options={SORTS}
              onChange={(sort) => go({ sort })}
              style={{ width: 140 }}
            />
            <label>
              <Switch
                size="small"
                checked={search.archived === 'yes'}
                onChange={(on) => go({ archived: on ? 'yes' : 'no' })}
              />{' '}
              archived ones
            </label>
            <span className="soft" role="status">
              {found.data && `${found.data.total} found`}
            </span>
          </div>
          <Table
            rowKey="id"
            size="small"
            columns={columns}
            dataSource={[...(found.data?.rows ?? [])]}
            loading={found.isPending}
            pagination={
              found.data && found.data.total > found.data.pageSize
                ? {
                    current: search.page,
                    pageSize: found.data.pageSize,
                    total: found.data.total,
                    showSizeChanger: false,
                    onChange: (page) => go({ page }),
                  }
                : false
            }
            locale={{
              emptyText:
                search.q === ''
                  ? 'Nothing is archived.'
                  : `No property has all the words of "${search.q}".`,
            }}
            scroll={{ x: 'max-content' }}
          />
        </>
      )}
      {isImporting && <ImportDialog onClose={() => setImporting(false)} />}
    </Page>
  );
}
