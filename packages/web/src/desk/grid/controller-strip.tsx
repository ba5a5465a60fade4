import { Switch } from 'antd';
import type { DayNumber } from '@water-clock/core/civil-time';
import { memo } from 'react';
import type { Plan } from '@water-clock/core/settings';
import { setController, type PlanEdit } from '@water-clock/core/settings';
import { ClockField } from '../clock/clock-field';
import { FIELDS } from '../state/fields';
import { NumberInput } from '../../ui/number-input';
import { SeasonField } from './season-field';
import styles from './controller-strip.module.css';
import clockFieldStyles from '../clock/clock-field.module.css';

interface ControllerStripProps {
  readonly timer: Plan['timer'];
  readonly controller: Plan['controller'];
  readonly timeZone: string | undefined;
  readonly since: DayNumber;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
}

/** What is set on the timer outside its programs: season percentage, delay, sensors, on or off. */
export const ControllerStrip = memo(function ControllerStrip(props: ControllerStripProps) {
  const { timer, controller, timeZone, since, onEdit } = props;
  return (
    <div className={styles['controller-strip']}>
      <SeasonField
        timer={timer}
        season={controller.season}
        setSeason={(season, key) => onEdit(setController({ season }), key)}
      />
      <label className={clockFieldStyles['controller-field']} data-field={FIELDS.delay}>
        <span>Delay</span>
        <NumberInput
          isSmall
          label="Delay between stations"
          least={0}
          most={604_800}
          isWhole
          value={controller.stationDelaySeconds}
          suffix="s"
          width={78}
          disabled={timer.maxStationDelaySeconds === 0 && controller.stationDelaySeconds === 0}
          onChange={(seconds) => onEdit(setController({ stationDelaySeconds: seconds }), 'delay')}
        />
      </label>
      {timer.rainSensor && (
        <SwitchField
          field={FIELDS.sensor}
          name="Rain sensor"
          words={['active', 'bypass']}
          isOn={controller.rainSensor === 'active'}
          onChange={(on) => onEdit(setController({ rainSensor: on ? 'active' : 'bypass' }))}
        />
      )}
      {timer.freezeSensor && (
        <SwitchField
          field={FIELDS.freezeSensor}
          name="Freeze sensor"
          words={['active', 'bypass']}
          isOn={controller.freezeSensor === 'active'}
          onChange={(on) => onEdit(setController({ freezeSensor: on ? 'active' : 'bypass' }))}
        />
      )}
      <ClockField clock={controller.clock} {...{ timeZone, since, onEdit }} />
      <SwitchField
        field={FIELDS.power}
        name="Timer"
        words={['runs', 'off']}
        isOn={!controller.off}
        onChange={(on) => onEdit(setController({ off: !on }))}
      />
    </div>
  );
});

interface SwitchFieldProps {
  readonly field: string;
  readonly name: string;
  /** What it says while it is on, and while it is not. */
  readonly words: readonly [string, string];
  readonly isOn: boolean;
  readonly onChange: (isOn: boolean) => void;
}

const SwitchField = ({ field, name, words: [on, off], isOn, onChange }: SwitchFieldProps) => (
  <label className={clockFieldStyles['controller-field']} data-field={field}>
    <span>{name}</span>
    <Switch
      size="small"
      checked={isOn}
      checkedChildren={on}
      unCheckedChildren={off}
      onChange={onChange}
    />
  </label>
);
