import { Alert, Button, Space } from 'antd';

interface MeanwhileProps {
  /** What was saved by somebody else: "This rule set". */
  readonly what: string;
  readonly isWriting: boolean;
  readonly onTakeTheirs: () => void;
  readonly onSaveMine: () => void;
}

/** Somebody else saved the thing after it was opened here: nothing is lost until one chooses. */
export function Meanwhile({ what, isWriting, onTakeTheirs, onSaveMine }: MeanwhileProps) {
  return (
    <Alert
      type="warning"
      showIcon
      title={`${what} was saved by somebody else meanwhile. Yours is not saved yet, and still here.`}
      action={
        <Space wrap>
          <Button size="small" onClick={onTakeTheirs}>
            Show theirs instead
          </Button>
          <Button size="small" danger loading={isWriting} onClick={onSaveMine}>
            Save mine over it
          </Button>
        </Space>
      }
    />
  );
}
