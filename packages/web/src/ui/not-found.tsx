import { Link } from 'react-router';
import { EmptyState } from './empty-state';

/** Says that an address leads nowhere, and where to go on. */
export function NotFound({ what }: { what: string }) {
  return (
    <EmptyState title={`There is no such ${what}.`} text="The address may be old or mistyped.">
      <Link to="/properties">Go to the list of properties</Link>
    </EmptyState>
  );
}
