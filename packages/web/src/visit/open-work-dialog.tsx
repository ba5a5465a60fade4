import { STEP_NAMES, type StepWork, type VisitStep } from '@water-clock/core/visits';
import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import { Dialog } from '../ui/dialog';
import { oncePressed } from '../ui/once-pressed';
import { workWords } from './use-step-work';

const MOST_NAMED = 6;

interface OpenWorkDialogProps {
  readonly step: VisitStep;
  readonly work: StepWork;
  readonly onDone: () => void;
  readonly onSkip: () => void;
  readonly onClose: () => void;
}

/** A step that is called done while some of its work is not: what that is, and the way back to it. */
export function OpenWorkDialog({ step, work, onDone, onSkip, onClose }: OpenWorkDialogProps) {
  const more = work.open.length - MOST_NAMED;
  return (
    <Dialog
      open
      title={`${STEP_NAMES[step]}: ${workWords(work)}`}
      onCancel={onClose}
      footer={
        <>
          <Button onClick={oncePressed(onDone)}>Done all the same</Button>
          <Button onClick={onSkip}>Leave the rest out…</Button>
          <Button type="primary" autoFocus onClick={onClose}>
            Go on with it
          </Button>
        </>
      }
    >
      <p>Still open:</p>
      <ul>
        {work.open.slice(0, MOST_NAMED).map((name) => (
          <li key={name}>{name}</li>
        ))}
        {more > 0 && <li>and {counted(more, 'other')}</li>}
      </ul>
      <p>What is left out for a reason is skipped, and the reason is kept.</p>
    </Dialog>
  );
}
