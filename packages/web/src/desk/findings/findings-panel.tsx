import { SEVERITIES, type Severity, type TimersOverlap } from '@water-clock/core/findings';
import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import { memo } from 'react';
import type { DeskFinding } from '../../computing/desk-model';
import styles from './findings-panel.module.css';
import { useMayChange } from '../../session/use-signed-in';
import { isForRepair } from './for-repair';
import { FindingLine, FindingList, SEVERITY_NAMES } from './finding-list';

interface FindingsPanelProps {
  readonly findings: readonly DeskFinding[];
  /** The timer's clock is wrong, so that its times are not those that will be. */
  readonly isClockOff: boolean;
  readonly hasRuns: boolean;
  /** What is found beside the other timers of the home. */
  readonly ofHome: TimersOverlap | null;
  readonly onShow: (finding: DeskFinding) => void;
  readonly onFix: (finding: DeskFinding) => void;
  readonly onFixOfHome: () => void;
  readonly onFixAll: () => void;
}

/** All that is found on the timer, errors first: what happens, what to set, and the way there. */
export const FindingsPanel = memo(function FindingsPanel(props: FindingsPanelProps) {
  const { findings, isClockOff, hasRuns, ofHome, onShow, onFix, onFixOfHome, onFixAll } = props;
  const mayChange = useMayChange();
  const all = [...findings, ...(ofHome ? [ofHome] : [])];
  return (
    <section className={styles['findings']} aria-label="Findings" data-findings>
      <h2>
        Findings<span className={styles['findings-count']}>{summary(all)}</span>
        {isClockOff && (
          <span className={styles['findings-count']}>times as the timer shows them</span>
        )}
        {mayChange && findings.some(isForRepair) && (
          <Button size="small" onClick={onFixAll}>
            Fix all…
          </Button>
        )}
      </h2>
      {all.length === 0 && (
        <p>
          {hasRuns
            ? 'Nothing to fix: no collision on any date, nothing missing, nothing beyond the timer or the rules.'
            : 'Nothing waters yet. A program waters once it has a start, water days and minutes for a station.'}
        </p>
      )}
      {ofHome && (
        <ul aria-label="Beside the other timers of this home">
          <FindingLine
            finding={{ ...ofHome, fix: FIX_OF_HOME[ofHome.severity] }}
            actions={
              mayChange && (
                <Button size="small" onClick={onFixOfHome}>
                  Fix…
                </Button>
              )
            }
          />
        </ul>
      )}
      <FindingList
        findings={findings}
        actions={(finding) => (
          <>
            <Button size="small" onClick={() => onShow(finding)}>
              Show
            </Button>
            {finding.isFixable && mayChange && (
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

/** What is to be done about timers that water at once, by whether the supply is enough. */
const FIX_OF_HOME = {
  error: 'Move one of the timers to another time.',
  warning: 'Move one of the timers, or measure what the supply gives and the stations take.',
  info: 'Leave it if the supply is enough for both; else move one of them.',
} as const;

function summary(findings: readonly { readonly severity: Severity }[]): string {
  const counts = SEVERITIES.flatMap((severity) => {
    const count = findings.filter((finding) => finding.severity === severity).length;
    return count > 0 ? counted(count, SEVERITY_NAMES[severity]) : [];
  });
  return counts.join(', ') || 'none';
}
