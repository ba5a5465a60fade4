import { Button } from 'antd';
import type { ReactNode, RefCallback } from 'react';
import styles from './data-table.module.css';

export interface DataColumn<Row> {
  readonly title: string;
  readonly cell: (row: Row) => ReactNode;
  readonly align?: 'right';
  /** `md`: left out where the window is narrow. */
  readonly from?: 'md';
  /** Of the width of a long table, which is not to change as rows come and go. */
  readonly width?: string;
}

export interface TableProps<Row> {
  readonly label: string;
  readonly columns: readonly DataColumn<Row>[];
  readonly keyOf: (row: Row) => string;
  /** Rows that are chosen for something. */
  readonly isMarked?: (row: Row) => boolean;
  /** On a phone its rows are cards; otherwise it scrolls sideways. */
  readonly isCards?: boolean;
  /** Said where there is no row. */
  readonly nothing: string;
}

interface DataTableProps<Row> extends TableProps<Row> {
  readonly rows: readonly Row[];
}

/** Rows of things that are alike, a column for each of what is to be known of them. */
export function DataTable<Row>(props: DataTableProps<Row>) {
  const { label, columns, rows, keyOf, isMarked, isCards = false, nothing } = props;
  return (
    // What scrolls can be scrolled by keys as well.
    <div className={styles['scroll']} tabIndex={0} role="region" aria-label={label}>
      <table className={styles['table']} data-cards={isCards ? 'yes' : undefined}>
        <TableHead columns={columns} />
        <tbody>
          {rows.map((row) => (
            <TableRow key={keyOf(row)} {...{ columns, row }} isMarked={isMarked?.(row)} />
          ))}
          {rows.length === 0 && <TableNothing columns={columns.length}>{nothing}</TableNothing>}
        </tbody>
      </table>
    </div>
  );
}

const marks = ({ align, from }: Pick<DataColumn<never>, 'align' | 'from'>) => ({
  'data-align': align,
  'data-from': from,
});

interface TableHeadProps<Row> {
  readonly columns: readonly DataColumn<Row>[];
}

export const TableHead = <Row,>({ columns }: TableHeadProps<Row>) => (
  <thead>
    <tr>
      {columns.map((column) => (
        <th
          key={column.title}
          scope="col"
          style={column.width === undefined ? {} : { width: column.width }}
          {...marks(column)}
        >
          {column.title}
        </th>
      ))}
    </tr>
  </thead>
);

interface TableRowProps<Row> extends TableHeadProps<Row> {
  /** Undefined where it has not come yet. */
  readonly row: Row | undefined;
  readonly isMarked: boolean | undefined;
  /** Its place among all rows where not all of them are there, and who measures it. */
  readonly place?: { readonly index: number; readonly ref: RefCallback<HTMLTableRowElement> };
}

export const TableRow = <Row,>({ columns, row, isMarked, place }: TableRowProps<Row>) => (
  <tr
    ref={place?.ref}
    data-index={place?.index}
    aria-rowindex={place && place.index + FIRST_ROW}
    data-marked={isMarked}
  >
    {row === undefined ? (
      <td colSpan={columns.length} className={styles['coming']}>
        …
      </td>
    ) : (
      columns.map((column) => (
        <td key={column.title} {...marks(column)}>
          {column.cell(row)}
        </td>
      ))
    )}
  </tr>
);

/** Counted from 1, after the head. */
const FIRST_ROW = 2;

interface TableNothingProps {
  readonly columns: number;
  readonly children: string;
}

export const TableNothing = ({ columns, children }: TableNothingProps) => (
  <tr>
    <td colSpan={columns} className={styles['nothing']}>
      {children}
    </td>
  </tr>
);

interface PagesProps {
  /** From 1. */
  readonly page: number;
  readonly pageSize: number;
  readonly total: number;
  readonly onPage: (page: number) => void;
}

/** Leads through the pages of a long table; nothing where there is one. */
export function Pages({ page, pageSize, total, onPage }: PagesProps) {
  const last = Math.ceil(total / pageSize);
  if (last <= 1) return null;
  return (
    <nav className={styles['pages']} aria-label="Pages">
      <Button disabled={page <= 1} onClick={() => onPage(page - 1)}>
        Page before
      </Button>
      <span className="figures">
        {page} of {last}
      </span>
      <Button disabled={page >= last} onClick={() => onPage(page + 1)}>
        Next page
      </Button>
    </nav>
  );
}
