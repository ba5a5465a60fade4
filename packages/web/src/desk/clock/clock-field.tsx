import { formatDateTime, parseDateTime, type DayNumber } from '@water-clock/core/civil-time';
import { clockErrorSeconds } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { Button, Popover } from 'antd';
import { memo, useState } from 'react';
import { FIELDS } from '../state/fields';
import { setController, type PlanEdit } from '@water-clock/core/settings';
import { changesAhead, changeWords, clockErrorWords, nowIn } from './clock-words';
import { useSay } from '../../session/use-signed-in';
import './clock-field.css';

interface ClockFieldProps {
  readonly clock: Plan['controller']['clock'];
  readonly timeZone: string | undefined;
  readonly since: DayNumber;
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
}

/** What the timer's clock shows against true time; opens to be read off. */
export const ClockField = memo(function ClockField(props: ClockFieldProps) {
  const { clock } = props;
  const [isOpen, setOpen] = useState(false);
  const error = clock ? clockErrorSeconds({ clock }) : null;
  const state = error === null ? 'not read yet' : clockErrorWords(error);
  return (
    <div className="controller-field" data-field={FIELDS.clock}>
      <span>Clock</span>
      <Popover
        trigger="click"
        title="The timer's clock"
        open={isOpen}
        onOpenChange={setOpen}
        content={<ClockEditor {...props} onDone={() => setOpen(false)} />}
      >
        <Button size="small" aria-label={`Clock: ${state}`} danger={Math.abs(error ?? 0) >= 300}>
          {state}
        </Button>
      </Popover>
    </div>
  );
});

/** The value of a field for date and time, as the browser has it, with or without seconds. */
const asDateTime = (value: string): string => (value.length === 16 ? `${value}:00` : value);

/** Where a reading of the clock is entered. */
export function ClockEditor(props: ClockFieldProps & { readonly onDone?: () => void }) {
  const { clock, timeZone, since, onEdit, onDone } = props;
  const trueNow = () => formatDateTime(nowIn(timeZone, new Date()));
  const [shows, setShows] = useState(() => clock?.timerReads ?? trueNow());
  const [truly, setTruly] = useState<string | null>(clock?.trueTime ?? null);
  const isGood = parseDateTime(shows) !== null && (truly === null || parseDateTime(truly) !== null);

  const set = (timerReads: string, trueTime: string) => {
    setShows(timerReads);
    setTruly(trueTime);
    onEdit(setController({ clock: { timerReads, trueTime } }), 'clock');
  };
  const changeTrue = (value: string) => {
    setTruly(value);
    if (parseDateTime(value) !== null && parseDateTime(shows) !== null) set(shows, value);
  };
  const changeShown = (value: string) => {
    setShows(value);
    // What was read off belongs to the true time at which it was; until one is taken, it waits.
    if (truly !== null && parseDateTime(value) !== null) set(value, truly);
  };

  return (
    <div className="clock-editor">
      <label>
        The timer shows
        <input
          type="datetime-local"
          step={1}
          className="date-input"
          value={shows}
          onChange={(event) => changeShown(asDateTime(event.target.value))}
        />
      </label>
      <Button
        type="primary"
        disabled={parseDateTime(shows) === null}
        onClick={() => set(shows, trueNow())}
      >
        It shows this now
      </Button>
      <label>
        True time then
        <input
          type="datetime-local"
          step={1}
          className="date-input"
          value={truly ?? ''}
          onChange={(event) => changeTrue(asDateTime(event.target.value))}
        />
      </label>
      {!isGood && <p role="alert">Give a whole date and time.</p>}
      <div className="clock-actions">
        <Button
          onClick={() => {
            const now = trueNow();
            set(now, now);
          }}
        >
          It is right
        </Button>
        <Button
          disabled={!clock}
          onClick={() => {
            onEdit(setController({ clock: undefined } as object));
            onDone?.();
          }}
        >
          Forget the reading
        </Button>
      </div>
      <SummerTime timeZone={timeZone} since={since} />
    </div>
  );
}

function SummerTime({ timeZone, since }: Pick<ClockFieldProps, 'timeZone' | 'since'>) {
  const say = useSay();
  if (timeZone === undefined)
    return (
      <p className="clock-note">True time is this device&apos;s: the home has no time zone.</p>
    );
  const changes = changesAhead(timeZone, since);
  return (
    <div className="clock-note">
      {changes.length === 0
        ? `No change of summer time in ${timeZone} in the year ahead.`
        : `Summer time in ${timeZone}; most timers must be put by hand:`}
      <ul>
        {changes.map((change) => (
          <li key={change.at}>{say(changeWords(change))}</li>
        ))}
      </ul>
    </div>
  );
}
