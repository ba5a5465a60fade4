import { MoonOutlined, SunOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, Outlet } from 'react-router';
import { useScheme } from './colour-scheme';
import './shell.css';

/** The frame around every screen. */
export function Shell() {
  const { scheme, choose } = useScheme();
  const other = scheme === 'dark' ? 'light' : 'dark';
  return (
    <div className="shell">
      <header className="shell-bar">
        <Link to="/timers" className="shell-name">
          <svg viewBox="0 0 24 20" width="24" height="20" aria-hidden="true">
            <rect x="0" y="1" width="10" height="4" />
            <rect x="12" y="1" width="7" height="4" />
            <rect x="4" y="8" width="13" height="4" />
            <rect x="0" y="15" width="6" height="4" />
            <rect x="9" y="15" width="15" height="4" />
          </svg>
          Water Clock
        </Link>
        <nav aria-label="Main">
          <Link to="/timers">Timers</Link>
        </nav>
        <Button
          type="text"
          icon={scheme === 'dark' ? <SunOutlined /> : <MoonOutlined />}
          aria-label={`Switch to ${other} colours`}
          onClick={() => choose(other)}
        />
      </header>
      <Outlet />
    </div>
  );
}
