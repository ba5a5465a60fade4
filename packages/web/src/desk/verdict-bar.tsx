import { CheckCircleFilled, CloseCircleFilled, PauseCircleFilled } from '@ant-design/icons';
import type { DeskModel } from '../computing/desk-model';
import { hasError, verdict } from './verdict';
import { useSay } from '../session/use-signed-in';
import styles from './desk.module.css';

interface VerdictBarProps {
  readonly model: DeskModel | null;
  readonly isOff: boolean;
  readonly hasFailed: boolean;
}

/** One sentence, always true, renewed with every edit. */
export function VerdictBar({ model, isOff, hasFailed }: VerdictBarProps) {
  const say = useSay();
  const isWrong = hasFailed || (model !== null && hasError(model));
  const Icon = isOff ? PauseCircleFilled : isWrong ? CloseCircleFilled : CheckCircleFilled;
  const words = hasFailed
    ? 'These settings could not be worked out: the nights shown are older. Undo the last change, or load the page again.'
    : model === null
      ? 'Working out the nights …'
      : isOff
        ? 'The timer is switched off: nothing waters.'
        : say(verdict(model));
  return (
    <p
      className={styles['verdict']}
      role="status"
      data-kind={isOff ? 'off' : isWrong ? 'error' : 'clear'}
    >
      <Icon aria-hidden="true" /> {words}
    </p>
  );
}
