import { SEVERITIES } from '@water-clock/core/findings';
import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import { memo } from 'react';
import type { DeskFinding } from '../../computing/desk-model';
import styles from './findings-panel.module.css';
import { FindingList, SEVERITY_NAMES } from './finding-list';

interface FindingsPanelProps {
  readonly findings: readonly DeskFinding[];
  /** The timer's clock is wrong, so that its times are not those that will be. */
  readonly isClockOff: boolean;
  readonly hasRuns: boolean;
  readonly onShow: (finding: DeskFinding) => void;
  readonly onFix: (finding: DeskFinding) => void;
}

/** All that is found on the timer, errors first: what happens, what to set, and the way there. */
export const FindingsPanel = memo(function FindingsPanel(props: FindingsPanelProps) {
  const { findings, isClockOff, hasRuns, onShow, onFix } = props;
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
      <FindingList
        findings={findings}
        actions={(finding) => (
          <>
            <Button size="small" onClick={() => onShow(finding)}>
              Show
            </Button>
            {finding.isFixable && (
              <Button size="small" onClick={() => onFix(finding)}>
                Fix…
              </Button>
            )}
          </>
        )}
      />
    </section>
  );
});

function summary(findings: readonly DeskFinding[]): string {
  const counts = SEVERITIES.flatMap((severity) => {
    const count = findings.filter((finding) => finding.severity === severity).length;
    return count > 0 ? counted(count, SEVERITY_NAMES[severity]) : [];
  });
  return counts.join(', ') || 'none';
}
