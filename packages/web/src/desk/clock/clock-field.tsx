import { clockErrorSeconds } from '@water-clock/core/engine';
import { Button } from 'antd';
import { memo } from 'react';
import { FIELDS } from '../state/fields';
import { EditorPopover } from '../../ui/editor-popover';
import { later } from '../../ui/later';
import type { ClockFieldProps } from './clock-field-props';
import { clockErrorWords } from './clock-error-words';
import styles from './clock-field.module.css';

// It knows the time zones of the world, which weigh.
const ClockEditor = later(() => import('./clock-editor'), 'ClockEditor');

/** What the timer's clock shows against true time; opens to be read off. */
export const ClockField = memo(function ClockField(props: ClockFieldProps) {
  const { clock } = props;
  const error = clock ? clockErrorSeconds({ clock }) : null;
  const state = error === null ? 'not read yet' : clockErrorWords(error);
  return (
    <div className={styles['controller-field']} data-field={FIELDS.clock}>
      <span>Clock</span>
      <EditorPopover
        title="The timer's clock"
        content={(close) => <ClockEditor {...props} onDone={close} />}
      >
        <Button size="small" aria-label={`Clock: ${state}`} danger={Math.abs(error ?? 0) >= 300}>
          {state}
        </Button>
      </EditorPopover>
    </div>
  );
});
