import { useQueryClient } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { App, Button } from 'antd';
import { useState } from 'react';
import { troubleInWords } from '../api/client';
import { appOnDevice } from '../offline/app-on-device';
import { saveForOffline } from './use-timer-on-device';

interface SaveForOfflineProps {
  readonly timerIds: readonly string[];
  /** What the button says before it is pressed. */
  readonly children: string;
}

/** Brings timers onto the device, for use without signal; pressed meanwhile it stops. */
export function SaveForOffline({ timerIds, children }: SaveForOfflineProps) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const [work, setWork] = useState<{ saved: number; stopping: AbortController } | null>(null);
  const take = async () => {
    const stopping = new AbortController();
    const { signal } = stopping;
    setWork({ saved: 0, stopping });
    try {
      await saveForOffline(client, timerIds, {
        onSaved: (saved) => setWork({ saved, stopping }),
        signal,
      });
      if (signal.aborted) {
        void message.info('Stopped. What was saved by then is on this device.');
        return;
      }
      await appOnDevice();
      void message.success(
        `${counted(timerIds.length, 'timer')} on this device, for visits without signal.`,
      );
    } catch (error) {
      void message.error(`Not all of them are on this device. ${troubleInWords(error)}`);
    } finally {
      setWork(null);
    }
  };
  if (work)
    return (
      <Button onClick={() => work.stopping.abort()}>
        {work.saved} of {counted(timerIds.length, 'timer')} saved: stop
      </Button>
    );
  return (
    <Button disabled={timerIds.length === 0} onClick={() => void take()}>
      {children}
    </Button>
  );
}
