import { clsx } from 'clsx';
import { CloseCircleFilled, InfoCircleOutlined, WarningFilled } from '@ant-design/icons';
import { arranged, findingKey, type Finding, type Severity } from '@water-clock/core/findings';
import { Button } from 'antd';
import { Fragment, useState, type ReactNode } from 'react';
import { useSay } from '../../session/use-signed-in';
import styles from './findings-panel.module.css';

const ICONS: Record<Severity, typeof CloseCircleFilled> = {
  error: CloseCircleFilled,
  warning: WarningFilled,
  info: InfoCircleOutlined,
};
export const SEVERITY_NAMES: Record<Severity, string> = {
  error: 'error',
  warning: 'warning',
  info: 'note',
};

interface FindingListProps<Found extends Finding> {
  readonly findings: readonly Found[];
  /** The ways to go on from a finding. */
  readonly actions?: (finding: Found) => ReactNode;
}

/** Findings, a cause above what comes of it; of many that are alike the first, the rest where they are asked for. */
export function FindingList<Found extends Finding>({ findings, actions }: FindingListProps<Found>) {
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const toggle = (key: string) => {
    const next = new Set(opened);
    if (!next.delete(key)) next.add(key);
    setOpened(next);
  };
  return (
    <ul>
      {arranged(findings).map(({ lead, like }) => {
        const key = findingKey(lead);
        const isOpen = opened.has(key);
        const more = like.length > 0 && (
          <Button
            type="link"
            size="small"
            className={clsx(styles['finding-like'])}
            aria-expanded={isOpen}
            onClick={() => toggle(key)}
          >
            {isOpen ? 'only the first' : `and ${like.length} more like it`}
          </Button>
        );
        return (
          <Fragment key={key}>
            <FindingLine finding={lead} actions={actions?.(lead)} more={more} />
            {isOpen &&
              like.map((finding) => (
                <FindingLine
                  key={findingKey(finding)}
                  finding={finding}
                  actions={actions?.(finding)}
                />
              ))}
          </Fragment>
        );
      })}
    </ul>
  );
}

interface FindingLineProps {
  readonly finding: Pick<Finding, 'severity' | 'message' | 'fix' | 'count'> & {
    readonly code: string;
  };
  readonly actions?: ReactNode;
  readonly more?: ReactNode;
}

export function FindingLine({ finding, actions, more }: FindingLineProps) {
  const { severity, message, fix, count, code } = finding;
  const say = useSay();
  const Icon = ICONS[severity];
  return (
    <li data-severity={severity} data-code={code}>
      <Icon aria-hidden="true" />
      <div>
        <span className="visually-hidden">{SEVERITY_NAMES[severity]}: </span>
        <strong>{say(message)}</strong>
        {count !== undefined && <span className={styles['finding-times']}> {count} times</span>}
        <span className={styles['finding-fix']}>{say(fix)}</span>
        {more}
      </div>
      {actions && <div className={styles['finding-actions']}>{actions}</div>}
    </li>
  );
}
