import { useQuery } from '@tanstack/react-query';
import type { WeatherFile } from '@water-clock/core/weather';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { timerQuery, type StoredSettings, type StoredYard, type Timer } from '../api/timers';
import { weatherQuery } from '../api/weather';
import { useStoredSettings, useStoredYard } from '../offline/use-stored';
import { Loaded } from '../ui/loaded';

/** All that a need is worked out from. */
export interface YardAtHome {
  readonly timer: Timer;
  readonly stored: StoredYard;
  readonly settings: StoredSettings;
  /** Null where the home goes by none. */
  readonly weather: WeatherFile | null;
}

interface LoadedYardProps {
  /** What the page shows, as a sentence begins with it. */
  readonly what: string;
  readonly children: (loaded: YardAtHome) => ReactNode;
}

/** A page about the yard of the timer in the address, with its settings and the weather there. */
export function LoadedYard({ what, children }: LoadedYardProps) {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const yard = useStoredYard(timerId);
  const settings = useStoredSettings(timerId);
  const weatherId = timer.data?.property.weatherId ?? null;
  const weather = useQuery({ ...weatherQuery(weatherId), enabled: timer.data !== undefined });
  return (
    <Loaded what={what} missing="timer" queries={[timer, yard, settings, weather]}>
      {() =>
        children({
          timer: timer.data!,
          stored: yard.data!,
          settings: settings.data!,
          weather: weather.data?.document ?? null,
        })
      }
    </Loaded>
  );
}
