import {
  CheckCircleFilled,
  CloseCircleFilled,
  MinusCircleOutlined,
  PauseCircleFilled,
} from '@ant-design/icons';
import type { Plan } from '@water-clock/core/settings';
import type { DeskModel } from '../computing/desk-model';
import { pauseWords, verdict, verdictKind } from './verdict';
import { useSay } from '../session/use-signed-in';
import styles from './desk.module.css';

interface VerdictBarProps {
  readonly model: DeskModel | null;
  readonly controller: Plan['controller'];
  readonly hasFailed: boolean;
}

const ICONS = {
  off: PauseCircleFilled,
  error: CloseCircleFilled,
  dry: MinusCircleOutlined,
  clear: CheckCircleFilled,
};

/** One sentence, always true, renewed with every edit. */
export function VerdictBar({ model, controller, hasFailed }: VerdictBarProps) {
  const say = useSay();
  const kind = controller.off
    ? 'off'
    : hasFailed
      ? 'error'
      : model === null
        ? 'dry'
        : verdictKind(model);
  const Icon = ICONS[kind];
  const words = hasFailed
    ? 'These settings could not be worked out: the nights shown are older. Undo the last change, or load the page again.'
    : model === null
      ? 'Working out the nights …'
      : controller.off
        ? 'The timer is switched off: nothing waters.'
        : say(verdict(model) + pauseWords(controller.pauses, model.since));
  return (
    <p className={styles['verdict']} role="status" data-kind={kind}>
      <Icon aria-hidden="true" /> {words}
    </p>
  );
}
