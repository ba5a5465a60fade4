import { Segmented } from 'antd';
import { clsx } from 'clsx';
import type { DeskPlace, Pane } from './state/use-desk-place';
import styles from './desk.module.css';

interface PaneChoiceProps extends Pick<DeskPlace, 'pane' | 'go'> {
  /** How much is found. */
  readonly findings: number;
}

/** Which part of the desk is seen, where there is room for one. */
export const PaneChoice = ({ pane, go, findings }: PaneChoiceProps) => (
  <Segmented<Pane>
    block
    className={clsx(styles['desk-panes'])}
    aria-label="What of the desk is shown"
    value={pane}
    options={[
      { value: 'settings', label: 'Settings' },
      { value: 'nights', label: 'Nights' },
      { value: 'findings', label: findings > 0 ? `Findings (${findings})` : 'Findings' },
    ]}
    onChange={(shown) => go({ pane: shown })}
  />
);
