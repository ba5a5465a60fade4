import { NumberInput } from '../../ui/number-input';
import {
  addDays,
  addSeconds,
  dayOf,
  formatDate,
  formatDateTime,
  parseDate,
  parseDateTime,
  parseTimeOfDay,
  secondOfDay,
  asMinuteOfDay,
  formatTimeOfDay,
  startOfDay,
  type DayNumber,
} from '@water-clock/core/civil-time';
import {
  LONGEST_INTERVAL_DAYS,
  LONGEST_INTERVAL_HOURS,
  nextCountedDay,
  type DayRule,
  type HoursRule,
  type IntervalRule,
} from '@water-clock/core/settings';
import { longDate } from '@water-clock/core/words';
import type { DayMode } from '@water-clock/core/timer-types';
import { Checkbox, Space } from 'antd';
import { todayHere } from '../../format/today';
import { WEEKDAY_OPTIONS } from '../../format/weekday-options';
import { useClock, useDayOrder } from '../../session/use-signed-in';
import { DateField } from '../../ui/date-field';
import { Choice } from '../../ui/choice';
import { TimeInput } from '../../ui/time-input';
import { keysOf } from '@water-clock/core/kernel';

const MODE_NAMES: Record<DayMode, string> = {
  weekdays: 'Weekdays',
  odd: 'Odd days',
  even: 'Even days',
  interval: 'Every so many days',
  hours: 'Every so many hours',
};

interface DayRuleEditorProps {
  readonly days: DayRule;
  /** The kinds of days that the timer has. */
  readonly dayModes: readonly DayMode[];
  readonly onChange: (days: DayRule) => void;
}

/** Water days of any kind that the timer has, and the kind that is set. */
export function DayRuleEditor({ days, dayModes, onChange: change }: DayRuleEditorProps) {
  const modes = keysOf(MODE_NAMES).filter((mode) => dayModes.includes(mode) || mode === days.mode);
  return (
    <Space orientation="vertical" size={12} style={{ maxWidth: 380 }}>
      <Choice
        label="Kind of water days"
        value={days.mode}
        options={modes.map((mode) => ({ label: MODE_NAMES[mode], value: mode }))}
        onChange={(mode) => change(freshRule(mode))}
      />
      {days.mode === 'weekdays' && (
        <Checkbox.Group
          aria-label="Weekdays"
          options={WEEKDAY_OPTIONS}
          value={days.weekdays}
          onChange={(weekdays) =>
            change({ mode: 'weekdays', weekdays: weekdays.sort((a, b) => a - b) })
          }
        />
      )}
      {days.mode === 'interval' && <IntervalFields {...{ days, change }} />}
      {days.mode === 'hours' && <HoursFields {...{ days, change }} />}
    </Space>
  );
}

interface IntervalFieldsProps {
  readonly days: IntervalRule;
  readonly change: (days: DayRule) => void;
}

/** How many days, and a day of the count: as a date, or as the days that are left until it. */
function IntervalFields({ days, change }: IntervalFieldsProps) {
  const order = useDayOrder();
  const today = parseDate(todayHere())!;
  const next = nextCountedDay(days, today);
  return (
    <Space orientation="vertical" size={8}>
      <Space wrap>
        <label>
          Every{' '}
          <NumberInput
            label="Days of the interval"
            least={1}
            most={LONGEST_INTERVAL_DAYS}
            isWhole
            value={days.everyDays}
            onChange={(everyDays) => change({ ...days, everyDays })}
            width={70}
          />{' '}
          days, counted from
        </label>
        <DateField
          label="A day it waters"
          day={parseDate(days.anchor)}
          order={order}
          onChange={(day) => change({ ...days, anchor: formatDate(day) })}
        />
      </Space>
      <label>
        Days left{' '}
        <NumberInput
          label="Days left until it waters next"
          least={0}
          most={MOST_DAYS_LEFT}
          isWhole
          value={next - today}
          onChange={(left) => change({ ...days, anchor: formatDate(addDays(today, left)) })}
          width={70}
        />{' '}
        next on {longDate(next)}
      </label>
    </Space>
  );
}

/** A count that begins later than this is given by its date. */
const MOST_DAYS_LEFT = 366;

interface HoursFieldsProps {
  readonly days: HoursRule;
  readonly change: (days: DayRule) => void;
}

/** How many hours, and the first start, from which they are counted. */
function HoursFields({ days, change }: HoursFieldsProps) {
  const [order, clock] = [useDayOrder(), useClock()];
  const begin = parseDateTime(days.anchor)!;
  const countFrom = (day: DayNumber, seconds: number) =>
    change({ ...days, anchor: formatDateTime(addSeconds(startOfDay(day), seconds)) });
  return (
    <Space wrap>
      <label>
        Every{' '}
        <NumberInput
          label="Hours of the interval"
          least={1}
          most={LONGEST_INTERVAL_HOURS}
          isWhole
          value={days.everyHours}
          onChange={(everyHours) => change({ ...days, everyHours })}
          width={70}
        />{' '}
        hours, counted from
      </label>
      <DateField
        label="The day of its first start"
        day={dayOf(begin)}
        order={order}
        onChange={(day) => countFrom(day, secondOfDay(begin))}
      />
      <TimeInput
        label="The time of its first start"
        clock={clock}
        isNeeded
        value={formatTimeOfDay(asMinuteOfDay(Math.floor(secondOfDay(begin) / 60)))}
        onChange={(time) => countFrom(dayOf(begin), parseTimeOfDay(time)! * 60)}
      />
    </Space>
  );
}

function freshRule(mode: DayMode): DayRule {
  if (mode === 'weekdays') return { mode, weekdays: [] };
  if (mode === 'interval') return { mode, everyDays: 3, anchor: todayHere() };
  if (mode === 'hours') return { mode, everyHours: 12, anchor: `${todayHere()}T06:00:00` };
  return { mode };
}
