import { Link, NavLink, Outlet } from 'react-router';
import { FindButton } from '../find/find-button';
import { OutboxButton } from '../offline/outbox-button';
import { PersonMenu } from './person-menu';
import { SetUp } from '../set-up/set-up';
import { useSignedIn } from '../session/use-signed-in';
import { useTakenAlong } from '../visit/use-taken-along';
import { TimerBar } from '../visit/timer-bar';
import { VisitBar } from '../visit/visit-bar';
import { BrandMark } from '../ui/brand-mark';
import { Keys } from '../ui/keys';
import { KeysAtHand } from '../ui/keys-at-hand';
import { Said } from '../ui/said';
import { SchemeButton } from '../ui/scheme-button';
import { SkipLink } from '../ui/skip-link';
import styles from './shell.module.css';
import '../ui/page.module.css';
import '../ui/field.module.css';
import '../ui/grid-table.module.css';
import '../ui/list-page.module.css';
// What several screens share is there with the frame, before any screen's own: one order, whoever comes first.

const PLACES = [
  ['/round', 'Round'],
  ['/properties', 'Properties'],
  ['/timer-types', 'Timer types'],
  ['/rules', 'Rules'],
  ['/weather', 'Weather'],
] as const;

/** The frame around every screen behind the door. */
export function Shell() {
  useTakenAlong();
  const { firm } = useSignedIn();
  return (
    <div className={styles['shell']}>
      <SkipLink />
      <header className={styles['shell-bar']}>
        <Link to="/round" className={styles['shell-name']}>
          <BrandMark />
          Water Clock
        </Link>
        <nav aria-label="Main">
          {PLACES.map(([to, name]) => (
            <NavLink key={to} to={to}>
              {name}
            </NavLink>
          ))}
        </nav>
        {firm.isDemo && (
          <span className={styles['demo']} title="Made-up homes of a made-up firm">
            Demo
          </span>
        )}
        <FindButton />
        <OutboxButton />
        <span className={styles['scheme']}>
          <SchemeButton />
        </span>
        <PersonMenu />
      </header>
      <TimerBar />
      <SetUp />
      <VisitBar />
      <Outlet />
      <Keys />
      <Said />
      <KeysAtHand />
    </div>
  );
}
