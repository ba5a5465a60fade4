import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  Amount,
  CivilDay,
  Flag,
  ListOfChoices,
  ListOfWhole,
  OneOf,
  Optional,
  StoredVersion,
  TimeZone,
  WholeNumber,
} from '@water-clock/core/documents';
import { HOUSEHOLD_LANGUAGES, type HouseholdLanguage } from '@water-clock/core/property-file';
import { SET_UP_STEPS, type SetUpStep } from '@water-clock/core/set-up';
import { FROSTS, type Frost, SUPPLY_SOURCES, type SupplySource } from '@water-clock/core/settings';
import { DUE_KINDS, type DueKind } from '@water-clock/core/dues';
import { REASON_KINDS, type ReasonKind, type Standing } from '@water-clock/core/standing';
import { AsNumber } from '../platform/dto.js';
import { IsNotEmpty, IsString, IsUUID, MaxLength } from 'class-validator';
import { ApiCoreAnswer } from '../platform/core-documents.js';

const Words = (most: number) => (target: object, field: string) => {
  IsString({ message: 'must be a text' })(target, field);
  MaxLength(most, { message: `must be at most ${most} characters` })(target, field);
};

/** What a person enters of a property. */
export class PropertyFields {
  @ApiProperty({ example: 'Plum cottage' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: give the home a name' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name!: string;

  @ApiProperty({ example: '3 Alder Row', default: '' })
  @Words(300)
  address: string = '';

  @ApiProperty({ example: 'Quillhaven', default: '' })
  @Words(200)
  town: string = '';

  @ApiProperty({ default: '' })
  @Words(200)
  contactName: string = '';

  @ApiProperty({ default: '' })
  @Words(100)
  contactPhone: string = '';

  @ApiProperty({ default: '' })
  @Words(300)
  contactEmail: string = '';

  @ApiProperty({ description: 'How one gets in', default: '' })
  @Words(2000)
  gateNotes: string = '';

  @ApiPropertyOptional({ example: 'America/Denver' })
  @Optional()
  @TimeZone()
  timeZone?: string;

  @ApiPropertyOptional({ example: 40.21 })
  @Optional()
  @Amount(-90, 90)
  latitude?: number;

  @ApiPropertyOptional({ example: -107.36 })
  @Optional()
  @Amount(-180, 180)
  longitude?: number;

  @ApiPropertyOptional({ enum: SUPPLY_SOURCES })
  @Optional()
  @OneOf(SUPPLY_SOURCES)
  supplySource?: SupplySource;

  @ApiPropertyOptional({ enum: FROSTS, description: 'How hard it freezes there' })
  @Optional()
  @OneOf(FROSTS)
  frost?: Frost;

  @ApiPropertyOptional({ description: 'Litres a minute' })
  @Optional()
  @Amount(0, 100_000)
  supplyLpm?: number;

  @ApiPropertyOptional({ description: 'Kilopascal' })
  @Optional()
  @Amount(0, 5000)
  supplyKpa?: number;

  @ApiProperty({ type: [Number], description: 'Monday = 1', default: [] })
  @ListOfWhole(1, 7)
  mowingWeekdays: number[] = [];

  @ApiProperty({ description: 'The day before each of them is kept dry too', default: false })
  @Flag()
  isDryBeforeMowing: boolean = false;

  @ApiProperty({
    enum: HOUSEHOLD_LANGUAGES,
    description: 'What the household reads',
    default: 'en',
  })
  @OneOf(HOUSEHOLD_LANGUAGES)
  language: HouseholdLanguage = 'en';

  @ApiPropertyOptional({ format: 'uuid', description: 'Absent: nobody knows the rules here' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a rule set' })
  ruleSetId?: string;

  @ApiPropertyOptional({ format: 'uuid', description: 'Absent: no weather is known here' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of weather' })
  weatherId?: string;

  @ApiPropertyOptional({ description: "Of a cubic metre of water, in the firm's currency" })
  @Optional()
  @Amount(0, 1000)
  waterPrice?: number;
}

export class NewProperty extends PropertyFields {
  @ApiProperty({ description: 'Somebody is to be led through setting it up', default: false })
  @Flag()
  isLed: boolean = false;
}

export class PropertyChange extends PropertyFields {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @StoredVersion()
  version!: number;
}

export class ArchivedChange {
  @ApiProperty()
  @Flag()
  archived!: boolean;
}

/** How far somebody is led through setting up a home. */
export class SetUpChange {
  @ApiProperty({ description: 'Whether somebody is led through it' })
  @Flag()
  isLed!: boolean;

  @ApiProperty({
    type: [String],
    enum: SET_UP_STEPS,
    description: 'Steps that are left out for now',
    default: [],
  })
  @ListOfChoices(SET_UP_STEPS)
  skipped: SetUpStep[] = [];
}

export class PropertyAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() address!: string;
  @ApiProperty() town!: string;
  @ApiProperty() contactName!: string;
  @ApiProperty() contactPhone!: string;
  @ApiProperty() contactEmail!: string;
  @ApiProperty() gateNotes!: string;
  @ApiProperty({ type: String, nullable: true }) timeZone!: string | null;
  @ApiProperty({ type: Number, nullable: true }) latitude!: number | null;
  @ApiProperty({ type: Number, nullable: true }) longitude!: number | null;
  @ApiProperty({ enum: SUPPLY_SOURCES, nullable: true }) supplySource!: SupplySource | null;
  @ApiProperty({ enum: FROSTS, nullable: true }) frost!: Frost | null;
  @ApiProperty({ type: Number, nullable: true }) supplyLpm!: number | null;
  @ApiProperty({ type: Number, nullable: true }) supplyKpa!: number | null;
  @ApiProperty({ type: [Number] }) mowingWeekdays!: number[];
  @ApiProperty() isDryBeforeMowing!: boolean;
  @ApiProperty({ enum: HOUSEHOLD_LANGUAGES }) language!: HouseholdLanguage;
  @ApiProperty({ type: String, nullable: true }) ruleSetId!: string | null;
  @ApiProperty({ type: String, nullable: true }) weatherId!: string | null;
  @ApiProperty({ type: Number, nullable: true }) waterPrice!: number | null;
  @ApiProperty({
    type: [String],
    enum: SET_UP_STEPS,
    nullable: true,
    description:
      'Steps of its setting up that are left out for now; null: nobody is led through it',
  })
  setUpSkipped!: SetUpStep[] | null;
  @ApiProperty() archived!: boolean;
  @ApiProperty() version!: number;
}

export const SORTS = ['name', 'town', 'newest', 'worst'] as const;

export class PropertyQuery {
  @ApiPropertyOptional({ description: 'Words that the property is found by; all of them' })
  @Words(200)
  q: string = '';

  @ApiPropertyOptional({ enum: SORTS })
  @OneOf(SORTS)
  sort: (typeof SORTS)[number] = 'name';

  @ApiPropertyOptional({ enum: REASON_KINDS, description: 'With a timer that needs somebody so' })
  @Optional()
  @OneOf(REASON_KINDS)
  reason?: ReasonKind;

  @ApiPropertyOptional({
    enum: DUE_KINDS,
    description: 'With a timer at which it is due in four weeks',
  })
  @Optional()
  @OneOf(DUE_KINDS)
  due?: DueKind;

  @ApiPropertyOptional({ format: 'uuid', description: 'That go by this rule set' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a rule set' })
  ruleSetId?: string;

  @ApiPropertyOptional({ format: 'uuid', description: 'With a timer of this type' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a timer type' })
  timerTypeId?: string;

  @ApiPropertyOptional({ format: 'uuid', description: 'Where this person goes next, or was last' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a person' })
  personId?: string;

  @ApiPropertyOptional({ enum: ['yes', 'no'], description: 'Those that were archived' })
  @OneOf(['yes', 'no'])
  archived: 'yes' | 'no' = 'no';

  @ApiPropertyOptional({ example: 1 })
  @AsNumber()
  @WholeNumber(1, 1_000_000)
  page: number = 1;

  @ApiProperty({
    example: '2026-06-01',
    format: 'date',
    description: 'What is true of timers on it, by their own calendars',
  })
  @CivilDay()
  from!: string;
}

export class StandingQuery {
  @ApiProperty({
    example: '2026-06-01',
    format: 'date',
    description: 'What is true of timers on it, by their own calendars',
  })
  @CivilDay()
  from!: string;
}

export class TimerOfProperty {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: String, nullable: true }) timerType!: string | null;
  @ApiProperty() stations!: number;
  @ApiCoreAnswer('Standing', 'Null while it is being worked out: ask again in a moment')
  standing!: Standing | null;
}

export class PropertyListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() address!: string;
  @ApiProperty() town!: string;
  @ApiProperty() contactName!: string;
  @ApiProperty() archived!: boolean;
  @ApiProperty({ type: [TimerOfProperty] }) timers!: TimerOfProperty[];
}

export class PropertyPage {
  @ApiProperty({ type: [PropertyListing] }) rows!: PropertyListing[];
  @ApiProperty() total!: number;
  @ApiProperty() pageSize!: number;
  @ApiProperty({
    description: 'Of so many timers it is not known yet whether they are so: ask again in a moment',
  })
  pending!: number;
}
