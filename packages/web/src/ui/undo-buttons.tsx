import { RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button, Tooltip } from 'antd';
import { memo } from 'react';

interface UndoButtonsProps {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** Undo and redo, told apart by word, by arrow and by the side that it is on. */
export const UndoButtons = memo(function UndoButtons(props: UndoButtonsProps) {
  const { canUndo, canRedo, undo, redo } = props;
  return (
    <>
      <Tooltip title="Ctrl Z">
        <Button icon={UNDO} disabled={!canUndo} onClick={undo}>
          Undo
        </Button>
      </Tooltip>
      <Tooltip title="Ctrl Shift Z">
        <Button icon={REDO} iconPlacement="end" disabled={!canRedo} onClick={redo}>
          Redo
        </Button>
      </Tooltip>
    </>
  );
});

const UNDO = <UndoOutlined />;
const REDO = <RedoOutlined />;
