import { DUE_KINDS } from '@water-clock/core/dues';
import { REASON_KINDS } from '@water-clock/core/standing';
import { counted } from '@water-clock/core/words';
import { Button, Checkbox, Input } from 'antd';
import { lazy, Suspense, useEffect, useState } from 'react';
import { usePlace } from '../ui/use-place';
import type { PropertyListing, PropertySearch } from '../api/properties';
import { later } from '../ui/later';
import { LoadError, Page } from '../ui/page';
import { useMayChange } from '../session/use-signed-in';
import { SaveForOffline } from '../timer-records/save-for-offline';
import { todayHere } from '../format/today';
import pageStyles from '../ui/page.module.css';
import { AddProperty } from './add-property';
import { FirstRun } from './first-run';
import { isFilteredBy, useFoundHomes, type Search } from './use-found-homes';
import styles from './properties-page.module.css';
import { Choice } from '../ui/choice';

// It stands on no other screen.
const FoundTable = later(() => import('./found-table'), 'FoundTable');
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

/** The search of the address: deep links, reload and going back all show the same. */
function usePropertySearch() {
  const [params, goTo] = usePlace();
  const sort = SORTS.find(({ value }) => value === params.get('sort'))?.value ?? 'name';
  const search: Search = {
    q: params.get('q') ?? '',
    sort,
    archived: params.get('archived') === 'yes' ? 'yes' : 'no',
    reason: REASON_KINDS.find((kind) => kind === params.get('reason')),
    due: DUE_KINDS.find((kind) => kind === params.get('due')),
    ruleSetId: params.get('ruleSetId') ?? undefined,
    timerTypeId: params.get('timerTypeId') ?? undefined,
    personId: params.get('personId') ?? undefined,
    from: todayHere(),
  };
  const go = (to: Partial<Omit<Search, 'from'>>) => goTo(to);
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
  const homes = useFoundHomes(search);
  const { data, error, refetch } = homes.first;
  const mayChange = useMayChange();
  const [isImporting, setImporting] = useState(false);
  const isEmpty =
    data?.total === 0 && search.q === '' && search.archived === 'no' && !isFilteredBy(search);
  const actions = (
    <>
      {mayChange && (
        <SaveForOffline
          timerIds={(data?.rows ?? []).flatMap(({ timers }) => timers.map(({ id }) => id))}
        >
          {data && data.total > data.pageSize
            ? `Save the first ${data.pageSize} for offline`
            : 'Save for offline'}
        </SaveForOffline>
      )}
      {mayChange && <Button onClick={() => setImporting(true)}>Import…</Button>}
      <AddProperty />
    </>
  );
  return (
    <Page title="Properties" actions={!isEmpty && actions}>
      {error && !data && (
        <LoadError what="The properties" error={error} onRetry={() => void refetch()} />
      )}
      {isEmpty ? (
        <FirstRun onImport={() => setImporting(true)} />
      ) : (
        <Listing {...{ search, homes }} onChange={go} />
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
  readonly search: Search;
  readonly homes: ReturnType<typeof useFoundHomes>;
  readonly onChange: (to: Partial<Omit<Search, 'from'>>) => void;
}

/** What was found, by which words and filters, and what is done with those that are chosen. */
function Listing({ search, homes, onChange }: ListingProps) {
  const { data } = homes.first;
  const [isAsked, setAsked] = useState(false);
  const [chosen, setChosen] = useState<ReadonlyMap<string, PropertyListing>>(new Map());
  const isFiltering = isAsked || isFilteredBy(search);
  const toggle = (home: PropertyListing) => {
    const next = new Map(chosen);
    if (!next.delete(home.id)) next.set(home.id, home);
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
        found={data?.total}
        pending={data?.pending ?? 0}
        onFilter={() => setAsked(true)}
      />
      {isFiltering && <FilterBar {...{ search, onChange }} onClear={clear} />}
      {chosen.size > 0 && (
        <SelectionBar
          {...{ search, total: data?.total ?? 0 }}
          homes={[...chosen.values()]}
          onChoose={(all) => setChosen(new Map(all.map((home) => [home.id, home])))}
        />
      )}
      <FoundTable {...{ search, homes, toggle }} chosen={new Set(chosen.keys())} />
    </>
  );
}

const NO_FILTER = {
  ...{ reason: undefined, due: undefined, ruleSetId: undefined },
  ...{ timerTypeId: undefined, personId: undefined },
};

interface SearchBarProps {
  readonly search: Search;
  /** How many were found; undefined while that is asked. */
  readonly found: number | undefined;
  /** Of so many timers it is not known yet whether they are so. */
  readonly pending: number;
  readonly isFiltering: boolean;
  readonly onFilter: () => void;
  readonly onChange: (to: Partial<Pick<Search, 'q' | 'sort' | 'archived'>>) => void;
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
