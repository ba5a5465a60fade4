import './waiting.css';

/** Stands while a screen itself is loaded. */
export function Waiting() {
  return <div className="waiting" role="status" aria-label="Loading" />;
}
