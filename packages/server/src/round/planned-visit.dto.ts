import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  CivilDay,
  OneOf,
  Optional,
  StoredVersion,
  Uuid,
  WholeNumber,
} from '@water-clock/core/documents';
import { ArrayMaxSize, IsArray, IsString, IsUUID, MaxLength } from 'class-validator';
import { TimerOfProperty } from '../properties/property.dto.js';

const MOST_MINUTES = 1440;
/** More homes than anybody drives to in a day, by far. */
const MOST_OF_A_DAY = 200;

/** A visit that somebody is to make. */
export class PlannedVisitFields {
  @ApiProperty({ format: 'uuid' })
  @IsUUID(undefined, { message: 'must be the id of a person: say who goes' })
  personId!: string;

  @ApiProperty({ example: '2026-06-09', format: 'date' })
  @CivilDay()
  onDate!: string;

  @ApiProperty({ default: '', description: 'What it is for' })
  @IsString({ message: 'must be a text' })
  @MaxLength(500, { message: 'must be at most 500 characters' })
  reason: string = '';

  @ApiProperty({ default: '' })
  @IsString({ message: 'must be a text' })
  @MaxLength(2000, { message: 'must be at most 2000 characters' })
  notes: string = '';

  @ApiPropertyOptional({ description: 'Absent: as long as what is to be done takes' })
  @Optional()
  @WholeNumber(1, MOST_MINUTES)
  minutes?: number;
}

export class NewPlannedVisit extends PlannedVisitFields {
  @ApiPropertyOptional({ format: 'uuid', description: 'Sent twice it counts once' })
  @Optional()
  @Uuid()
  id?: string;

  @ApiProperty({ format: 'uuid' })
  @IsUUID(undefined, { message: 'must be the id of a property' })
  propertyId!: string;
}

export class PlannedVisitChange extends PlannedVisitFields {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @StoredVersion()
  version!: number;
}

/** In which order somebody drives on a date. */
export class DayOrder {
  @ApiProperty({ type: [String], format: 'uuid' })
  @IsArray({ message: 'must be a list' })
  @ArrayMaxSize(MOST_OF_A_DAY, { message: `must have at most ${MOST_OF_A_DAY} entries` })
  @IsUUID(undefined, { each: true, message: 'must be the ids of planned visits' })
  ids!: string[];
}

export const WHOSE = ['mine', 'firm'] as const;
export type Whose = (typeof WHOSE)[number];

export class PlannedVisitQuery {
  @ApiProperty({ example: '2026-06-01', format: 'date' })
  @CivilDay()
  from!: string;

  @ApiProperty({ example: '2026-06-30', format: 'date' })
  @CivilDay()
  to!: string;

  @ApiPropertyOptional({ enum: WHOSE })
  @OneOf(WHOSE)
  whose: Whose = 'firm';
}

/** The home of a planned visit, as whoever drives there needs it. */
export class HomeOfVisit {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() address!: string;
  @ApiProperty() town!: string;
  @ApiProperty() contactName!: string;
  @ApiProperty() contactPhone!: string;
  @ApiProperty() contactEmail!: string;
  @ApiProperty() gateNotes!: string;
  @ApiProperty({ type: Number, nullable: true }) latitude!: number | null;
  @ApiProperty({ type: Number, nullable: true }) longitude!: number | null;
}

export class PlannedVisitAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ type: HomeOfVisit }) home!: HomeOfVisit;
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty() person!: string;
  @ApiProperty({ format: 'date' }) onDate!: string;
  @ApiProperty() reason!: string;
  @ApiProperty() notes!: string;
  @ApiProperty({ type: Number, nullable: true }) minutes!: number | null;
  @ApiProperty({ description: 'It was held' }) isHeld!: boolean;
  @ApiProperty() version!: number;
}

/** A planned visit with the timers of its home, and what is true of each. */
export class VisitToday extends PlannedVisitAnswer {
  @ApiProperty({ type: [TimerOfProperty] }) timers!: TimerOfProperty[];
}
