import { clsx } from 'clsx';
import { CheckCircleFilled, ExclamationCircleOutlined, ForwardOutlined } from '@ant-design/icons';
import {
  nextStep,
  STEP_NAMES,
  VISIT_STEPS,
  type StepWork,
  type VisitStep,
} from '@water-clock/core/visits';
import { Button, Input } from 'antd';
import { Dialog } from '../ui/dialog';
import { useState } from 'react';
import { Link, useLocation, useMatch, useNavigate } from 'react-router';
import { useKeptForm } from '../offline/use-kept-form';
import { useMayChange } from '../session/use-signed-in';
import { OpenWorkDialog } from './open-work-dialog';
import { stepAt, stepPlace } from './step-places';
import { useStepWork, workWords } from './use-step-work';
import { useOpenVisit, type OpenVisit } from '../timer-records/use-visit';
import { oncePressed } from '../ui/once-pressed';
import bar from './bar.module.css';
import styles from './visit-bar.module.css';

/** Where a visit is, on every screen of its timer: the step here, done or skipped, and the next. */
export function VisitBar() {
  const match = useMatch('/timers/:timerId/*');
  const timerId = match?.params.timerId;
  const open = useOpenVisit(timerId);
  const mayChange = useMayChange();
  if (!open || !mayChange) return null;
  return <Bar key={open.id} open={open} />;
}

function Bar({ open }: { open: OpenVisit }) {
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const [isSkipping, setSkipping] = useState(false);
  const [asking, setAsking] = useState<StepWork | null>(null);
  const workAt = useStepWork(open);
  const { timerId, visit, add } = open;
  const here = stepAt(pathname) ?? nextStep(visit);
  const after = here && VISIT_STEPS[VISIT_STEPS.indexOf(here) + 1];
  const work = here && workAt(here);
  const askToFinish = () => {
    if (work && work.open.length > 0) setAsking(work);
    else void finish();
  };
  const finish = async () => {
    if (!here) return;
    setAsking(null);
    await add({ kind: 'step', step: here, state: 'done' }, `${STEP_NAMES[here]}: done`);
    if (after) await navigate(stepPlace(after, timerId));
  };
  return (
    <nav className={clsx(bar['bar'], styles['visit-bar'])} aria-label="Visit">
      <Link to={stepPlace('arrive', timerId)} className={styles['visit-all']}>
        Visit
      </Link>
      <ol>
        {VISIT_STEPS.map((step, index) => {
          const [itsState, itsWork] = [stateOf(open, step), workAt(step)];
          return (
            <li key={step} data-state={itsState} aria-current={step === here && 'step'}>
              <Link to={stepPlace(step, timerId)}>
                <StateMark state={itsState} work={itsWork} number={index + 1} />
                <span className={styles['visit-step-name']}>{STEP_NAMES[step]}</span>
                {step === here && workWords(itsWork) && <span>({workWords(itsWork)})</span>}
                <span className="visually-hidden">, {itsState}</span>
              </Link>
            </li>
          );
        })}
      </ol>
      <span className={styles['visit-ways']} data-dock>
        <Link to={stepPlace('arrive', timerId)} className={styles['visit-count']}>
          {here ? `${VISIT_STEPS.indexOf(here) + 1} of ${VISIT_STEPS.length}` : 'Visit'}
        </Link>
        {here && here !== 'leave' && (
          <Ways {...{ open, here }} onSkip={() => setSkipping(true)} onFinish={askToFinish} />
        )}
      </span>
      {here && asking && (
        <OpenWorkDialog
          step={here}
          work={asking}
          onDone={() => void finish()}
          onSkip={() => {
            setAsking(null);
            setSkipping(true);
          }}
          onClose={() => setAsking(null)}
        />
      )}
      {here && isSkipping && (
        <SkipDialog
          visitId={open.id}
          step={here}
          onClose={() => setSkipping(false)}
          onSkip={async (reason) => {
            setSkipping(false);
            await add(
              { kind: 'step', step: here, state: 'skipped', reason },
              `${STEP_NAMES[here]}: skipped`,
            );
            if (after) await navigate(stepPlace(after, timerId));
          }}
        />
      )}
    </nav>
  );
}

/** Steps whose pages lead through them: what comes next stands there. */
const LEADING: readonly VisitStep[] = ['as-found', 'clock', 'key-in', 'walk'];

interface WaysProps {
  readonly open: OpenVisit;
  readonly here: VisitStep;
  readonly onSkip: () => void;
  readonly onFinish: () => void;
}

/** What is done with the step here; once it is, the way to the next that is open. */
function Ways({ open, here, onSkip, onFinish }: WaysProps) {
  const navigate = useNavigate();
  const next = nextStep(open.visit);
  const isPlanning = new URLSearchParams(useLocation().search).get('mode') === 'plan';
  if (stateOf(open, here) === 'open')
    return (
      <>
        <Button onClick={onSkip}>Skip…</Button>
        <Button
          type={LEADING.includes(here) || isPlanning ? 'default' : 'primary'}
          onClick={oncePressed(onFinish)}
        >
          {STEP_NAMES[here]} done
        </Button>
      </>
    );
  return (
    <>
      <Button onClick={oncePressed(onFinish)}>Done again</Button>
      {next && (
        <Button type="primary" onClick={() => void navigate(stepPlace(next, open.timerId))}>
          Go on: {STEP_NAMES[next]}
        </Button>
      )}
    </>
  );
}

interface StateMarkProps {
  readonly state: 'open' | 'done' | 'skipped';
  readonly work: StepWork | null;
  readonly number: number;
}

/** A step that is called done is ticked only where its work is done too. */
function StateMark({ state, work, number }: StateMarkProps) {
  if (state === 'done')
    return work?.open.length ? <ExclamationCircleOutlined /> : <CheckCircleFilled />;
  if (state === 'skipped') return <ForwardOutlined />;
  return <span className="figures">{number}</span>;
}

export const stateOf = ({ visit }: OpenVisit, step: VisitStep) =>
  visit.steps.get(step)?.latest.entry.state ?? 'open';

const reasonIn = (kept: unknown): string | null => (typeof kept === 'string' ? kept : null);

interface SkipDialogProps {
  readonly visitId: string;
  readonly step: VisitStep;
  readonly onClose: () => void;
  readonly onSkip: (reason: string) => Promise<void>;
}

function SkipDialog({ visitId, step, onClose, onSkip }: SkipDialogProps) {
  const kept = useKeptForm(`skip.${visitId}.${step}`, reasonIn, '');
  const { form: reason, forget } = kept;
  const skip = async () => {
    forget();
    await onSkip(reason.trim());
  };
  const isEmpty = reason.trim() === '';
  return (
    <Dialog
      open
      title={`Skip ${STEP_NAMES[step]}?`}
      okText="Skip it"
      okButtonProps={{ disabled: isEmpty }}
      onOk={() => void skip()}
      onCancel={onClose}
    >
      <label htmlFor="skip-reason">Why is it left out?</label>
      <Input
        id="skip-reason"
        autoFocus
        maxLength={200}
        value={reason}
        onChange={(event) => kept.set(() => event.target.value)}
        onPressEnter={() => !isEmpty && void skip()}
      />
    </Dialog>
  );
}
