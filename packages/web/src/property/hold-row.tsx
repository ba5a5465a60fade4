import { dayOf, parseDateTime } from '@water-clock/core/civil-time';
import { holdLeftSeconds, holdsNotOver } from '@water-clock/core/settings';
import { leftInWords, nearMoment } from '@water-clock/core/words';
import { useState } from 'react';
import { nowIn } from '../format/now-in';
import { useStoredSettings } from '../offline/use-stored';
import { useSay } from '../session/use-signed-in';

/** Until when a timer is held, and from when it will be; no row where it is not. */
export function HoldRow({ timerId }: { timerId: string }) {
  const say = useSay();
  const [at] = useState(() => new Date());
  const settings = useStoredSettings(timerId, { isToRead: true });
  if (!settings.data) return null;
  const { site, controller } = settings.data.document;
  const now = nowIn(site?.timeZone, at);
  const holds = holdsNotOver(controller.pauses, now);
  if (holds.length === 0) return null;
  const near = (text: string) => nearMoment(parseDateTime(text)!, dayOf(now));
  return (
    <>
      <dt>On hold</dt>
      <dd>
        {holds.map((hold) => {
          const left = holdLeftSeconds(hold, now);
          const words =
            left === null
              ? `from ${near(hold.from)} to ${near(hold.to)}`
              : `until ${near(hold.to)}, ${leftInWords(left)} left`;
          return <div key={hold.from}>{say(words)}</div>;
        })}
      </dd>
    </>
  );
}
