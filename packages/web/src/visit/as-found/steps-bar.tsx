import { Button } from 'antd';
import pageStyles from '../../ui/page.module.css';
import styles from './as-found-page.module.css';

interface StepsBarProps {
  readonly steps: readonly string[];
  readonly at: number;
  readonly onGo: (step: number) => void;
  /** What the last step comes to. */
  readonly end: { readonly words: string; readonly isBusy: boolean; readonly go: () => void };
}

/** One step back, where one is, and the next. */
export function StepsBar({ steps, at, onGo, end }: StepsBarProps) {
  const next = steps[at + 1];
  return (
    <nav className={styles['as-found-bar']} aria-label="Steps">
      <Button size="large" disabled={at === 0} onClick={() => onGo(at - 1)}>
        Back
      </Button>
      <span className={pageStyles['soft']}>
        {at + 1} of {steps.length}: {steps[at]}
      </span>
      {next !== undefined ? (
        <Button size="large" type="primary" onClick={() => onGo(at + 1)}>
          Next: {next}
        </Button>
      ) : (
        <Button size="large" type="primary" loading={end.isBusy} onClick={end.go}>
          {end.words}
        </Button>
      )}
    </nav>
  );
}
