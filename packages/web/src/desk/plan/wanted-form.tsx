import { clsx } from 'clsx';
import { isTarget } from '@water-clock/core/proposals';
import type { Plan } from '@water-clock/core/settings';
import { daysLong, MONTHS } from '@water-clock/core/words';
import { Button, Checkbox, Select } from 'antd';
import { Link } from 'react-router';
import { Field } from '../../ui/field';
import { TimeInput } from '../../ui/time-input';
import { useClock, useSay } from '../../session/use-signed-in';
import { PinButton } from './target-table';
import type { Targets } from './use-targets';
import { NumberInput } from '../../ui/number-input';
import styles from './plan-work.module.css';
import pageStyles from '../../ui/page.module.css';

interface WantedFormProps {
  readonly plan: Plan;
  readonly timerId: string;
  readonly targets: Targets;
}

/** From when to when, how much leeway, and what stays as it is. */
export function WantedForm({ plan, timerId, targets }: WantedFormProps) {
  const { wanted, setWanted, sunrise, month, setMonth, hasSeed, hasOthers } = targets;
  const say = useSay();
  const { timer } = plan;
  const isByDay = targets.rows.some((row) => isTarget(row) && 'spread' in row.need);
  return (
    <>
      <div className={styles['wanted-fields']}>
        <Field label="Need of">
          {(id) => (
            <Select
              id={id}
              value={month}
              options={MONTHS.map((label, index) => ({ value: index + 1, label }))}
              onChange={setMonth}
            />
          )}
        </Field>
        <TimeField
          label="Not before"
          placeholder="noon"
          value={wanted.earliestStart}
          onChange={(earliestStart) => setWanted({ earliestStart })}
        />
        <TimeField
          label="Finish by"
          placeholder="noon"
          value={wanted.finishBy}
          onChange={(finishBy) => setWanted({ finishBy })}
        />
        {timer.season && (
          <Field label="Clear up to, %">
            {(id) => (
              <NumberInput
                id={id}
                least={100}
                most={timer.season!.maxPercent}
                step={timer.season!.stepPercent}
                width={110}
                value={wanted.headroomPercent}
                onChange={(value) => setWanted({ headroomPercent: value })}
              />
            )}
          </Field>
        )}
      </div>
      <p className={clsx(pageStyles['soft'], styles['wanted-note'])}>
        {sunrise && (
          <>
            The earliest sunrise of the year is at {say(sunrise)}.{' '}
            {wanted.finishBy !== sunrise && (
              <Button
                type="link"
                size="small"
                className={clsx(styles['wanted-link'])}
                onClick={() => setWanted({ finishBy: sunrise })}
              >
                Finish by sunrise
              </Button>
            )}{' '}
          </>
        )}
        {plan.rules?.finishBy && `The rules here say finish by ${say(plan.rules.finishBy)}. `}
        <Link to={`/timers/${timerId}/need?month=${month}`}>Where the need comes from</Link>
      </p>
      <div className={styles['wanted-checks']}>
        {timer.dayModes.includes('interval') && (
          <Checkbox
            checked={wanted.usesIntervals}
            onChange={(event) => setWanted({ usesIntervals: event.target.checked })}
          >
            Less than once a week: by intervals
          </Checkbox>
        )}
        {hasSeed && (
          <Checkbox
            checked={wanted.isSeedByDay}
            onChange={(event) => setWanted({ isSeedByDay: event.target.checked })}
          >
            New seed several times a day, evenly
          </Checkbox>
        )}
        {hasOthers && (
          <Checkbox
            checked={wanted.leavesRoom}
            onChange={(event) => setWanted({ leavesRoom: event.target.checked })}
          >
            Leave room for the other timers of this home
          </Checkbox>
        )}
      </div>
      {isByDay && <HoursByDay targets={targets} />}
      {targets.isOwn && (
        <p className={clsx(pageStyles['soft'], styles['wanted-note'])}>
          What is wanted is kept on this device.{' '}
          <Button type="link" size="small" onClick={targets.asUsual}>
            Back to the usual
          </Button>
        </p>
      )}
      <Programs plan={plan} targets={targets} />
    </>
  );
}

interface TimeFieldProps {
  readonly label: string;
  readonly value: string;
  /** What an empty field means. */
  readonly placeholder?: string;
  readonly isNeeded?: boolean;
  readonly onChange: (value: string) => void;
}

function TimeField({ label, ...input }: TimeFieldProps) {
  const clock = useClock();
  return <Field label={label}>{(id) => <TimeInput {...input} id={id} clock={clock} />}</Field>;
}

/** Between which times of day those are watered that want it several times a day. */
function HoursByDay({ targets: { wanted, setWanted, byDay } }: Pick<WantedFormProps, 'targets'>) {
  const say = useSay();
  const isTaken = byDay[0] === wanted.byDayFrom && byDay[1] === wanted.byDayTo;
  return (
    <>
      <div className={styles['wanted-fields']}>
        <TimeField
          label="By day from"
          isNeeded
          value={wanted.byDayFrom}
          onChange={(byDayFrom) => setWanted({ byDayFrom })}
        />
        <TimeField
          label="to"
          isNeeded
          value={wanted.byDayTo}
          onChange={(byDayTo) => setWanted({ byDayTo })}
        />
      </div>
      {!isTaken && (
        <p role="alert">
          These hours end before they begin: until that is right {say(byDay.join(' to '))} is taken.
        </p>
      )}
    </>
  );
}

/** Programs that are set now, each of which may be kept as it is. */
function Programs({ plan, targets: { pinned, pin } }: Pick<WantedFormProps, 'plan' | 'targets'>) {
  const say = useSay();
  const set = plan.programs.filter(
    ({ starts, runs }) => starts.length > 0 && runs.some(({ seconds }) => seconds > 0),
  );
  if (set.length === 0) return null;
  const { season } = plan.controller;
  const isScaled = season.mode === 'whole' && season.percent !== 100;
  return (
    <section className={styles['wanted-programs']} aria-label="Programs to keep as they are">
      <h3>Keep as they are</h3>
      <ul>
        {set.map(({ id, starts, days, blockedWeekdays }) => {
          const isPinned = pinned.programs.includes(id);
          return (
            <li key={id} data-kept={isPinned}>
              <PinButton
                label={`Keep program ${id} as it is`}
                isPinned={isPinned}
                isKept={isPinned}
                onPin={() =>
                  pin({
                    ...pinned,
                    programs: isPinned
                      ? pinned.programs.filter((one) => one !== id)
                      : [...pinned.programs, id],
                  })
                }
              />
              <strong>{id}</strong> {daysLong(days, blockedWeekdays)}, {say(starts.join(', '))}
            </li>
          );
        })}
      </ul>
      {isScaled && (pinned.programs.length > 0 || pinned.stations.length > 0) && (
        <p className={pageStyles['soft']}>
          The percentage goes from {season.percent} to 100 %: what is kept then runs as it is set.
        </p>
      )}
    </section>
  );
}
