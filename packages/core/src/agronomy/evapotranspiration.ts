import { inRange } from './in-range.js';

/** MJ/m²/min: FAO-56 eq. 21. */
const SOLAR_CONSTANT = 0.082;
/** mm of water that a MJ/m² evaporates: FAO-56 eq. 20. */
const MM_PER_MEGAJOULE = 0.408;
const MINUTES_PER_DAY = 1440;
const DAYS_PER_YEAR = 365;

/**
 * Radiation at the top of the air, MJ/m²/day (FAO-56 eq. 21 to 25). In polar day and night the
 * sun's hour angle is held at its bounds.
 * @param latitudeDegrees −90 to 90, south negative
 * @param dayOfYear 1 to 366
 * @example extraterrestrialRadiation(-20, 246) // 32.2, FAO-56 example 8
 */
export function extraterrestrialRadiation(latitudeDegrees: number, dayOfYear: number): number {
  const latitude = (inRange('The latitude', latitudeDegrees, -90, 90) * Math.PI) / 180;
  const turn = (2 * Math.PI * inRange('The day of the year', dayOfYear, 1, 366)) / DAYS_PER_YEAR;
  const distance = 1 + 0.033 * Math.cos(turn);
  const declination = 0.409 * Math.sin(turn - 1.39);
  const cosine = -Math.tan(latitude) * Math.tan(declination);
  const sunsetAngle = Math.acos(Math.min(1, Math.max(-1, cosine)));
  return (
    (MINUTES_PER_DAY / Math.PI) *
    SOLAR_CONSTANT *
    distance *
    (sunsetAngle * Math.sin(latitude) * Math.sin(declination) +
      Math.cos(latitude) * Math.cos(declination) * Math.sin(sunsetAngle))
  );
}

/**
 * Reference evapotranspiration by Hargreaves and Samani, mm/day (FAO-56 eq. 52).
 * @param lowCelsius the day's low
 * @param highCelsius the day's high, not below the low
 * @param radiation at the top of the air, MJ/m²/day
 * @throws RangeError where the high is below the low
 */
export function referenceEvapotranspiration(
  lowCelsius: number,
  highCelsius: number,
  radiation: number,
): number {
  inRange('The high', highCelsius, lowCelsius, 70);
  inRange('The low', lowCelsius, -90, 70);
  const mean = (highCelsius + lowCelsius) / 2;
  const ra = inRange('The radiation', radiation, 0) * MM_PER_MEGAJOULE;
  return Math.max(0, 0.0023 * (mean + 17.8) * Math.sqrt(highCelsius - lowCelsius) * ra);
}
