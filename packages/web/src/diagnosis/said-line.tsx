import type { DayNumber } from '@water-clock/core/civil-time';
import { readSaid, type Said } from '@water-clock/core/diagnosis';
import { Button, Input, Space } from 'antd';
import { useState } from 'react';
import { Field } from '../ui/field';
import type { StationName } from './told-words';

interface SaidLineProps {
  readonly dates: { readonly first: DayNumber; readonly last: DayNumber };
  readonly today: DayNumber;
  readonly stations: readonly StationName[];
  /** False: there is no room for more. */
  readonly onSaid: (said: Said) => boolean;
}

/** What somebody tells, typed in a line as they tell it; what cannot be understood stays, and says why. */
export function SaidLine({ dates, today, stations, onSaid }: SaidLineProps) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const enter = () => {
    const read = readSaid(text, { ...dates, today, stations });
    if (!read.ok) {
      setFault(read.trouble);
      return;
    }
    // What is not taken stays in its place.
    if (!onSaid(read.value)) return;
    setText('');
    setFault(null);
  };
  return (
    <Field label="In a line" fault={fault}>
      {(id) => (
        <Space.Compact block>
          <Input
            id={id}
            value={text}
            status={fault ? 'error' : ''}
            data-unread={fault !== null}
            placeholder="Tue 14:10, back lawn, about 15 min"
            onChange={({ target }) => {
              setText(target.value);
              setFault(null);
            }}
            onPressEnter={enter}
          />
          <Button disabled={text.trim() === ''} onClick={enter}>
            Put it in
          </Button>
        </Space.Compact>
      )}
    </Field>
  );
}
