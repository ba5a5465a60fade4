import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { TimerCapability } from '@water-clock/core/timer-types';
import { counted } from '@water-clock/core/words';
import { Select } from 'antd';
import { useState } from 'react';
import { troubleInWords } from '../api/client';
import { propertiesQuery } from '../api/properties';
import { settingsToReadQuery, timerQuery } from '../api/timers';
import { todayHere } from '../format/today';
import { useSettled } from '../ui/use-settled';

/** A timer at another home, as one to start from. */
export interface OtherTimer {
  readonly timerId: string;
  /** Such as "Plum cottage · Garage". */
  readonly words: string;
  readonly timer: TimerCapability;
  readonly timerTypeId: string | null;
  readonly stations: number;
}

interface LikeAnotherHomeProps {
  readonly id: string;
  readonly onTake: (other: OtherTimer) => void;
  readonly onTrouble: (words: string) => void;
}

const TYPING_MS = 200;

/** Finds a timer at another home, by the words that the home is found by. */
export function LikeAnotherHome({ id, onTake, onTrouble }: LikeAnotherHomeProps) {
  const [typed, setTyped] = useState('');
  const q = useSettled(typed, TYPING_MS);
  const client = useQueryClient();
  const search = { q, sort: 'name', archived: 'no', page: 1, from: todayHere() } as const;
  const found = useQuery(propertiesQuery(search));
  const timers = (found.data?.rows ?? []).flatMap(({ name, timers }) =>
    timers.map((timer) => ({ ...timer, home: name })),
  );
  const take = async (timerId: string, words: string) => {
    try {
      const [settings, timer] = await Promise.all([
        client.query(settingsToReadQuery(timerId, todayHere())),
        client.query(timerQuery(timerId)),
      ]);
      const { document } = settings;
      onTake({
        ...{ timerId, words, timer: document.timer, timerTypeId: timer.timerTypeId },
        stations: document.stations.length,
      });
    } catch (error) {
      onTrouble(troubleInWords(error));
    }
  };
  return (
    <Select<string, { value: string; label: string; words: string }>
      id={id}
      value={null}
      style={{ width: '100%' }}
      placeholder="a name or a street"
      loading={found.isFetching}
      showSearch={{ filterOption: false, onSearch: setTyped }}
      notFoundContent={found.data ? 'No home with a timer is called so.' : 'Looking …'}
      options={timers.map(({ id: timerId, home, name, timerType, stations }) => ({
        value: timerId,
        words: `${home} · ${name}`,
        label: `${home} · ${name}: ${[timerType, counted(stations, 'station')].filter(Boolean).join(', ')}`,
      }))}
      onSelect={(timerId, { words }) => void take(timerId, words)}
    />
  );
}
