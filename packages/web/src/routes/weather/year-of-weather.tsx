import { monthsOf, readWeather } from '@water-clock/core/weather';
import { MONTHS } from '@water-clock/core/words';
import { useMemo } from 'react';
import { WeatherChart } from '../../weather/weather-chart';
import type { Draft } from './draft';

/** The year that weather makes while it is entered, or what is still wanting. */
export function YearOfWeather({ draft }: { draft: Draft }) {
  const months = useMemo(() => {
    const read = readWeather({
      ...draft,
      name: draft.name || 'x',
      latitude: draft.latitude ?? undefined,
    });
    return read.ok ? monthsOf(read.value) : null;
  }, [draft]);
  if (!months)
    return (
      <p className="soft">
        {draft.latitude === null
          ? 'Give the latitude, and the year is drawn here.'
          : 'There is something to mend before the year can be drawn.'}
      </p>
    );
  const unknown = months.flatMap((month, index) => (month ? [] : [MONTHS[index]!]));
  return (
    <>
      <WeatherChart months={months} />
      <p className="soft">
        {unknown.length === 0
          ? 'Evapotranspiration is worked out from highs, lows and latitude (Hargreaves and Samani), or as the table has it.'
          : unknown.length === 12
            ? 'Nothing is known of any month yet.'
            : `Nothing is known of ${unknown.join(', ')}: by measurement those months have no answer.`}
      </p>
    </>
  );
}
