import { RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useMayChange } from '../session/use-signed-in';
import type { useYardOnDesk } from './use-yard-on-desk';

interface YardActionsProps {
  readonly desk: ReturnType<typeof useYardOnDesk>;
  /** What else the page offers, between undo and save. */
  readonly children?: ReactNode;
}

/** Undo, redo and save of a yard that is edited. */
export function YardActions({ desk, children }: YardActionsProps) {
  const mayChange = useMayChange();
  return (
    <>
      <Button
        aria-label="Undo"
        icon={<UndoOutlined />}
        disabled={!desk.canUndo}
        onClick={desk.undo}
      />
      <Button
        aria-label="Redo"
        icon={<RedoOutlined />}
        disabled={!desk.canRedo}
        onClick={desk.redo}
      />
      {children}
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
