import { changesInWords } from '@water-clock/core/compare';
import { findingKey, type Finding } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import { Button, Skeleton } from 'antd';
import { Dialog } from '../../ui/dialog';
import { useEffect, useState } from 'react';
import type { FixPreview } from '@water-clock/core/fixes';
import { useSay } from '../../session/use-signed-in';
import styles from './fix-dialog.module.css';
import { Choice } from '../../ui/choice';

interface FixDialogProps {
  /** What is to be fixed, in words. */
  readonly message: string;
  readonly plan: Plan;
  /** The fixes for settings, each as a change to look at. */
  readonly ask: (plan: Plan) => Promise<readonly FixPreview[]>;
  readonly onApply: (plan: Plan) => void;
  readonly onClose: () => void;
}

/** A fix as a change to look at: what would be set otherwise, and what would be found then. */
export function FixDialog({ message, plan, ask, onApply, onClose }: FixDialogProps) {
  const [fixes, setFixes] = useState<readonly FixPreview[] | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const [chosen, setChosen] = useState(0);
  useEffect(() => {
    let isHere = true;
    ask(plan).then(
      (answer) => isHere && setFixes(answer),
      () => isHere && setFailed(true),
    );
    return () => {
      isHere = false;
    };
  }, [ask, plan]);
  const fix = fixes?.[chosen];
  const say = useSay();

  return (
    <Dialog
      open
      title="Fix"
      width={620}
      onCancel={onClose}
      footer={[
        <Button key="leave" onClick={onClose}>
          Leave as it is
        </Button>,
        <Button
          key="apply"
          type="primary"
          disabled={!fix}
          onClick={() => {
            if (fix) onApply(fix.plan);
            onClose();
          }}
        >
          {fix ? say(fix.label) : 'Apply'}
        </Button>,
      ]}
    >
      <p className={styles['fix-finding']}>{say(message)}</p>
      {hasFailed && <p role="alert">The fixes could not be worked out. Set it by hand.</p>}
      {!fixes && !hasFailed && <Skeleton active title={false} paragraph={{ rows: 3 }} />}
      {fixes?.length === 0 && (
        <p>No single change fixes this: no time of the day is clear. Change it by hand.</p>
      )}
      {fixes && fixes.length > 1 && (
        <Choice
          label="Ways to fix it"
          value={chosen}
          onChange={setChosen}
          options={fixes.map(({ label }, value) => ({ label: say(label), value }))}
        />
      )}
      {fix && <FixChanges {...{ plan, fix }} />}
    </Dialog>
  );
}

interface FixChangesProps {
  readonly plan: Plan;
  readonly fix: FixPreview;
}

function FixChanges({ plan, fix }: FixChangesProps) {
  const say = useSay();
  const changes = changesInWords(plan, fix.plan);
  return (
    <>
      <table className={styles['fix-changes']} aria-label="What the change sets">
        <thead>
          <tr>
            <th scope="col">Changes</th>
            <th scope="col">now</th>
            <th scope="col">then</th>
          </tr>
        </thead>
        <tbody>
          {changes.map(({ what, before, after }) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <td>{say(before ?? 'none')}</td>
              <td>
                <strong>{say(after ?? 'none')}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <FindingLines title="No longer found" findings={fix.gone} />
      <FindingLines title="Found then" findings={fix.fresh} />
    </>
  );
}

function FindingLines({ title, findings }: { title: string; findings: readonly Finding[] }) {
  const say = useSay();
  if (findings.length === 0) return null;
  return (
    <>
      <h3 className={styles['fix-heading']}>{title}</h3>
      <ul className={styles['fix-findings']}>
        {findings.map((finding) => (
          <li key={findingKey(finding)}>{say(finding.message)}</li>
        ))}
      </ul>
    </>
  );
}
