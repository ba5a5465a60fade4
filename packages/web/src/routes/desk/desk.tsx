import type { DayNumber } from '@water-clock/core/civil-time';
import type { StoredSettings, Timer } from '../../api/timers';
import { DeskHead } from './desk-head';
import './desk.css';
import { DeskWork } from './desk-work';
import { useSettingsOnDesk } from './use-settings-on-desk';

interface DeskProps {
  readonly timer: Timer;
  readonly stored: StoredSettings;
  readonly from: DayNumber;
  readonly onFrom: (day: string) => void;
}

/** The desk of one timer: what it is, and the work on its settings. */
export function Desk({ timer, stored, from, onFrom }: DeskProps) {
  const desk = useSettingsOnDesk(stored);
  return (
    <main className="desk">
      <DeskHead timer={timer} desk={desk} from={from} onFrom={onFrom} />
      <DeskWork plan={desk.plan} from={from} edit={desk.edit} settle={desk.settle} />
    </main>
  );
}
