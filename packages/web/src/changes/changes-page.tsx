import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Button, Select, Skeleton } from 'antd';
import { useParams } from 'react-router';
import { changesFile, changesQuery, type Change, type ChangesWanted } from '../api/changes';
import { propertyQuery } from '../api/properties';
import { peopleQuery } from '../api/session';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import { EmptyState } from '../ui/empty-state';
import { LoadError, Page } from '../ui/page';
import { usePlace } from '../ui/use-place';
import { changeInWords, fieldsInWords, KIND_OPTIONS } from './in-words';
import pageStyles from '../ui/page.module.css';
import styles from './changes.module.css';

/** Who changed what of a property. */
export function PropertyChangesPage() {
  const { propertyId = '' } = useParams();
  const property = useQuery(propertyQuery(propertyId));
  return (
    <ChangesPage
      of={{ propertyId }}
      crumbs={[
        { to: '/properties', name: 'Properties' },
        { to: `/properties/${propertyId}`, name: property.data?.name ?? 'Property' },
      ]}
    />
  );
}

/** Who changed what in the whole firm, for its owner. */
export const FirmChangesPage = () => (
  <ChangesPage of={{}} crumbs={[{ to: '/firm', name: 'Firm' }]} />
);

interface ChangesPageProps {
  readonly of: Pick<ChangesWanted, 'propertyId'>;
  readonly crumbs: readonly { readonly to: string; readonly name: string }[];
}

function ChangesPage({ of, crumbs }: ChangesPageProps) {
  const [search] = usePlace();
  const people = useQuery(peopleQuery);
  const kind = KIND_OPTIONS.find(({ value }) => value === search.get('what'))?.value;
  const personId = people.data?.find(({ id }) => id === search.get('who'))?.id;
  const wanted: ChangesWanted = { ...of, ...(kind && { kind }), ...(personId && { personId }) };
  const changes = useInfiniteQuery(changesQuery(wanted));
  const rows = changes.data?.pages.flatMap((page) => page.rows) ?? [];
  return (
    <Page
      title="Who changed what"
      crumbs={crumbs}
      actions={<Button href={changesFile(wanted)}>As a spreadsheet</Button>}
    >
      <section className={pageStyles['sheet']} aria-label="Changes">
        <Filter {...wanted} />
        {changes.error && !changes.data && (
          <LoadError
            what="The changes"
            error={changes.error}
            onRetry={() => void changes.refetch()}
          />
        )}
        {changes.isPending && <Skeleton active />}
        {changes.data && rows.length === 0 && (
          <EmptyState title="No changes" text="Nothing like that was changed here yet." />
        )}
        <ol className={styles['changes']}>
          {rows.map((change) => (
            <ChangeLine key={change.id} change={change} />
          ))}
        </ol>
        {changes.hasNextPage && (
          <Button loading={changes.isFetchingNextPage} onClick={() => void changes.fetchNextPage()}>
            Older ones
          </Button>
        )}
      </section>
    </Page>
  );
}

/** What is wanted stands in the address. */
function Filter({ kind, personId }: ChangesWanted) {
  const [, setPlace] = usePlace();
  const people = useQuery(peopleQuery);
  return (
    <div className={styles['filter']}>
      <Select
        aria-label="What was changed"
        allowClear
        placeholder="everything"
        popupMatchSelectWidth={false}
        value={kind ?? null}
        options={KIND_OPTIONS}
        onChange={(what: string | undefined) => setPlace({ what })}
      />
      <Select
        aria-label="Who changed it"
        allowClear
        placeholder="everybody"
        popupMatchSelectWidth={false}
        value={personId ?? null}
        options={people.data?.map(({ id, name }) => ({ value: id, label: name })) ?? []}
        onChange={(who: string | undefined) => setPlace({ who })}
      />
    </div>
  );
}

function ChangeLine({ change }: { change: Change }) {
  const clock = useClock();
  return (
    <li>
      <span className={pageStyles['soft']}>{momentWords(change.madeAt, clock)}</span>
      <span>
        <strong>{change.person ?? 'The installation'}</strong> {changeInWords(change)}
        {fieldsInWords(change).map((words) => (
          <span key={words} className={styles['field']}>
            {words}
          </span>
        ))}
      </span>
    </li>
  );
}
