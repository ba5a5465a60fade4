import type { Yard, YardEdit, YardStation } from '@water-clock/core/yards';
import type { ReactNode } from 'react';
import type { YardColumn } from './yard-column';

/** What all tables of the yard work on. */
export interface TableOfYard {
  readonly yard: Yard;
  readonly columns: readonly YardColumn[];
  readonly isLocked: boolean;
  readonly edit: (edit: YardEdit, key?: string) => void;
  readonly settle: () => void;
  /** A block from a spreadsheet, and the cell into which it was pasted. */
  readonly onSheet: (text: string, row: number, column: number) => void;
}

export interface StationTableProps extends TableOfYard {
  readonly label: string;
  /** The station at the head of its row. */
  readonly head: (station: YardStation) => ReactNode;
  readonly headWidth: number;
  /** What can be done with each station beyond its cells. */
  readonly actions?: (station: YardStation) => ReactNode;
}
