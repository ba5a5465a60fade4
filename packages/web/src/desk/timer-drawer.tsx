import type { Plan } from '@water-clock/core/settings';
import { Drawer, Input } from 'antd';
import { useId } from 'react';
import { TypeQuestions } from '../timer-types/type-questions';
import { setTimer, type PlanEdit } from '@water-clock/core/settings';
import { useFocusBack } from '../ui/use-focus-back';
import pageStyles from '../ui/page.module.css';

interface TimerDrawerProps {
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly plan: Plan;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
}

/** What the timer can do; every change takes effect at once and can be undone. */
export function TimerDrawer({ isOpen, onClose, plan, onEdit }: TimerDrawerProps) {
  const { timer } = plan;
  const nameId = useId();
  useFocusBack();
  return (
    <Drawer open={isOpen} onClose={onClose} title="What this timer can do" size={460}>
      <p className={pageStyles['soft']}>
        Of this timer alone. Fewer programs drop their settings; undo brings them back.
      </p>
      <label htmlFor={nameId}>Timer type</label>
      <Input
        id={nameId}
        value={timer.name ?? ''}
        maxLength={200}
        style={{ marginBottom: 12 }}
        onChange={(event) => onEdit(setTimer({ name: event.target.value }), 'timer name')}
      />
      <TypeQuestions
        timer={timer}
        leastStations={Math.max(1, ...plan.stations.map(({ number }) => number))}
        onChange={(fields, key) => onEdit(setTimer(fields), key)}
      />
    </Drawer>
  );
}
