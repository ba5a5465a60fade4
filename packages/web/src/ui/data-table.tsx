import { Button } from 'antd';
import type { ReactNode } from 'react';
import styles from './data-table.module.css';

export interface DataColumn<Row> {
  readonly title: string;
  readonly cell: (row: Row) => ReactNode;
  readonly align?: 'right';
  /** `md`: left out where the window is narrow. */
  readonly from?: 'md';
}

interface DataTableProps<Row> {
  readonly label: string;
  readonly columns: readonly DataColumn<Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  /** Rows that are chosen for something. */
  readonly isMarked?: (row: Row) => boolean;
  /** On a phone its rows are cards; otherwise it scrolls sideways. */
  readonly isCards?: boolean;
  /** Said where there is no row. */
  readonly nothing: string;
}

/** Rows of things that are alike, a column for each of what is to be known of them. */
export function DataTable<Row>(props: DataTableProps<Row>) {
  const { label, columns, rows, keyOf, isMarked, isCards = false, nothing } = props;
  const marks = ({ align, from }: DataColumn<Row>) => ({ 'data-align': align, 'data-from': from });
  return (
    // What scrolls can be scrolled by keys as well.
    <div className={styles['scroll']} tabIndex={0} role="region" aria-label={label}>
      <table className={styles['table']} data-cards={isCards ? 'yes' : undefined}>
        <thead>
          <tr>
            {columns.map((column) => (
              <th key={column.title} scope="col" {...marks(column)}>
                {column.title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={keyOf(row)} data-marked={isMarked?.(row)}>
              {columns.map((column) => (
                <td key={column.title} {...marks(column)}>
                  {column.cell(row)}
                </td>
              ))}
            </tr>
          ))}
          {rows.length === 0 && (
            <tr>
              <td colSpan={columns.length} className={styles['nothing']}>
                {nothing}
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </div>
  );
}

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
