import { Button } from 'antd';
import type { Plan, SeasonSetting } from '@water-clock/core/settings';
import type { SeasonMode } from '@water-clock/core/timer-types';
import { MONTHS_SHORT } from '@water-clock/core/words';
import { FIELDS } from '../state/fields';
import { EditorPopover } from '../../ui/editor-popover';
import { NumberInput } from '../../ui/number-input';
import styles from './controller-strip.module.css';
import clockFieldStyles from '../clock/clock-field.module.css';

const NAMES: Record<SeasonMode, string> = {
  whole: 'whole timer',
  program: 'by program',
  monthly: 'by month',
  weather: 'by the weather',
};

interface SeasonFieldProps {
  readonly season: SeasonSetting;
  readonly timer: Plan['timer'];
  readonly setSeason: (next: SeasonSetting, key?: string) => void;
}

/** The season percentage in one of the timer's ways; nothing where the timer has none and none is set. */
export function SeasonField({ season, timer, setSeason }: SeasonFieldProps) {
  const modes = timer.season?.modes ?? [];
  if (timer.season === null && season.mode === 'whole' && season.percent === 100) return null;
  return (
    <div className={clockFieldStyles['controller-field']} data-field={FIELDS.season}>
      <span>Season</span>
      {(modes.length > 1 || !modes.includes(season.mode)) && (
        <select
          className={styles['season-mode']}
          aria-label="Season percentage for"
          value={season.mode}
          onChange={(event) => {
            const mode = modes.find((one) => one === event.target.value);
            if (mode) setSeason(freshSeason(mode, season, timer));
          }}
        >
          {[...new Set([...modes, season.mode])].map((mode) => (
            <option key={mode} value={mode}>
              {NAMES[mode]}
            </option>
          ))}
        </select>
      )}
      {season.mode === 'whole' && (
        <PercentInput
          {...{ timer }}
          label="Season percentage"
          value={season.percent}
          onChange={(percent) => setSeason({ mode: 'whole', percent }, 'season percent')}
        />
      )}
      {season.mode === 'monthly' && <MonthlyPercents {...{ season, timer, setSeason }} />}
      {season.mode === 'weather' && <WeatherBounds {...{ season, timer, setSeason }} />}
    </div>
  );
}

function freshSeason(
  mode: SeasonMode,
  before: SeasonSetting,
  { season }: Plan['timer'],
): SeasonSetting {
  if (mode === 'whole') return { mode, percent: 100 };
  if (mode === 'program') return { mode };
  if (mode === 'weather')
    return {
      mode,
      leastPercent: season?.minPercent ?? 100,
      mostPercent: season?.maxPercent ?? 100,
    };
  const percent = before.mode === 'whole' ? before.percent : 100;
  return { mode, percents: Array.from({ length: 12 }, () => percent) };
}

interface PercentInputProps {
  readonly timer: Plan['timer'];
  readonly label?: string;
  readonly value: number;
  readonly least?: number;
  readonly most?: number;
  readonly onChange: (percent: number) => void;
}

const MOST_PERCENT = 1000;

const PercentInput = ({ timer, least = 0, most = MOST_PERCENT, ...rest }: PercentInputProps) => (
  <NumberInput
    {...rest}
    {...{ least, most }}
    isSmall
    isWhole
    step={timer.season?.stepPercent ?? 10}
    suffix="%"
    width={84}
  />
);

interface WeatherBoundsProps extends SeasonFieldProps {
  readonly season: Extract<SeasonSetting, { mode: 'weather' }>;
}

/** Between which percentages the weather sets it; neither is taken beyond the other. */
function WeatherBounds({ season, timer, setSeason }: WeatherBoundsProps) {
  const { leastPercent, mostPercent } = season;
  return (
    <>
      <PercentInput
        {...{ timer }}
        label="Least percentage by the weather"
        most={mostPercent}
        value={leastPercent}
        onChange={(percent) => setSeason({ ...season, leastPercent: percent }, 'season least')}
      />
      <span>to</span>
      <PercentInput
        {...{ timer }}
        label="Greatest percentage by the weather"
        least={leastPercent}
        value={mostPercent}
        onChange={(percent) => setSeason({ ...season, mostPercent: percent }, 'season most')}
      />
    </>
  );
}

interface MonthlyPercentsProps extends SeasonFieldProps {
  readonly season: Extract<SeasonSetting, { mode: 'monthly' }>;
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
  const all = `Percentage by month: ${MONTHS_SHORT.map((month, index) => `${month} ${season.percents[index] ?? 100} %`).join(', ')}`;
  return (
    <EditorPopover title="Percentage by month" content={() => months}>
      <Button size="small" className="figures" title={all} aria-label={all}>
        {Math.min(...season.percents)}–{Math.max(...season.percents)} %
      </Button>
    </EditorPopover>
  );
}
