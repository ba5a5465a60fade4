import { CloseCircleFilled, InfoCircleOutlined, WarningFilled } from '@ant-design/icons';
import { findingKey, type Severity } from '@water-clock/core/findings';
import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import { memo } from 'react';
import type { DeskFinding } from '../../computing/desk-model';

import { useSay } from '../../session/use-signed-in';
import styles from './findings-panel.module.css';
import { keysOf } from '@water-clock/core/kernel';

interface FindingsPanelProps {
  readonly findings: readonly DeskFinding[];
  /** The timer's clock is wrong, so that its times are not those that will be. */
  readonly isClockOff: boolean;
  readonly hasRuns: boolean;
  readonly onShow: (finding: DeskFinding) => void;
  readonly onFix: (finding: DeskFinding) => void;
}

const ICONS: Record<Severity, typeof CloseCircleFilled> = {
  error: CloseCircleFilled,
  warning: WarningFilled,
  info: InfoCircleOutlined,
};
const NAMES: Record<Severity, string> = { error: 'error', warning: 'warning', info: 'note' };

/** All that is found on the timer, errors first: what happens, what to set, and the way there. */
export const FindingsPanel = memo(function FindingsPanel(props: FindingsPanelProps) {
  const { findings, isClockOff, hasRuns, onShow, onFix } = props;
  const say = useSay();
  return (
    <section className={styles['findings']} aria-label="Findings">
      <h2>
        Findings<span className={styles['findings-count']}>{summary(findings)}</span>
        {isClockOff && (
          <span className={styles['findings-count']}>times as the timer shows them</span>
        )}
      </h2>
      {findings.length === 0 && (
        <p>
          {hasRuns
            ? 'Nothing to fix: no collision on any date, nothing missing, nothing beyond the timer or the rules.'
            : 'Nothing waters yet. A program waters once it has a start, water days and minutes for a station.'}
        </p>
      )}
      <ul>
        {findings.map((finding) => {
          const { severity, message, fix, count, code, isFixable } = finding;
          const Icon = ICONS[severity];
          return (
            <li key={findingKey(finding)} data-severity={severity} data-code={code}>
              <Icon aria-hidden="true" />
              <div>
                <span className="visually-hidden">{NAMES[severity]}: </span>
                <strong>{say(message)}</strong>
                {count !== undefined && (
                  <span className={styles['finding-times']}> {count} times</span>
                )}
                <span className={styles['finding-fix']}>{say(fix)}</span>
              </div>
              <div className={styles['finding-actions']}>
                <Button size="small" onClick={() => onShow(finding)}>
                  Show
                </Button>
                {isFixable && (
                  <Button size="small" onClick={() => onFix(finding)}>
                    Fix…
                  </Button>
                )}
              </div>
            </li>
          );
        })}
      </ul>
    </section>
  );
});

function summary(findings: readonly DeskFinding[]): string {
  const counts = keysOf(NAMES).flatMap((severity) => {
    const count = findings.filter((finding) => finding.severity === severity).length;
    return count > 0 ? counted(count, NAMES[severity]) : [];
  });
  return counts.join(', ') || 'none';
}
