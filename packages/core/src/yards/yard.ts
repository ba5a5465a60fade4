import {
  Amount,
  CivilDay,
  Flag,
  ListOfAmounts,
  ListOfWhole,
  NestedList,
  OneOf,
  Optional,
  OptionalNested,
  Text,
  WholeNumber,
} from '../documents/index.js';
import { HEADS, LARGEST_PERCENT, type Head, type Plant } from '../settings/index.js';
import { LONGEST_SECONDS } from '../timer-types/index.js';

export const YARD_FORMAT = 'waterclock.yard/1';

export const SUNS = ['full', 'part', 'shade'] as const;
/** How much sun a station's ground has. */
export type Sun = (typeof SUNS)[number];

export const SOILS = [
  'clay',
  'silty clay',
  'clay loam',
  'loam',
  'sandy loam',
  'loamy sand',
  'sand',
] as const;
export type Soil = (typeof SOILS)[number];

/** What a station can water. Of turf the yard may know which; settings know it as turf alone. */
export const PLANTINGS = [
  'turf',
  'cool turf',
  'warm turf',
  'seed',
  'shrubs',
  'trees',
  'flowers',
  'vegetables',
] as const;
export type YardPlant = (typeof PLANTINGS)[number];

/** The plant as settings know it. */
export const plantInSettings = (plant: YardPlant): Plant =>
  plant === 'cool turf' || plant === 'warm turf' ? 'turf' : plant;

/** The two ways to work out how long a station runs. */
export const SCHOOLS = ['minute', 'measurement'] as const;
export type School = (typeof SCHOOLS)[number];

/** A catch test as it was read: cups in rows, the row nearest to the house first. */
export class CatchReading {
  /** What each cup caught. */
  @ListOfAmounts(0, 10_000, { least: 1, most: 200 }) millilitres!: number[];
  /** The mouth of a cup. */
  @Amount(0.1, 10_000) mouthSquareCentimetres!: number;
  /** How long the station was on. */
  @Amount(0.1, 600) minutes!: number;
  @WholeNumber(1, 200) cupsInRow = 4;
  @Optional() @CivilDay() on?: string;
}

/** What a station waters, as seen in the yard. */
export class YardStation {
  @WholeNumber(1, 256) number!: number;
  @Optional() @Text() name?: string;
  /** A station that is switched off keeps all else. */
  @Flag() enabled = true;
  @Optional() @OneOf(HEADS) head?: Head;
  @Optional() @OneOf(PLANTINGS) plant?: YardPlant;
  @Optional() @OneOf(SUNS) sun?: Sun;
  @Optional() @OneOf(SOILS) soil?: Soil;
  /** Rise over run, in percent. */
  @Optional() @Amount(0, 200) slopePercent?: number;
  @Optional() @Amount(0.01, 1_000_000) areaSquareMetres?: number;
  /** Litres a minute while it is open. */
  @Optional() @Amount(0, 100_000) flowLpm?: number;
  /** What cups caught; it beats flow and area. */
  @OptionalNested(() => CatchReading) catchTest?: CatchReading;
  /** The school that its run times are taken from; absent: the yard's. */
  @Optional() @OneOf(SCHOOLS) school?: School;
  /** The station needs the pump. */
  @Optional() @Flag() pump?: boolean;
  /** The station heeds the rain sensor. */
  @Flag() rainSensor = true;
  /** The station heeds the freeze sensor. */
  @Flag() freezeSensor = true;
  /** How long the ground takes water before it runs off. */
  @Optional() @WholeNumber(0, LONGEST_SECONDS) runoffSeconds?: number;
  /** The least wait between two waterings of one run. */
  @Optional() @WholeNumber(0, LONGEST_SECONDS) minSoakSeconds?: number;
  /** The number of the station whose run time, cycle and soak this one takes. */
  @Optional() @WholeNumber(1, 256) follows?: number;
  @Optional() @Text() notes?: string;
}

/** The station table of one timer: what its stations water. */
export class Yard {
  @OneOf([YARD_FORMAT]) format: typeof YARD_FORMAT = YARD_FORMAT;
  /** How many stations the modules that are fitted give; absent: all that the timer can have. */
  @Optional() @WholeNumber(1, 256) stationsFitted?: number;
  /** The school that run times are taken from; absent: by measurement. */
  @Optional() @OneOf(SCHOOLS) school?: School;
  /** A percentage for each month, January first, where the technician typed them. */
  @Optional()
  @ListOfWhole(0, LARGEST_PERCENT, { least: 12, most: 12 })
  monthPercents?: number[];
  @NestedList(() => YardStation) stations: YardStation[] = [];
}
