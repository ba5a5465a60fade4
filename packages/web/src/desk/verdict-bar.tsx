import {
  CheckCircleFilled,
  CloseCircleFilled,
  MinusCircleOutlined,
  PauseCircleFilled,
} from '@ant-design/icons';
import type { TimersOverlap } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import { TOO_MUCH_WORDS } from '@water-clock/core/words';
import type { DeskModel } from '../computing/desk-model';
import type { Failure } from '../computing/use-desk-worker';
import { besideOthers, pauseWords, verdict, verdictKind } from './verdict';
import { useSay } from '../session/use-signed-in';
import styles from './desk.module.css';

interface VerdictBarProps {
  readonly model: DeskModel | null;
  readonly controller: Plan['controller'];
  readonly failure: Failure | null;
  /** What is found beside the other timers of the home. */
  readonly ofHome: TimersOverlap | null;
}

const ICONS = {
  off: PauseCircleFilled,
  error: CloseCircleFilled,
  dry: MinusCircleOutlined,
  clear: CheckCircleFilled,
};

const FAILURES: Record<Failure, string> = {
  'too-much': TOO_MUCH_WORDS,
  fault: 'These settings could not be worked out. Undo the last change, or load the page again.',
};

const failureWords = (failure: Failure, isOlderShown: boolean): string =>
  `${FAILURES[failure]}${isOlderShown ? ' The nights shown are older.' : ''}`;

/** One sentence, always true, renewed with every edit. */
export function VerdictBar({ model, controller, failure, ofHome }: VerdictBarProps) {
  const say = useSay();
  const kind = controller.off
    ? 'off'
    : failure
      ? 'error'
      : model === null
        ? 'dry'
        : ofHome?.severity === 'error'
          ? 'error'
          : verdictKind(model);
  const Icon = ICONS[kind];
  const words = failure
    ? failureWords(failure, model !== null)
    : model === null
      ? 'Working out the nights …'
      : controller.off
        ? 'The timer is switched off: nothing waters.'
        : say(verdict(model) + besideOthers(ofHome) + pauseWords(controller.pauses, model.since));
  return (
    <p className={styles['verdict']} role="status" data-kind={kind}>
      <Icon aria-hidden="true" /> {words}
    </p>
  );
}
