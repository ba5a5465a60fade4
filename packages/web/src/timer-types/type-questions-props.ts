import { SeasonCapability, type TimerCapability } from '@water-clock/core/timer-types';

export interface TypeQuestionsProps {
  readonly timer: TimerCapability;
  /** Stations that the timer must have at least. */
  readonly leastStations?: number;
  readonly onChange: (fields: Partial<TimerCapability>, key?: string) => void;
}

type SetSeason = (fields: Partial<SeasonCapability>, key?: string) => void;

/** Changes what the percentage can be; where the timer had none it has one then. */
export function seasonSetter({ timer: { season }, onChange }: TypeQuestionsProps): SetSeason {
  return (fields, key) =>
    onChange({ season: { ...(season ?? new SeasonCapability()), ...fields } }, key);
}
