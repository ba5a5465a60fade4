import { Checkbox, Skeleton } from 'antd';
import { Link } from 'react-router';
import type { PropertyListing } from '../api/properties';
import { StandingWords } from '../timer-records/standing-words';
import type { DataColumn } from '../ui/data-table';
import { LongTable } from '../ui/long-table';
import pageStyles from '../ui/page.module.css';
import { isFilteredBy, type Search, type useFoundHomes } from './use-found-homes';
import styles from './properties-page.module.css';

/** Which homes are chosen, and how one chooses. */
interface Choosing {
  readonly chosen: ReadonlySet<string>;
  readonly toggle: (home: PropertyListing) => void;
}

const columnsFor = ({ chosen, toggle }: Choosing): readonly DataColumn<PropertyListing>[] => [
  {
    title: 'Chosen',
    width: '76px',
    cell: (home) => (
      <Checkbox
        aria-label={`Choose ${home.name}`}
        checked={chosen.has(home.id)}
        onChange={() => toggle(home)}
      />
    ),
  },
  {
    title: 'Property',
    width: '16%',
    cell: ({ id, name, address, town }) => (
      <>
        <Link to={`/properties/${id}`}>
          <strong>{name}</strong>
        </Link>
        <div className={pageStyles['soft']}>{[address, town].filter(Boolean).join(', ')}</div>
      </>
    ),
  },
  { title: 'Contact', width: '10%', cell: ({ contactName }) => contactName, from: 'md' },
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

interface FoundTableProps extends Choosing {
  readonly search: Search;
  readonly homes: ReturnType<typeof useFoundHomes>;
}

/** The homes that were found, each with its timers and what they need. */
export function FoundTable({ search, homes, chosen, toggle }: FoundTableProps) {
  const { first, rowAt, onSeen } = homes;
  if (!first.data) return <Skeleton active />;
  return (
    <LongTable
      label="Properties"
      isCards
      columns={columnsFor({ chosen, toggle })}
      isMarked={({ id }) => chosen.has(id)}
      {...{ rowAt, onSeen, total: first.data.total }}
      keyOf={({ id }) => id}
      nothing={
        search.q !== ''
          ? `No property has all the words of "${search.q}".`
          : isFilteredBy(search)
            ? 'No property is so.'
            : 'Nothing is archived.'
      }
    />
  );
}
