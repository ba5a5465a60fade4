import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Timer } from '../api/timers';
import { Page } from '../app/page';
import type { OpenVisit } from './use-visit';

interface VisitFrameProps {
  readonly title: string;
  readonly timer: Timer;
  readonly open: OpenVisit | null | undefined;
  readonly children: (open: OpenVisit) => ReactNode;
}

/** A step of a visit: only while one goes on. */
export function VisitFrame({ title, timer, open, children }: VisitFrameProps) {
  return (
    <Page
      title={title}
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/timers/${timer.id}/visit`, name: timer.name },
      ]}
    >
      {open && children(open)}
      {open === null && (
        <section className="sheet">
          <p style={{ margin: 0 }}>
            No visit goes on here. <Link to={`/timers/${timer.id}/visit`}>Begin one first.</Link>
          </p>
        </section>
      )}
    </Page>
  );
}
