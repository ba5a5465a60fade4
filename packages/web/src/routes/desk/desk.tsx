import type { StoredSettings, Timer } from '../../api/timers';
import { DeskHead } from './desk-head';
import './desk.css';
import { DeskWork } from './desk-work';
import { useDeskPlace } from './use-desk-place';
import { useSettingsOnDesk } from './use-settings-on-desk';

interface DeskProps {
  readonly timer: Timer;
  readonly stored: StoredSettings;
}

/** The desk of one timer: what it is, and the work on its settings. */
export function Desk({ timer, stored }: DeskProps) {
  const place = useDeskPlace();
  const desk = useSettingsOnDesk(stored);
  return (
    <main className="desk">
      <DeskHead timer={timer} desk={desk} place={place} />
      <DeskWork plan={desk.plan} place={place} edit={desk.edit} settle={desk.settle} />
    </main>
  );
}
