import type { DayNumber } from '@water-clock/core/civil-time';
import { findingKey, type Finding } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import { Button, Modal, Radio, Skeleton } from 'antd';
import { useEffect, useState } from 'react';
import type { MendPreview } from '../computing/mend-preview';
import type { DeskComputer } from '../computing/use-desk-worker';
import { useSay } from '../signed-in/use-signed-in';
import './mend-dialog.css';

interface MendDialogProps {
  readonly finding: Finding;
  readonly plan: Plan;
  readonly since: DayNumber;
  readonly ask: DeskComputer['mends'];
  readonly onApply: (plan: Plan) => void;
  readonly onClose: () => void;
}

/** A mend as a change to look at: what would be set otherwise, and what would be found then. */
export function MendDialog({ finding, plan, since, ask, onApply, onClose }: MendDialogProps) {
  const [mends, setMends] = useState<readonly MendPreview[] | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const [chosen, setChosen] = useState(0);
  useEffect(() => {
    let isHere = true;
    ask(plan, finding, since).then(
      (answer) => isHere && setMends(answer),
      () => isHere && setFailed(true),
    );
    return () => {
      isHere = false;
    };
  }, [ask, plan, finding, since]);
  const mend = mends?.[chosen];
  const say = useSay();

  return (
    <Modal
      open
      title="Mend"
      width={620}
      onCancel={onClose}
      footer={[
        <Button key="leave" onClick={onClose}>
          Leave as it is
        </Button>,
        <Button
          key="apply"
          type="primary"
          disabled={!mend}
          onClick={() => {
            if (mend) onApply(mend.plan);
            onClose();
          }}
        >
          {mend ? say(mend.label) : 'Apply'}
        </Button>,
      ]}
    >
      <p className="mend-finding">{say(finding.message)}</p>
      {hasFailed && <p role="alert">The mends could not be worked out. Set it by hand.</p>}
      {!mends && !hasFailed && <Skeleton active title={false} paragraph={{ rows: 3 }} />}
      {mends?.length === 0 && (
        <p>No single change mends this: no time of the day is clear. Change it by hand.</p>
      )}
      {mends && mends.length > 1 && (
        <Radio.Group
          aria-label="Ways to mend it"
          value={chosen}
          onChange={(event) => setChosen(event.target.value as number)}
          options={mends.map(({ label }, value) => ({ label: say(label), value }))}
        />
      )}
      {mend && <MendChanges mend={mend} />}
    </Modal>
  );
}

function MendChanges({ mend: { changes, gone, fresh } }: { mend: MendPreview }) {
  const say = useSay();
  return (
    <>
      <table className="mend-changes">
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
      <FindingLines title="Found no more" findings={gone} />
      <FindingLines title="Found then" findings={fresh} />
    </>
  );
}

function FindingLines({ title, findings }: { title: string; findings: readonly Finding[] }) {
  const say = useSay();
  if (findings.length === 0) return null;
  return (
    <>
      <h3 className="mend-heading">{title}</h3>
      <ul className="mend-findings">
        {findings.map((finding) => (
          <li key={findingKey(finding)}>{say(finding.message)}</li>
        ))}
      </ul>
    </>
  );
}
