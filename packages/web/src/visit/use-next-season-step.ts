import { useQuery } from '@tanstack/react-query';
import { parseDate } from '@water-clock/core/civil-time';
import { highestMonth } from '@water-clock/core/needs';
import { monthTargets } from '@water-clock/core/season-steps';
import type { Plan } from '@water-clock/core/settings';
import { speakerOf } from '@water-clock/core/household-words';
import { seasonStep, type SheetDue } from '@water-clock/core/sheets';
import { useMemo } from 'react';
import type { Timer } from '../api/timers';
import { weatherQuery } from '../api/weather';
import { useStoredYard } from '../offline/use-stored';
import { useSeason } from '../computing/use-season';
import { useSignedIn } from '../session/use-signed-in';
import { todayHere } from '../format/today';
import { useWeatherMonths } from '../weather/use-weather-months';

/** When the percentage is to be changed next, as the home's weather says; null where nobody knows. */
export function useNextSeasonStep(timer: Timer, plan: Plan): SheetDue | null {
  const { customary } = useSignedIn().firm;
  const { language } = timer.property;
  const yard = useStoredYard(timer.id).data?.document;
  const weather = useQuery(weatherQuery(timer.property.weatherId)).data?.document ?? null;
  const months = useWeatherMonths(weather);
  const targets = useMemo(
    () =>
      yard && (months ?? yard.monthPercents)
        ? monthTargets(plan, { yard, months, customary }, highestMonth(months))
        : null,
    [plan, yard, months, customary],
  );
  const { mode } = plan.controller.season;
  // Where the weather sets it there is nothing to change.
  const isSetByWeather = mode === 'weather';
  const { answer: table } = useSeason(
    plan,
    isSetByWeather ? null : targets,
    isSetByWeather ? 'whole' : mode,
    parseDate(todayHere())!,
  );
  const [next] = table?.steps ?? [];
  return useMemo(
    () =>
      next
        ? seasonStep(speakerOf(language), next.date, next.month.isDry ? null : next.month.percents)
        : null,
    [next, language],
  );
}
