import {
  Amount,
  Flag,
  NestedList,
  OneOf,
  Optional,
  Text,
  WholeNumber,
} from '../documents/index.js';
import { HEADS, PLANTS, type Head, type Plant } from '../settings/index.js';
import { LONGEST_SECONDS } from '../timer-kinds/index.js';

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

/** What a station waters, as seen in the yard. */
export class YardStation {
  @WholeNumber(1, 256) number!: number;
  @Optional() @Text() name?: string;
  /** A station that is switched off keeps all else. */
  @Flag() enabled = true;
  @Optional() @OneOf(HEADS) head?: Head;
  @Optional() @OneOf(PLANTS) plant?: Plant;
  @Optional() @OneOf(SUNS) sun?: Sun;
  @Optional() @OneOf(SOILS) soil?: Soil;
  /** Rise over run, in percent. */
  @Optional() @Amount(0, 200) slopePercent?: number;
  @Optional() @Amount(0.01, 1_000_000) areaSquareMetres?: number;
  /** Litres a minute while it is open. */
  @Optional() @Amount(0, 100_000) flowLpm?: number;
  /** The station needs the pump. */
  @Optional() @Flag() pump?: boolean;
  /** The station heeds the rain sensor. */
  @Flag() rainSensor = true;
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
  @NestedList(() => YardStation) stations: YardStation[] = [];
}
