import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { timerQuery } from '../api/timers';
import { useStoredSettings, useStoredYard } from '../offline/use-stored';
import { Loaded } from '../ui/loaded';
import { Desk } from './desk';

/** The desk of one timer: loads it, or says why it cannot. */
export function DeskPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const settings = useStoredSettings(timerId);
  const yard = useStoredYard(timerId);

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
