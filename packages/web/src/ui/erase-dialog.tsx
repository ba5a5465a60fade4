import { Button, Input } from 'antd';
import { Dialog } from './dialog';
import { useState, type ReactNode, type SyntheticEvent } from 'react';
import { ApiError } from '../api/client';
import { Field } from './field';

interface EraseDialogProps {
  /** What is to go: its name is typed, so that it is the right one. */
  readonly name: string;
  /** What goes with it, and what stays. */
  readonly children: ReactNode;
  readonly isErasing: boolean;
  readonly error: Error | null;
  readonly onErase: (name: string) => void;
  readonly onClose: () => void;
}

const faultIn = (error: Error | null): string | undefined =>
  error instanceof ApiError
    ? (error.places.find(({ path }) => path === 'name')?.message ?? error.message)
    : error?.message;

/** Asks, with what goes and what stays, before something is erased that nothing brings back. */
export function EraseDialog(props: EraseDialogProps) {
  const { name, children, isErasing, error, onErase, onClose } = props;
  const [typed, setTyped] = useState('');
  const isIt = typed.trim() === name.trim();
  const erase = (event: SyntheticEvent) => {
    event.preventDefault();
    if (isIt) onErase(typed);
  };
  return (
    <Dialog open title={`Erase ${name} for good?`} footer={null} onCancel={onClose}>
      <form onSubmit={erase}>
        {children}
        <Field label={`Type “${name}” to erase it`} fault={faultIn(error)}>
          {(id) => (
            <Input
              id={id}
              autoComplete="off"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
          )}
        </Field>
        <div style={{ display: 'flex', justifyContent: 'flex-end', gap: 8, marginTop: 16 }}>
          <Button onClick={onClose}>Keep it</Button>
          <Button danger type="primary" htmlType="submit" disabled={!isIt} loading={isErasing}>
            Erase for good
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
