import type { ReactNode } from 'react';
import styles from './empty-state.module.css';

interface EmptyStateProps {
  readonly title: string;
  readonly text: string;
  readonly children?: ReactNode;
}

/** Stands where there is nothing yet, and says what to do next. */
export function EmptyState({ title, text, children }: EmptyStateProps) {
  return (
    <div className={styles['empty-state']}>
      <h2>{title}</h2>
      <p>{text}</p>
      {children}
    </div>
  );
}
