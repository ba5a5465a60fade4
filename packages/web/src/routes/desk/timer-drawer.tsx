import { Drawer, Form, Input, InputNumber, Select, Switch } from 'antd';
import type { Plan } from '@water-clock/core/settings';
import {
  DAY_MODES,
  START_STEPS_MINUTES,
  type DayMode,
  type OverlapBehaviour,
  type TimerCapability,
} from '@water-clock/core/timer-kinds';
import { setTimer, type PlanEdit } from '../../settings/plan-edits';

interface TimerDrawerProps {
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly plan: Plan;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
}

export const OVERLAP_NAMES: Record<OverlapBehaviour, string> = {
  queue: 'waits until the other is done',
  drop: 'is left out',
  preempt: 'cuts the other off',
  concurrent: 'waters beside the other',
};

const DAY_MODE_NAMES: Record<DayMode, string> = {
  weekdays: 'weekdays',
  odd: 'odd days',
  even: 'even days',
  interval: 'every so many days',
};

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** The first so many labels: the timer's own, then letters that it does not use yet. */
function labelsUpTo(count: number, labels: readonly string[]): string[] {
  const more = [...ALPHABET].filter((letter) => !labels.includes(letter));
  return [...labels, ...more].slice(0, count);
}

/** What the timer can do; every change takes effect at once and can be undone. */
export function TimerDrawer({ isOpen, onClose, plan, onEdit }: TimerDrawerProps) {
  const { timer } = plan;
  const set = (fields: Partial<TimerCapability>, key?: string) => onEdit(setTimer(fields), key);
  const highest = Math.max(1, ...plan.stations.map((station) => station.number));
  return (
    <Drawer open={isOpen} onClose={onClose} title="What this timer can do" size={420}>
      <Form layout="vertical" requiredMark={false}>
        <Form.Item label="Kind of timer" htmlFor="timer-name">
          <Input
            id="timer-name"
            value={timer.name}
            maxLength={200}
            onChange={(event) => set({ name: event.target.value }, 'timer name')}
          />
        </Form.Item>
        <Form.Item label="Stations" htmlFor="timer-stations">
          <InputNumber
            id="timer-stations"
            min={highest}
            max={256}
            precision={0}
            value={timer.stations}
            onChange={(stations) => stations && set({ stations }, 'timer stations')}
          />
        </Form.Item>
        <Form.Item
          label="Programs"
          htmlFor="timer-programs"
          extra={`${timer.programs.join(', ')}. Fewer programs drop their settings; undo brings them back.`}
        >
          <InputNumber
            id="timer-programs"
            min={1}
            max={26}
            precision={0}
            value={timer.programs.length}
            onChange={(count) => count && set({ programs: labelsUpTo(count, timer.programs) })}
          />
        </Form.Item>
        <Form.Item label="Starts a program" htmlFor="timer-starts">
          <InputNumber
            id="timer-starts"
            min={1}
            max={24}
            precision={0}
            value={timer.startsPerProgram}
            onChange={(count) => count && set({ startsPerProgram: count }, 'timer starts')}
          />
        </Form.Item>
        <Form.Item label="Starts are set in steps of" htmlFor="timer-step">
          <Select
            id="timer-step"
            value={timer.startStepMinutes}
            options={START_STEPS_MINUTES.map((step) => ({ value: step, label: `${step} min` }))}
            onChange={(startStepMinutes) => set({ startStepMinutes })}
          />
        </Form.Item>
        <Form.Item label="Kinds of water days" htmlFor="timer-days">
          <Select
            id="timer-days"
            mode="multiple"
            value={timer.dayModes}
            options={DAY_MODES.map((mode) => ({ value: mode, label: DAY_MODE_NAMES[mode] }))}
            onChange={(dayModes) => set({ dayModes })}
          />
        </Form.Item>
        <Form.Item
          label="A start that comes while another program runs"
          htmlFor="timer-overlap"
          extra="To find out: start program A by hand, set a start of B two minutes ahead, and watch."
        >
          <Select
            id="timer-overlap"
            value={timer.overlap}
            options={Object.entries(OVERLAP_NAMES).map(([value, label]) => ({
              value: value as OverlapBehaviour,
              label,
            }))}
            onChange={(overlap) => set({ overlap })}
          />
        </Form.Item>
        <Form.Item label="Cycle and soak" htmlFor="timer-soak">
          <Select
            id="timer-soak"
            value={timer.cycleSoak?.policy ?? ('none' as const)}
            options={[
              { value: 'none' as const, label: 'has none' },
              { value: 'in-order' as const, label: 'round by round, stations in order' },
              { value: 'ready-first' as const, label: 'whichever station is ready first' },
            ]}
            onChange={(policy) => set({ cycleSoak: policy === 'none' ? null : { policy } })}
          />
        </Form.Item>
        <Form.Item label="Stations at once, at most" htmlFor="timer-concurrent">
          <InputNumber
            id="timer-concurrent"
            min={1}
            max={256}
            precision={0}
            value={timer.maxConcurrentStations}
            onChange={(count) => count && set({ maxConcurrentStations: count }, 'timer concurrent')}
          />
        </Form.Item>
        <Form.Item label="An interval day that falls on a blocked day" htmlFor="timer-blocked">
          <Select
            id="timer-blocked"
            value={timer.blockedDay}
            options={[
              { value: 'skip', label: 'is left out' },
              { value: 'defer', label: 'is put off to the next free day' },
            ]}
            onChange={(blockedDay) => set({ blockedDay })}
          />
        </Form.Item>
        <Form.Item label="Odd days leave out the 31st" htmlFor="timer-31">
          <Switch id="timer-31" checked={timer.skip31} onChange={(skip31) => set({ skip31 })} />
        </Form.Item>
      </Form>
    </Drawer>
  );
}
