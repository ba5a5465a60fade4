import { changeSentences } from '@water-clock/core/compare';
import { readPlanText, type Plan } from '@water-clock/core/settings';
import { Alert, Button, Space } from 'antd';
import { Dialog } from '../ui/dialog';
import { useState } from 'react';
import { FileButton } from '../ui/file-button';
import { downloadText, fileNameOf } from '../ui/text-files';
import { useMayChange, useSay } from '../session/use-signed-in';

interface PlanFileDialogProps {
  readonly plan: Plan;
  readonly names: readonly string[];
  readonly onOpen: (plan: Plan) => void;
  readonly onClose: () => void;
}

/** The settings as a plan file, out and in; what comes in is shown as changes first. */
export function PlanFileDialog({ plan, names, onOpen, onClose }: PlanFileDialogProps) {
  const [read, setRead] = useState<ReturnType<typeof readPlanText> | null>(null);
  const say = useSay();
  const mayChange = useMayChange();
  const sentences = read?.ok ? changeSentences(plan, read.value) : [];
  return (
    <Dialog
      open
      title="Plan file"
      onCancel={onClose}
      footer={[
        <Button key="leave" onClick={onClose}>
          Close
        </Button>,
        <Button
          key="open"
          type="primary"
          disabled={!read?.ok}
          onClick={() => {
            if (read?.ok) onOpen(read.value);
            onClose();
          }}
        >
          Put it on the desk
        </Button>,
      ]}
    >
      <Space wrap>
        <Button
          onClick={() =>
            downloadText(`${fileNameOf(...names)}.plan.json`, JSON.stringify(plan, null, 2))
          }
        >
          Save what is on the desk
        </Button>
        {mayChange && (
          <FileButton
            accept=".json,application/json"
            onText={(text) => setRead(readPlanText(text))}
          >
            Open a file…
          </FileButton>
        )}
      </Space>
      {read && !read.ok && (
        <Alert
          type="error"
          showIcon
          style={{ marginTop: 12 }}
          title="This is no plan file that can be opened. Nothing was changed."
          description={
            <ul>
              {read.trouble.map(({ path, message }) => (
                <li key={path}>
                  <code>{path}</code> {message}
                </li>
              ))}
            </ul>
          }
        />
      )}
      {read?.ok && (
        <ul aria-label="What it would change">
          {sentences.length === 0 && <li>It is the same as what is on the desk.</li>}
          {sentences.map((sentence) => (
            <li key={sentence}>{say(sentence)}</li>
          ))}
        </ul>
      )}
    </Dialog>
  );
}
