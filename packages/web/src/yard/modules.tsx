import { NumberInput } from '../ui/number-input';
import styles from './yard-page.module.css';

interface ModulesProps {
  readonly fitted: number | null;
  readonly wired: number;
  readonly most: number;
  readonly isLocked: boolean;
  readonly onChange: (fitted: number | null) => void;
}

/** The stations that the fitted modules give, against those that are wired. */
export function Modules({ fitted, wired, most, isLocked, onChange }: ModulesProps) {
  const gives = fitted ?? most;
  const words =
    wired > gives
      ? `${wired} are wired, ${wired - gives} more than it gives: another module is needed.`
      : wired < gives
        ? `${wired} are wired, ${gives - wired} free.`
        : `${wired} are wired, none free.`;
  return (
    <div className={styles['yard-modules']} data-short={wired > gives}>
      <label>
        The modules fitted give{' '}
        <NumberInput
          isSmall
          least={1}
          most={256}
          isWhole
          disabled={isLocked}
          placeholder={String(most)}
          value={fitted}
          onChange={onChange}
          onEmpty={() => onChange(null)}
          width={72}
        />{' '}
        stations
      </label>
      <span>of at most {most}.</span>
      <strong role="status">{words}</strong>
    </div>
  );
}
