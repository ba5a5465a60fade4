import { keyInPlaces, valueWords, type KeyInPlace } from '@water-clock/core/key-in';
import { hasStart, programOf, type Plan, type PlanEdit } from '@water-clock/core/settings';
import { Button } from 'antd';
import { useSay } from '../../session/use-signed-in';
import { EditorPopover } from '../../ui/editor-popover';
import clockFieldStyles from '../clock/clock-field.module.css';
import stripStyles from '../grid/controller-strip.module.css';
import styles from './extra-fields.module.css';
import { ValueInput } from './value-input';

/** What has no field of its own on the desk or in a reading, by the keys of the places. */
const OF_TIMER = new Set(['no water', 'month days off', 'hold']);
const OWN_HOURS = ' own hours';
const OF_STATIONS = new Set([
  'stations off',
  'pump',
  'sensor not heeded',
  'freeze sensor not heeded',
]);

interface ExtrasProps {
  readonly plan: Plan;
  /** The longest hold that the timer type takes. */
  readonly longestHoldDays: number;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
}

interface TimerExtrasProps extends ExtrasProps {
  /** Those of stations and of programs too: they have no other place here. */
  readonly isWhole?: boolean;
}

function isOwnHours(key: string, id: string | undefined, plan: Plan): boolean {
  if (id === undefined || !key.endsWith(OWN_HOURS)) return false;
  const program = programOf(plan, id);
  return hasStart(program) || program.runs.length > 0 || program.waterWindows.length > 0;
}

/** Which stations are off is seen on their rows. */
const isOfStations = (key: string): boolean => OF_STATIONS.has(key) && key !== 'stations off';

const editOf =
  ({ key, write }: KeyInPlace, onEdit: ExtrasProps['onEdit']) =>
  (value: Parameters<NonNullable<KeyInPlace['write']>>[1]) =>
    onEdit((plan) => write?.(plan, value) ?? plan, key);

/** Holds, hours and days without watering, and hours of programs in use, where the timer has them: set, opened to be changed. */
export function TimerExtras(props: TimerExtrasProps) {
  const { plan, longestHoldDays, onEdit, isWhole = false } = props;
  const say = useSay();
  const places = keyInPlaces(plan)
    .filter(
      ({ key, program }) =>
        OF_TIMER.has(key) || (isWhole && (isOwnHours(key, program, plan) || isOfStations(key))),
    )
    .filter(({ key }) => key !== 'hold' || longestHoldDays > 0 || plan.controller.pauses.length > 0)
    .map((place) => ({
      ...place,
      what: place.program === undefined ? place.what : `Hours of program ${place.program}`,
    }));
  if (places.length === 0) return null;
  return (
    <div className={stripStyles['controller-strip']}>
      {places.map((place) => {
        const words = say(valueWords(place.read(plan)));
        return (
          <div
            key={place.key}
            className={clockFieldStyles['controller-field']}
            data-field={place.key}
          >
            <span>{place.what}</span>
            <EditorPopover
              title={place.what}
              content={() => (
                <ValueInput
                  label={place.what}
                  value={place.read(plan)}
                  {...{ plan, longestHoldDays }}
                  onChange={editOf(place, onEdit)}
                />
              )}
            >
              <Button size="small" aria-label={`${place.what}: ${words}`}>
                {words}
              </Button>
            </EditorPopover>
          </div>
        );
      })}
    </div>
  );
}

/** What a timer shows of single stations, line by line: which are off, run the pump, heed no sensor. */
export function StationExtras(props: ExtrasProps) {
  return <ExtraLines {...props} isMeant={({ key }) => OF_STATIONS.has(key)} />;
}

/** What a timer shows of one program besides starts, run times and days. */
export function ProgramExtras({ program, ...props }: ExtrasProps & { program: string }) {
  return (
    <ExtraLines
      {...props}
      isMeant={(place) => place.part === 'extras' && place.program === program}
    />
  );
}

interface ExtraLinesProps extends ExtrasProps {
  readonly isMeant: (place: KeyInPlace) => boolean;
}

function ExtraLines({ plan, longestHoldDays, onEdit, isMeant }: ExtraLinesProps) {
  return (
    <div className={styles['extra-lines']}>
      {keyInPlaces(plan)
        .filter(isMeant)
        .map((place) => (
          <div key={place.key} className={styles['extra-line']} data-field={place.key}>
            <span>{place.what}</span>
            <ValueInput
              label={place.what}
              value={place.read(plan)}
              {...{ plan, longestHoldDays }}
              onChange={editOf(place, onEdit)}
            />
          </div>
        ))}
    </div>
  );
}
