import { leadersOf, moistureHeld, type Yard } from '@water-clock/core/yards';
import { useMemo } from 'react';
import type { StoredSettings, Timer } from '../api/timers';
import { later } from '../ui/later';
import { DeskHead } from './desk-head';
import { NotConfirmedNow } from '../copies/in-timer-words';
import { DeskWork } from './desk-work';
import { useBroughtCopy } from './use-brought-copy';
import { useDeskPlace } from './state/use-desk-place';
import { useSettingsOnDesk } from './state/use-settings-on-desk';
import styles from './desk.module.css';

const OtherSettings = later(() => import('./other-settings'), 'OtherSettings');
const SeasonWork = later(() => import('./season/season-work'), 'SeasonWork');

interface DeskProps {
  readonly timer: Timer;
  readonly stored: StoredSettings;
  /** Tells which stations follow others. */
  readonly yard: Yard;
}

/** The desk of one timer: what it is, and the work on its settings. */
export function Desk({ timer, stored, yard }: DeskProps) {
  const place = useDeskPlace();
  const desk = useSettingsOnDesk(stored, yard);
  const leaders = useMemo(() => leadersOf(yard), [yard]);
  const held = useMemo(() => moistureHeld(yard), [yard]);
  useBroughtCopy(timer.id, desk.edit);
  return (
    <main className={styles['desk']} data-flows>
      <DeskHead timer={timer} desk={desk} place={place} />
      <NotConfirmedNow timerId={timer.id} />
      {(place.mode === 'plan' || place.mode === 'repair') && (
        <OtherSettings plan={desk.plan} edit={desk.edit} {...{ timer, yard, place, leaders }} />
      )}
      {place.mode === 'season' && (
        <SeasonWork plan={desk.plan} edit={desk.edit} {...{ timer, yard, place }} />
      )}
      {place.mode === 'desk' && (
        <DeskWork
          plan={desk.plan}
          edit={desk.edit}
          settle={desk.settle}
          {...{ timer, place, leaders }}
          moistureHeld={held}
        />
      )}
    </main>
  );
}
