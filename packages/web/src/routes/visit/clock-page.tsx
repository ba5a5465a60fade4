import { parseDate } from '@water-clock/core/civil-time';
import { Button } from 'antd';
import { useNavigate, useParams } from 'react-router';
import { Loaded } from '../../app/loaded';
import { changesAhead, changeWords } from '../../clock/clock-words';
import { useSay } from '../../signed-in/use-signed-in';
import { stepPlace } from '../../visit/step-places';
import { TrueTime } from '../../visit/true-time';
import { useTimerOnDevice } from '../../visit/use-timer-on-device';
import { useOpenVisit } from '../../visit/use-visit';
import { VisitFrame } from '../../visit/visit-frame';
import { todayHere } from '../../words/today';
import './big-step.css';

/** The clock of the timer is set: a right program on a wrong clock waters on the wrong day. */
export function ClockPage() {
  const { timerId = '' } = useParams();
  const { queries, timer } = useTimerOnDevice(timerId);
  const open = useOpenVisit(timerId);
  const navigate = useNavigate();
  const say = useSay();
  const timeZone = timer?.property.timeZone ?? undefined;
  const [change] = timeZone ? changesAhead(timeZone, parseDate(todayHere())!) : [];
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => (
        <VisitFrame title="Clock" timer={timer!} open={open}>
          {({ add }) => (
            <div className="big-step">
              <p>Set the clock of the timer to this. Mind AM or PM, the year and the weekday.</p>
              <TrueTime timeZone={timeZone} />
              {change && <p className="soft">Next change: {say(changeWords(change))}.</p>}
              {timeZone === undefined && (
                <p className="soft">
                  This is the time of your device: the home has no time zone yet.
                </p>
              )}
              <Button
                type="primary"
                className="big-tap"
                onClick={() =>
                  void add({ kind: 'step', step: 'clock', state: 'done' }, 'Clock: set').then(() =>
                    navigate(stepPlace('yard', timerId)),
                  )
                }
              >
                The timer shows it now
              </Button>
            </div>
          )}
        </VisitFrame>
      )}
    </Loaded>
  );
}
