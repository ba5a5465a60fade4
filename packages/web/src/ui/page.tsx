import { WarningFilled } from '@ant-design/icons';
import { Alert, Button } from 'antd';
import { Fragment, type ReactNode } from 'react';
import { Link } from 'react-router';
import foot from './foot.module.css';
import styles from './page.module.css';

interface PageProps {
  readonly title: ReactNode;
  /** The way here: what it is in, outermost first. */
  readonly crumbs?: readonly { readonly to: string; readonly name: string }[];
  readonly actions?: ReactNode;
  /** Undo, redo and save: where the window is held in one hand, under the thumb. */
  readonly saving?: ReactNode;
  readonly children: ReactNode;
}

/** An ordinary screen: its title with the way to it, what can be done, and what it shows. */
export function Page({ title, crumbs = [], actions, saving, children }: PageProps) {
  return (
    <main className={styles['page']}>
      <div className={styles['page-head']}>
        <h1>
          {crumbs.map(({ to, name }) => (
            <Fragment key={to}>
              <Link to={to}>{name}</Link>
              <span aria-hidden="true"> › </span>
            </Fragment>
          ))}
          {title}
        </h1>
        {actions && <div className={styles['page-actions']}>{actions}</div>}
        {saving && <Saving>{saving}</Saving>}
      </div>
      {children}
    </main>
  );
}

/** What is done with everything that was typed on a page; it comes before what is next. */
export const Saving = ({ children }: { children: ReactNode }) => (
  <div className={foot['foot']} data-foot data-saving>
    {children}
  </div>
);

/** What a page is for, where it is one thing to be tapped. */
export const Foot = ({ children }: { children: ReactNode }) => (
  <div className={foot['foot']} data-foot>
    {children}
  </div>
);

interface LoadErrorProps {
  readonly what: string;
  readonly error: Error;
  readonly onRetry: () => void;
}

/** Says that something could not be loaded, and offers to try again. */
export function LoadError({ what, error, onRetry }: LoadErrorProps) {
  return (
    <Alert
      type="error"
      showIcon
      title={`${what} could not be loaded.`}
      description={error.message}
      action={<Button onClick={onRetry}>Try again</Button>}
    />
  );
}

/** A short warning where the work can hurt somebody or break a rule. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <p className={styles['caution']} role="note">
      <WarningFilled aria-hidden="true" />
      <span>{children}</span>
    </p>
  );
}
