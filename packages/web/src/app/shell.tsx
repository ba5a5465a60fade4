import { MoonOutlined, SunOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, NavLink, Outlet } from 'react-router';
import { OutboxButton } from '../outbox/outbox-button';
import { PersonMenu } from '../signed-in/person-menu';
import { VisitBar } from '../visit/visit-bar';
import { BrandMark } from './brand-mark';
import { useScheme } from './colour-scheme';
import './shell.css';

const PLACES = [
  ['/properties', 'Properties'],
  ['/kinds', 'Kinds'],
  ['/rules', 'Rules'],
  ['/weather', 'Weather'],
] as const;

/** The frame around every screen behind the door. */
export function Shell() {
  return (
    <div className="shell">
      <header className="shell-bar">
        <Link to="/properties" className="shell-name">
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
        <OutboxButton />
        <SchemeButton />
        <PersonMenu />
      </header>
      <VisitBar />
      <Outlet />
    </div>
  );
}

export function SchemeButton() {
  const { scheme, choose } = useScheme();
  const other = scheme === 'dark' ? 'light' : 'dark';
  return (
    <Button
      type="text"
      icon={scheme === 'dark' ? <SunOutlined /> : <MoonOutlined />}
      aria-label={`Switch to ${other} colours`}
      onClick={() => choose(other)}
    />
  );
}
