import { WarningFilled } from '@ant-design/icons';
import { findingKey, type Finding } from '@water-clock/core/findings';
import { useSay } from '../../session/use-signed-in';
import styles from './findings-left.module.css';

interface FindingsLeftProps {
  readonly title: string;
  readonly findings: readonly Finding[];
}

const MOST_SHOWN = 3;

/** Errors and warnings that other settings leave, the first few of them. */
export function FindingsLeft({ title, findings }: FindingsLeftProps) {
  const say = useSay();
  if (findings.length === 0) return null;
  return (
    <ul className={styles['left']} aria-label={title}>
      {findings.slice(0, MOST_SHOWN).map((finding) => (
        <li key={findingKey(finding)} data-severity={finding.severity}>
          <WarningFilled aria-hidden="true" /> {say(finding.message)}
        </li>
      ))}
      {findings.length > MOST_SHOWN && <li>And {findings.length - MOST_SHOWN} more.</li>}
    </ul>
  );
}
