import { CheckCircleFilled, CloseCircleFilled, PauseCircleFilled } from '@ant-design/icons';
import type { BoardModel } from '../../board/board-model';
import { everCollides, verdict } from '../../board/collision-words';

interface VerdictBarProps {
  readonly model: BoardModel | null;
  readonly isOff: boolean;
}

/** One sentence, always true, renewed with every edit. */
export function VerdictBar({ model, isOff }: VerdictBarProps) {
  const collides = model !== null && everCollides(model);
  const Icon = isOff ? PauseCircleFilled : collides ? CloseCircleFilled : CheckCircleFilled;
  const words =
    model === null
      ? 'Working out the nights …'
      : isOff
        ? 'The timer is switched off: nothing waters.'
        : verdict(model);
  return (
    <p className="verdict" role="status" data-kind={isOff ? 'off' : collides ? 'error' : 'clear'}>
      <Icon aria-hidden="true" /> {words}
    </p>
  );
}
