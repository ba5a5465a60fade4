import { Button } from 'antd';
import { useMayChange } from '../session/use-signed-in';
import { UndoButtons } from '../ui/undo-buttons';
import type { useYardOnDesk } from './use-yard-on-desk';

interface YardActionsProps {
  readonly desk: ReturnType<typeof useYardOnDesk>;
}

/** Undo, redo and save of a yard that is edited. */
export function YardActions({ desk }: YardActionsProps) {
  const mayChange = useMayChange();
  return (
    <>
      <UndoButtons
        canUndo={desk.canUndo}
        canRedo={desk.canRedo}
        undo={desk.undo}
        redo={desk.redo}
      />
      {mayChange && (
        <Button
          type="primary"
          loading={desk.isSaving}
          disabled={!desk.isChanged}
          onClick={() => void desk.save()}
        >
          {desk.isChanged ? 'Save the yard' : 'Saved'}
        </Button>
      )}
    </>
  );
}
