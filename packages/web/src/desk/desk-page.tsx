import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { settingsQuery, timerQuery, yardQuery } from '../api/timers';
import { Loaded } from '../ui/loaded';
import { todayHere } from '../format/today';
import { Desk } from './desk';

/** The desk of one timer: loads it, or says why it cannot. */
export function DeskPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const settings = useQuery(settingsQuery(timerId, todayHere()));
  const yard = useQuery(yardQuery(timerId));

  return (
    <Loaded what="The timer" missing="timer" queries={[timer, settings, yard]}>
      {() => (
        <Desk
          key={timerId}
          timer={timer.data!}
          stored={settings.data!}
          yard={yard.data!.document}
        />
      )}
    </Loaded>
  );
}
