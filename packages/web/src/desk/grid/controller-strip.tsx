import { Button, Popover, Switch } from 'antd';
import type { DayNumber } from '@water-clock/core/civil-time';
import { memo } from 'react';
import type { Plan, SeasonSetting } from '@water-clock/core/settings';
import type { SeasonMode } from '@water-clock/core/timer-types';
import { setController, type PlanEdit } from '@water-clock/core/settings';
import { MONTHS_SHORT } from '@water-clock/core/words';
import { ClockField } from '../clock/clock-field';
import { FIELDS } from '../state/fields';
import { NumberInput } from '../../ui/number-input';
import styles from './controller-strip.module.css';
import clockFieldStyles from '../clock/clock-field.module.css';

interface ControllerStripProps {
  readonly timer: Plan['timer'];
  readonly controller: Plan['controller'];
  readonly timeZone: string | undefined;
  readonly since: DayNumber;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
}

const SEASON_NAMES: Record<SeasonMode, string> = {
  whole: 'whole timer',
  program: 'by program',
  monthly: 'by month',
  weather: 'by the weather',
};

/** What is set on the timer outside its programs: season percentage, delay, sensor, on or off. */
export const ControllerStrip = memo(function ControllerStrip(props: ControllerStripProps) {
  const { timer, controller, timeZone, since, onEdit } = props;
  const { season } = controller;
  const setSeason = (next: SeasonSetting, key?: string) =>
    onEdit(setController({ season: next }), key);
  const modes = timer.season?.modes ?? [];
  const hasSeason = timer.season !== null || season.mode !== 'whole' || season.percent !== 100;
  return (
    <div className={styles['controller-strip']}>
      {hasSeason && (
        <div className={clockFieldStyles['controller-field']} data-field={FIELDS.season}>
          <span>Season</span>
          {modes.length > 1 || !modes.includes(season.mode) ? (
            <select
              className={styles['season-mode']}
              aria-label="Season percentage for"
              value={season.mode}
              onChange={(event) => {
                const mode = modes.find((one) => one === event.target.value);
                if (mode) setSeason(freshSeason(mode, season));
              }}
            >
              {[...new Set([...modes, season.mode])].map((mode) => (
                <option key={mode} value={mode}>
                  {SEASON_NAMES[mode]}
                </option>
              ))}
            </select>
          ) : null}
          {season.mode === 'whole' && (
            <NumberInput
              isSmall
              label="Season percentage"
              least={0}
              most={1000}
              step={timer.season?.stepPercent ?? 10}
              isWhole
              value={season.percent}
              suffix="%"
              width={84}
              onChange={(percent) => setSeason({ mode: 'whole', percent }, 'season percent')}
            />
          )}
          {season.mode === 'monthly' && <MonthlyPercents {...{ season, timer, setSeason }} />}
          {season.mode === 'weather' && <WeatherBounds {...{ season, timer, setSeason }} />}
        </div>
      )}
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
        <label className={clockFieldStyles['controller-field']} data-field={FIELDS.sensor}>
          <span>Rain sensor</span>
          <Switch
            size="small"
            checked={controller.rainSensor === 'active'}
            checkedChildren="active"
            unCheckedChildren="bypass"
            onChange={(on) => onEdit(setController({ rainSensor: on ? 'active' : 'bypass' }))}
          />
        </label>
      )}
      {timer.freezeSensor && (
        <label className={clockFieldStyles['controller-field']} data-field={FIELDS.freezeSensor}>
          <span>Freeze sensor</span>
          <Switch
            size="small"
            checked={controller.freezeSensor === 'active'}
            checkedChildren="active"
            unCheckedChildren="bypass"
            onChange={(on) => onEdit(setController({ freezeSensor: on ? 'active' : 'bypass' }))}
          />
        </label>
      )}
      <ClockField clock={controller.clock} {...{ timeZone, since, onEdit }} />
      <label className={clockFieldStyles['controller-field']} data-field={FIELDS.power}>
        <span>Timer</span>
        <Switch
          size="small"
          checked={!controller.off}
          checkedChildren="runs"
          unCheckedChildren="off"
          onChange={(on) => onEdit(setController({ off: !on }))}
        />
      </label>
    </div>
  );
});

function freshSeason(mode: SeasonMode, before: SeasonSetting): SeasonSetting {
  if (mode === 'whole') return { mode, percent: 100 };
  if (mode === 'program') return { mode };
  if (mode === 'weather') return { mode, leastPercent: 20, mostPercent: 150 };
  const percent = before.mode === 'whole' ? before.percent : 100;
  return { mode, percents: Array.from({ length: 12 }, () => percent) };
}

interface WeatherBoundsProps {
  readonly season: Extract<SeasonSetting, { mode: 'weather' }>;
  readonly timer: Plan['timer'];
  readonly setSeason: (next: SeasonSetting, key?: string) => void;
}

/** Between which percentages the weather sets it; one that is moved past the other takes it along. */
function WeatherBounds({ season, timer, setSeason }: WeatherBoundsProps) {
  const { leastPercent, mostPercent } = season;
  const input = (label: string, value: number, onChange: (percent: number) => void) => (
    <NumberInput
      isSmall
      isWhole
      least={0}
      most={1000}
      step={timer.season?.stepPercent ?? 10}
      suffix="%"
      width={84}
      {...{ label, value, onChange }}
    />
  );
  return (
    <>
      {input('Least percentage by the weather', leastPercent, (least) =>
        setSeason(
          { ...season, leastPercent: least, mostPercent: Math.max(least, mostPercent) },
          'season least',
        ),
      )}
      <span>to</span>
      {input('Greatest percentage by the weather', mostPercent, (most) =>
        setSeason(
          { ...season, mostPercent: most, leastPercent: Math.min(most, leastPercent) },
          'season most',
        ),
      )}
    </>
  );
}

interface MonthlyPercentsProps {
  readonly season: Extract<SeasonSetting, { mode: 'monthly' }>;
  readonly timer: Plan['timer'];
  readonly setSeason: (next: SeasonSetting, key?: string) => void;
}

function MonthlyPercents({ season, timer, setSeason }: MonthlyPercentsProps) {
  const months = (
    <div className={styles['month-percents']}>
      {MONTHS_SHORT.map((month, index) => (
        <label key={month}>
          {month}
          <NumberInput
            isSmall
            least={0}
            most={1000}
            step={timer.season?.stepPercent ?? 10}
            isWhole
            value={season.percents[index] ?? 100}
            onChange={(percent) =>
              setSeason(
                { mode: 'monthly', percents: season.percents.with(index, percent) },
                `month ${index}`,
              )
            }
          />
        </label>
      ))}
    </div>
  );
  return (
    <Popover trigger="click" title="Percentage by month" content={months}>
      <Button size="small" className="figures">
        {Math.min(...season.percents)}–{Math.max(...season.percents)} %
      </Button>
    </Popover>
  );
}
