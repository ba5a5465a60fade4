import {
  Amount,
  CivilDay,
  Flag,
  Label,
  ListOfAmounts,
  ListOfWhole,
  NestedList,
  OneOf,
  Optional,
  OptionalNested,
  OptionalNestedList,
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

export const UNIT_RESULTS = ['fine', 'open', 'short', 'silent'] as const;
/** What a test of a valve unit said: its coil is fine, open or short, or the unit did not answer. */
export type UnitResult = (typeof UNIT_RESULTS)[number];

/** The last test of a valve unit. */
export class UnitTest {
  @CivilDay() on!: string;
  @OneOf(UNIT_RESULTS) result!: UnitResult;
  /** What it drew while its valve was on. */
  @Optional() @Amount(0, 10_000) milliamps?: number;
}

/** What opens a station's valve on a two-wire cable. */
export class ValveUnit {
  /** As it stands on the unit, or on the label that came with it. */
  @Label() serial!: string;
  /** The number by which the timer calls it, where it has one besides its serial. */
  @Optional() @WholeNumber(1, 999) address?: number;
  @OptionalNested(() => UnitTest) lastTest?: UnitTest;
}

/** A moisture sensor in the ground of a station; what it holds back nobody but it knows. */
export class MoistureSensor {
  @Label() serial!: string;
  /** It holds the station back while the ground has at least this much, in percent. */
  @Optional() @Amount(0, 100) holdsFromPercent?: number;
  /** What it read. */
  @Optional() @Amount(0, 100) readPercent?: number;
  @Optional() @CivilDay() readOn?: string;
}

export const FOLLOWED_FOR = ['times', 'sensor'] as const;
/** What a station takes from the one that it follows. */
export type FollowedFor = (typeof FOLLOWED_FOR)[number];

/** A module in a slot of the timer. */
export class StationModule {
  @WholeNumber(1, 64) slot!: number;
  /** How many stations it has terminals for. */
  @WholeNumber(1, 64) gives!: number;
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
  /** The flow sensor measures what the station takes. */
  @Optional() @Flag() flowSensor?: boolean;
  /** How long the ground takes water before it runs off. */
  @Optional() @WholeNumber(0, LONGEST_SECONDS) runoffSeconds?: number;
  /** The least wait between two waterings of one run. */
  @Optional() @WholeNumber(0, LONGEST_SECONDS) minSoakSeconds?: number;
  /** The number of the station that this one takes after. */
  @Optional() @WholeNumber(1, 256) follows?: number;
  /** What it takes from it: run time, cycle and soak, or its moisture sensor alone; absent: the times. */
  @Optional() @OneOf(FOLLOWED_FOR) followsFor?: FollowedFor;
  @OptionalNested(() => ValveUnit) valveUnit?: ValveUnit;
  @OptionalNested(() => MoistureSensor) moistureSensor?: MoistureSensor;
  @Optional() @Text() notes?: string;
}

/** What the timer's own memory holds beside what it goes by. */
export class OwnMemory {
  @CivilDay() storedOn!: string;
  /** Who stored it. */
  @Text() storedBy = '';
  /** Which of the saved copies that is. */
  @Text() copy = '';
}

/** The station table of one timer: what its stations water. */
export class Yard {
  @OneOf([YARD_FORMAT]) format: typeof YARD_FORMAT = YARD_FORMAT;
  /** How many stations the modules that are fitted give; absent: all that the timer can have. */
  @Optional() @WholeNumber(1, 256) stationsFitted?: number;
  /** The modules by slot, where somebody looked; they say how many stations there are, then. */
  @OptionalNestedList(() => StationModule) modules?: StationModule[];
  /** The station terminals with a wire on them; absent: nobody looked. */
  @Optional() @ListOfWhole(1, 256) wires?: number[];
  /** The day on which a sensor that is bypassed is to be switched back; the timer does not do it. */
  @Optional() @CivilDay() sensorBackOn?: string;
  /** Absent: nobody stored anything there. */
  @OptionalNested(() => OwnMemory) ownMemory?: OwnMemory;
  /** The school that run times are taken from; absent: by measurement. */
  @Optional() @OneOf(SCHOOLS) school?: School;
  /** A percentage for each month, January first, where the technician typed them. */
  @Optional()
  @ListOfWhole(0, LARGEST_PERCENT, { least: 12, most: 12 })
  monthPercents?: number[];
  @NestedList(() => YardStation) stations: YardStation[] = [];
}
