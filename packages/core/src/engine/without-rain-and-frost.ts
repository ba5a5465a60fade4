import type { Plan } from '../settings/index.js';

/** The plan as it waters in dry and mild weather; the percentages that the weather asks for stay. */
export const withoutRainAndFrost = (plan: Plan): Plan => ({
  ...plan,
  weather: { rain: [], freeze: [], percents: plan.weather?.percents ?? [] },
});
