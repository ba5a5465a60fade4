export { waterBalance, type BalanceDay, type BalanceResult } from './balance.js';
export {
  CUSTOMARY_MINUTES,
  CUSTOMARY_SOAK_SECONDS,
  CUSTOMARY_WATERINGS,
  customaryMinutes,
  customaryPieceSeconds,
  seasonPercents,
} from './by-the-minute.js';
export {
  catchTest,
  cupDepthMm,
  driestQuarter,
  lowQuarterUniformity,
  runTimeMultiplier,
  type CatchResult,
  type CatchTest,
} from './catch-test.js';
export { extraterrestrialRadiation, referenceEvapotranspiration } from './evapotranspiration.js';
export {
  effectiveRainMm,
  EXPOSURES,
  MOST_RAIN_MM,
  PLANT_FACTORS,
  plantUseMm,
  weeklyNeed,
  type Exposure,
  type Planting,
  type WeeklyNeed,
} from './need.js';
export {
  areaPerHead,
  flowOfMeter,
  HEAD_RATES_MM_PER_HOUR,
  rateMmPerHour,
  type RatedHead,
} from './rate.js';
export {
  longestIntervalDays,
  longestPieceSeconds,
  piecesOf,
  readilyAvailableMm,
  ROOT_METRES,
  rootZoneMm,
  soakSeconds,
  SOIL_FACTS,
  surfaceStoreMm,
  type SoilKind,
} from './soil.js';
