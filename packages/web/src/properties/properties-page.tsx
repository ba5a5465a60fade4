import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import { DUE_KINDS } from '@water-clock/core/dues';
import { REASON_KINDS } from '@water-clock/core/standing';
import { counted } from '@water-clock/core/words';
import { Button, Checkbox, Input, Skeleton } from 'antd';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { usePlace } from '../ui/use-place';
import {
  propertiesQuery,
  type PropertyListing,
  type PropertyPage,
  type PropertySearch,
} from '../api/properties';
import { DataTable, Pages, type DataColumn } from '../ui/data-table';
import { later } from '../ui/later';
import { LoadError, Page } from '../ui/page';
import { useMayChange } from '../session/use-signed-in';
import { SaveForOffline } from '../timer-records/save-for-offline';
import { todayHere } from '../format/today';
import pageStyles from '../ui/page.module.css';
import { AddProperty } from './add-property';
import { FirstRun } from './first-run';
import styles from './properties-page.module.css';
import { Choice } from '../ui/choice';

// On every other screen that comes with the first one it would be for nothing.
const StandingWords = later(() => import('../timer-records/standing-words'), 'StandingWords');

const FilterBar = later(() => import('./filter-bar'), 'FilterBar');
const SelectionBar = later(() => import('./selection-bar'), 'SelectionBar');

const ImportDialog = lazy(async () => ({
  default: (await import('./import-dialog')).ImportDialog,
}));

const SORTS = [
  { value: 'name', label: 'by name' },
  { value: 'town', label: 'by town' },
  { value: 'newest', label: 'newest first' },
  { value: 'worst', label: 'worst first' },
] satisfies { value: PropertySearch['sort']; label: string }[];

/** Which homes are chosen, and how one chooses. */
interface Choosing {
  readonly chosen: ReadonlySet<string>;
  readonly toggle: (id: string) => void;
}

const columnsFor = ({ chosen, toggle }: Choosing): readonly DataColumn<PropertyListing>[] => [
  {
    title: 'Chosen',
    cell: ({ id, name }) => (
      <Checkbox
        aria-label={`Choose ${name}`}
        checked={chosen.has(id)}
        onChange={() => toggle(id)}
      />
    ),
  },
  {
    title: 'Property',
    cell: ({ id, name, address, town }) => (
      <>
        <Link to={`/properties/${id}`}>
          <strong>{name}</strong>
        </Link>
        <div className={pageStyles['soft']}>{[address, town].filter(Boolean).join(', ')}</div>
      </>
    ),
  },
  { title: 'Contact', cell: ({ contactName }) => contactName, from: 'md' },
  {
    title: 'Timers, and what they need',
    cell: ({ timers }) =>
      timers.length === 0 ? (
        <span className={pageStyles['soft']}>no timer yet</span>
      ) : (
        <ul className={styles['timers-of']}>
          {timers.map(({ id, name, timerType, standing }) => (
            <li key={id}>
              <Link to={`/timers/${id}`}>{name}</Link>
              <span className={pageStyles['soft']}>{timerType}</span>
              <StandingWords standing={standing} most={2} />
            </li>
          ))}
        </ul>
      ),
  },
];

