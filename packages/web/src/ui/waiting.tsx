import styles from './waiting.module.css';

/** Stands while a screen itself is loaded. */
export function Waiting() {
  return <div className={styles['waiting']} role="status" aria-label="Loading" />;
}
