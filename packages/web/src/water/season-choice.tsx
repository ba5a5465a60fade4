import { clsx } from 'clsx';
import { asDayNumber, formatDate, parseDate } from '@water-clock/core/civil-time';
import { seasonAhead, USUAL_SENSOR, type Season } from '@water-clock/core/water-use';
import type { WeatherFile } from '@water-clock/core/weather';
import type { Yard } from '@water-clock/core/yards';
import { Alert, Select } from 'antd';
import type { CopyListing } from '../api/copies';
import type { Timer } from '../api/timers';
import { usePlace } from '../ui/use-place';
import { copyWords } from '../copies/copy-words';
import { sinceWords } from '../copies/in-timer-words';
import { useClock, useDayOrder, useQuantity } from '../session/use-signed-in';
import { shownAmount, storedAmount } from '../format/quantities';
import { todayHere } from '../format/today';
import { useInTimer } from '../timer-records/use-in-timer';
import { ON_DESK, PlansOfCopies } from './plans-of-copies';
import { SeasonAtRoots } from './season-at-roots';
import { NumberInput } from '../ui/number-input';
import styles from './water-page.module.css';
import { DateField } from '../ui/date-field';

const MOST_DAYS = 731;

interface SeasonChoiceProps {
  readonly timer: Timer;
  readonly yard: Yard;
  readonly copies: readonly CopyListing[];
  readonly weather: WeatherFile;
}

/** Which copies, which season, and how the sensor takes its rain. */
export function SeasonChoice({ timer, yard, copies, weather }: SeasonChoiceProps) {
  const [search, set] = usePlace();
  const order = useDayOrder();
  const depth = useQuantity('depth');
  const known = new Set([ON_DESK, ...copies.map(({ id }) => id)]);
  const inTimer = copies.find(({ isInTimer }) => isInTimer)?.id ?? ON_DESK;
  const asked = (name: string) => (known.has(search.get(name) ?? '') ? search.get(name)! : null);
  const first = asked('copy') ?? inTimer;
  const second = asked('over');
  const usual = usualSeason(weather);
  const from = parseDate(search.get('from') ?? '') ?? usual.from;
  const to = parseDate(search.get('to') ?? '') ?? asDayNumber(usual.from + usual.days - 1);
  const days = to - from + 1;
  const sensor = {
    tripMm: amountAsked(search.get('trip'), USUAL_SENSOR.tripMm),
    dryDays: Math.round(amountAsked(search.get('dry'), USUAL_SENSOR.dryDays)),
  };
  const options = useSettingsToChoose(timer.id, copies);
  const fault =
    days < 1
      ? 'The last day must not be before the first.'
      : days > MOST_DAYS
        ? 'At most two years at once.'
        : null;
  return (
    <>
      <div className={styles['water-choice']}>
        <label className={styles['water-settings']}>
          <span>
            <i className={styles['water-mark']} /> Settings
          </span>
          <Select
            aria-label="Settings"
            value={first}
            options={options}
            popupMatchSelectWidth={false}
            onChange={(copy: string) => set({ copy })}
          />
        </label>
        <label className={styles['water-settings']}>
          <span>
            <i className={clsx(styles['water-mark'], styles['water-mark-over'])} /> Compared with
          </span>
          <Select
            aria-label="Compared with"
            allowClear
            placeholder="nothing yet: choose a copy"
            value={second}
            options={options.filter(({ value }) => value !== first)}
            popupMatchSelectWidth={false}
            onChange={(over?: string) => set({ over })}
          />
        </label>
        <label>
          <span>From</span>
          <DateField
            label="From"
            day={from}
            order={order}
            onChange={(day) => set({ from: formatDate(day) })}
          />
        </label>
        <label>
          <span>To</span>
          <DateField
            label="To"
            day={to}
            order={order}
            onChange={(day) => set({ to: formatDate(day) })}
          />
        </label>
        <label>
          <span>Rain that wets the sensor, {depth.label}</span>
          <NumberInput
            label="Rain that wets the sensor"
            least={0}
            width={90}
            value={Number(shownAmount(sensor.tripMm, depth))}
            onChange={(shown) => set({ trip: String(storedAmount(shown, depth)) })}
          />
        </label>
        <label>
          <span>It dries in, days</span>
          <NumberInput
            label="Days in which the sensor dries"
            least={0}
            most={14}
            isWhole
            width={70}
            value={sensor.dryDays}
            onChange={(value) => set({ dry: String(value) })}
          />
        </label>
      </div>
      {fault ? (
        <Alert type="error" showIcon title={fault} />
      ) : (
        <PlansOfCopies
          timerId={timer.id}
          ids={second && second !== first ? [first, second] : [first]}
          names={[first, ...(second ? [second] : [])].map(
            (id) => options.find(({ value }) => value === id)!.label,
          )}
        >
          {(plans, names) => (
            <SeasonAtRoots
              {...{ timer, yard, weather, plans, names, sensor }}
              season={{ from, days }}
            />
          )}
        </PlansOfCopies>
      )}
    </>
  );
}

/** What is on the desk, and every copy: of the one that is in the timer, how sure that is. */
function useSettingsToChoose(timerId: string, copies: readonly CopyListing[]) {
  const clock = useClock();
  const keyedIn = useInTimer(timerId)?.keyedIn ?? 0;
  const inTimer = keyedIn > 0 ? `in the timer, but for ${sinceWords(keyedIn)}` : 'in the timer';
  return [
    { value: ON_DESK, label: 'the settings on the desk, as saved' },
    ...copies.map((copy) => ({
      value: copy.id,
      label: `${copyWords(copy, clock)}${copy.isInTimer ? ` (${inTimer})` : ''}`,
    })),
  ];
}

const amountAsked = (text: string | null, usual: number): number => {
  const value = Number(text ?? NaN);
  return Number.isFinite(value) && value >= 0 && value <= 500 ? value : usual;
};

/** The season ahead; of days that were read, the last half year of them. */
function usualSeason({ record, latitude }: WeatherFile): Season {
  if (record.kind === 'daily' && record.days.length > 0) {
    const last = parseDate(record.days.at(-1)!.date)!;
    const first = Math.max(parseDate(record.days[0]!.date)!, last - 182);
    return { from: asDayNumber(first), days: last - first + 1 };
  }
  return seasonAhead(latitude, parseDate(todayHere())!);
}