/** The search of the address: deep links, reload and going back all show the same. */
function usePropertySearch() {
  const [params, goTo] = usePlace();
  const sort = SORTS.find(({ value }) => value === params.get('sort'))?.value ?? 'name';
  const search: PropertySearch = {
    q: params.get('q') ?? '',
    sort,
    archived: params.get('archived') === 'yes' ? 'yes' : 'no',
    reason: REASON_KINDS.find((kind) => kind === params.get('reason')),
    due: DUE_KINDS.find((kind) => kind === params.get('due')),
    ruleSetId: params.get('ruleSetId') ?? undefined,
    timerTypeId: params.get('timerTypeId') ?? undefined,
    personId: params.get('personId') ?? undefined,
    page: Math.max(1, Math.trunc(Number(params.get('page') ?? 1)) || 1),
    from: todayHere(),
  };
  const go = (to: Partial<Omit<PropertySearch, 'from'>>) =>
    goTo(
      Object.fromEntries(
        Object.entries({ page: 1, ...to }).map(([name, value]) => [
          name,
          value === undefined ? undefined : String(value),
        ]),
      ),
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
  const mayChange = useMayChange();
  const [isImporting, setImporting] = useState(false);
  const isEmpty =
    found.data?.total === 0 && search.q === '' && search.archived === 'no' && !isFilteredBy(search);
  const actions = (
    <>
      {mayChange && (
        <SaveForOffline
          timerIds={(found.data?.rows ?? []).flatMap(({ timers }) => timers.map(({ id }) => id))}
        >
          Save for offline
        </SaveForOffline>
      )}
      {mayChange && <Button onClick={() => setImporting(true)}>Import…</Button>}
      <AddProperty />
    </>
  );
  return (
    <Page title="Properties" actions={!isEmpty && actions}>
      {found.error && !found.data && (
        <LoadError what="The properties" error={found.error} onRetry={() => void found.refetch()} />
      )}
      {isEmpty ? (
        <FirstRun onImport={() => setImporting(true)} />
      ) : (
        <Listing {...{ search, found }} onChange={go} />
      )}
      {isImporting && (
        <Suspense>
          <ImportDialog onClose={() => setImporting(false)} />
        </Suspense>
      )}
    </Page>
  );
}

interface ListingProps {
  readonly search: PropertySearch;
  readonly found: UseQueryResult<PropertyPage>;
  readonly onChange: (to: Partial<Omit<PropertySearch, 'from'>>) => void;
}

/** What was found, by which words and filters, and what is done with those that are chosen. */
function Listing({ search, found, onChange }: ListingProps) {
  const [isAsked, setAsked] = useState(false);
  const [chosen, setChosen] = useState<ReadonlyMap<string, PropertyListing>>(new Map());
  const isFiltering = isAsked || isFilteredBy(search);
  const toggle = (id: string) => {
    const next = new Map(chosen);
    const home = found.data?.rows.find((row) => row.id === id);
    if (!next.delete(id) && home) next.set(id, home);
    setChosen(next);
  };
  const clear = () => {
    onChange(NO_FILTER);
    setAsked(false);
  };
  return (
    <>
      <SearchBar
        {...{ search, isFiltering, onChange }}
        found={found.data?.total}
        pending={found.data?.pending ?? 0}
        onFilter={() => setAsked(true)}
      />
      {isFiltering && <FilterBar {...{ search, onChange }} onClear={clear} />}
      {chosen.size > 0 && (
        <SelectionBar homes={[...chosen.values()]} onClear={() => setChosen(new Map())} />
      )}
      <FoundTable
        {...{ search, found, toggle }}
        chosen={new Set(chosen.keys())}
        onPage={(page) => onChange({ page })}
      />
    </>
  );
}

const NO_FILTER = {
  ...{ reason: undefined, due: undefined, ruleSetId: undefined },
  ...{ timerTypeId: undefined, personId: undefined },
};
const isFilteredBy = ({ reason, due, ruleSetId, timerTypeId, personId }: PropertySearch): boolean =>
  [reason, due, ruleSetId, timerTypeId, personId].some((one) => one !== undefined);

interface SearchBarProps {
  readonly search: PropertySearch;
  /** How many were found; undefined while that is asked. */
  readonly found: number | undefined;
  /** Of so many timers it is not known yet whether they are so. */
  readonly pending: number;
  readonly isFiltering: boolean;
  readonly onFilter: () => void;
  readonly onChange: (to: Partial<Pick<PropertySearch, 'q' | 'sort' | 'archived'>>) => void;
}

/** By which words, and in what order, properties are listed. */
function SearchBar(props: SearchBarProps) {
  const { search, found, pending, isFiltering, onFilter, onChange } = props;
  const [typed, setTyped] = useTyped(search.q, (q) => onChange({ q }));
  return (
    <div className={styles['properties-search']}>
      <Input
        autoFocus
        aria-label="Find a property"
        placeholder="Name, address, contact or timer"
        allowClear
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        style={{ maxWidth: 340 }}
      />
      <Choice
        label="Sorted"
        optionType="button"
        value={search.sort}
        options={SORTS}
        onChange={(sort) => onChange({ sort })}
      />
      <Checkbox
        checked={search.archived === 'yes'}
        onChange={(event) => onChange({ archived: event.target.checked ? 'yes' : 'no' })}
      >
        archived ones
      </Checkbox>
      {!isFiltering && <Button onClick={onFilter}>Filter…</Button>}
      <span className={pageStyles['soft']} role="status">
        {found !== undefined && `${found} found`}
        {pending > 0 && `, ${counted(pending, 'timer')} still to be looked at`}
      </span>
    </div>
  );
}

interface FoundTableProps extends Choosing {
  readonly search: PropertySearch;
  readonly found: UseQueryResult<PropertyPage>;
  readonly onPage: (page: number) => void;
}

function FoundTable({ search, found: { data }, chosen, toggle, onPage }: FoundTableProps) {
  if (!data) return <Skeleton active />;
  return (
    <>
      <DataTable
        label="Properties"
        isCards
        columns={columnsFor({ chosen, toggle })}
        isMarked={({ id }) => chosen.has(id)}
        rows={data.rows}
        keyOf={({ id }) => id}
        nothing={
          search.q !== ''
            ? `No property has all the words of "${search.q}".`
            : isFilteredBy(search)
              ? 'No property is so.'
              : 'Nothing is archived.'
        }
      />
      <Pages page={search.page} pageSize={data.pageSize} total={data.total} onPage={onPage} />
    </>
  );
}
