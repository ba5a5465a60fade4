import { monthsOf, readWeather, type MonthWeather } from '@water-clock/core/weather';
import { MONTHS } from '@water-clock/core/words';
import { useDeferredValue, useMemo } from 'react';
import { WeatherChart } from './weather-chart';
import type { Draft } from './draft';
import pageStyles from '../ui/page.module.css';

/** The year that weather makes while it is entered, or what is still wanting. */
export function YearOfWeather({ draft: { record, latitude } }: { draft: Draft }) {
  // Twenty years of days take longer than a key stroke: typing goes first.
  const [shown, degrees] = [useDeferredValue(record), useDeferredValue(latitude)];
  const months = useMemo(() => monthsWhileEntered(shown, degrees), [shown, degrees]);
  if (!months)
    return (
      <p className={pageStyles['soft']}>
        {latitude === null
          ? 'Give the latitude, and the year is drawn here.'
          : 'There is something to fix before the year can be drawn.'}
      </p>
    );
  const unknown = months.flatMap((month, index) => (month ? [] : [MONTHS[index]!]));
  return (
    <>
      <WeatherChart months={months} />
      <p className={pageStyles['soft']}>
        {unknown.length === 0
          ? 'Evapotranspiration is worked out from highs, lows and latitude (Hargreaves and Samani), or as the table has it.'
          : unknown.length === 12
            ? 'Nothing is known of any month yet.'
            : `Nothing is known of ${unknown.join(', ')}: by measurement those months have no answer.`}
      </p>
    </>
  );
}

/** Null while there is a fault. Days were read row by row and have none. */
function monthsWhileEntered(
  record: Draft['record'],
  latitude: number | null,
): (MonthWeather | null)[] | null {
  const isDaily = record.kind === 'daily';
  const read = readWeather({
    name: 'draft',
    latitude: latitude ?? undefined,
    record: isDaily ? { ...record, days: [] } : record,
  });
  return read.ok ? monthsOf(isDaily ? { ...read.value, record } : read.value) : null;
}
