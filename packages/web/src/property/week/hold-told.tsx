import type { TimerSeconds } from '@water-clock/core/civil-time';
import { inHouseholdClock, speakerOf } from '@water-clock/core/household-words';
import { householdHows } from '@water-clock/core/sheets';
import type { Stretch } from '@water-clock/core/settings';
import { App } from 'antd';
import { propertiesKey } from '../../api/properties';
import { saveHolds, storedSettings, timersKey, type Timer } from '../../api/timers';
import { copiesKey } from '../../api/copies';
import { useVersionedSave } from '../../api/use-versioned-save';
import { HoldInput } from '../../desk/extras/hold-input';
import { todayHere } from '../../format/today';
import { useStoredSettings } from '../../offline/use-stored';
import { useClock } from '../../session/use-signed-in';
import { Tell } from './tell';
import pageStyles from '../../ui/page.module.css';

interface HoldToldProps {
  readonly timer: Timer;
  /** Those that are not over. */
  readonly holds: readonly Stretch[];
  /** When it waters after them; null: nobody knows of any water. */
  readonly again: TimerSeconds | null;
  /** Where the timer hangs; absent: where this device is. */
  readonly timeZone: string | undefined;
}

/** What to say to a household that wants it to stop, or one station to run; and the hold that is noted here. */
export function HoldTold({ timer, holds, again, timeZone }: HoldToldProps) {
  const clock = useClock();
  const settings = useStoredSettings(timer.id, { isToRead: true });
  const version = settings.data?.version;
  const { message } = App.useApp();
  const holding = useVersionedSave({
    name: 'hold-timer',
    save: (next: readonly Stretch[]) => saveHolds(timer.id, todayHere(), version!, [...next]),
    newest: () => storedSettings(timer.id, todayHere()),
    touches: [timersKey, propertiesKey, copiesKey],
  });
  const hold = async (next: readonly Stretch[]) => {
    const done = await holding.write(next);
    if (done && 'theirs' in done.answer)
      void message.warning('Somebody else saved this timer meanwhile: look, and do it again.');
  };
  const { handling, property } = timer;
  const { language: code } = property;
  const speaker = speakerOf(code);
  const hows = householdHows(handling, code);
  const after =
    again === null ? '' : speaker.message('watersAgain', { moment: speaker.moment(again) });
  const say = (text: string) => inHouseholdClock(speaker.language, text, clock);
  return (
    <>
      <section>
        <h3>To stop it for rain</h3>
        <Tell timer={timer} words={say([hows.pauseForRain, after].filter(Boolean).join(' '))} />
        {version !== undefined && (
          <HoldInput
            holds={holds}
            mostDays={handling.longestHoldDays}
            timeZone={timeZone}
            isBusy={holding.isWriting}
            onChange={(next) => void hold(next)}
          />
        )}
        <p className={pageStyles['soft']}>
          A hold that is noted here is in the plan. On the timer it is once somebody has set it
          there.
        </p>
      </section>
      <section>
        <h3>To run one station by hand</h3>
        <Tell timer={timer} words={say(hows.runOneStation)} />
      </section>
    </>
  );
}
