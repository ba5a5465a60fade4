import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  Amount,
  CivilDay,
  Flag,
  Optional,
  StoredVersion,
  UtcMoment,
  Uuid,
  WholeNumber,
} from '@water-clock/core/documents';
import { JOB_FAULTS, type JobFault, type VisitEntry } from '@water-clock/core/visits';
import { IsString, IsUUID, MaxLength } from 'class-validator';
import { ApiDocument, withDocument } from '../platform/core-documents.js';

/** A visit that begins. A device without signal gives the id, and the time at which it began. */
export class VisitFields {
  @ApiPropertyOptional({ format: 'uuid' })
  @Optional()
  @Uuid()
  id?: string;

  @ApiPropertyOptional({ format: 'date-time' })
  @Optional()
  @UtcMoment()
  startedAt?: string;

  @ApiPropertyOptional({
    format: 'date',
    description: 'The date of whoever begins it, by which visits are planned; absent: of the home',
  })
  @Optional()
  @CivilDay()
  onDate?: string;
}

export class EntryFields extends withDocument('VisitEntry') {
  @ApiProperty({ format: 'uuid', description: 'Made by the device; sent twice it counts once' })
  @Uuid()
  id!: string;

  @ApiProperty({ description: 'The highest number of the visit that its maker had seen' })
  @WholeNumber(0)
  seen!: number;

  @ApiProperty({ format: 'date-time' })
  @UtcMoment()
  observedAt!: string;
}

export class VisitChange {
  @ApiProperty()
  @Flag()
  isEnded!: boolean;
}

export class EntryAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() number!: number;
  @ApiProperty() seen!: number;
  @ApiProperty() person!: string;
  @ApiProperty({ format: 'date-time' }) observedAt!: string;
  @ApiDocument('VisitEntry') entry!: VisitEntry;
}

export class VisitListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty({ format: 'date-time' }) startedAt!: string;
  @ApiProperty() startedBy!: string;
  @ApiProperty({ type: String, format: 'date-time', nullable: true }) endedAt!: string | null;
  @ApiProperty() endedBy!: string;
}

export class VisitAnswer extends VisitListing {
  @ApiProperty({ type: [EntryAnswer] }) entries!: EntryAnswer[];
}

/** What was seen and read of stations at a visit. */
export class StationsOfVisit {
  @ApiProperty({ format: 'uuid' }) visitId!: string;
  @ApiProperty({ format: 'date-time' }) startedAt!: string;
  @ApiProperty({ type: [EntryAnswer], description: 'Of each station what was said last' })
  stations!: EntryAnswer[];
}

export class JobAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid', description: 'At which it was found' }) visitId!: string;
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() timer!: string;
  @ApiProperty({
    type: 'integer',
    nullable: true,
    description: 'Null: it is of the timer, its wires or what hangs on them',
  })
  station!: number | null;
  @ApiProperty({ type: [Number], description: 'Of what is of the timer: stay shut by it' })
  stations!: number[];
  @ApiProperty({ enum: JOB_FAULTS }) fault!: JobFault;
  @ApiProperty() note!: string;
  @ApiProperty({ format: 'date-time' }) foundAt!: string;
  @ApiProperty() foundBy!: string;
  @ApiProperty({ type: String, format: 'date-time', nullable: true }) doneAt!: string | null;
  @ApiProperty() doneBy!: string;
}

export const JOB_STATES = ['open', 'planned', 'done'] as const;
export type JobState = (typeof JOB_STATES)[number];

/** A job with where it is, and what is planned for it. */
export class JobOfFirm extends JobAnswer {
  @ApiProperty({ enum: JOB_STATES }) state!: JobState;
  @ApiProperty({ format: 'uuid' }) propertyId!: string;
  @ApiProperty() home!: string;
  @ApiProperty() stationName!: string;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) plannedVisitId!: string | null;
  @ApiProperty({ type: String, format: 'date', nullable: true }) plannedOn!: string | null;
  @ApiProperty({ description: 'Who goes; empty where no visit is planned' }) plannedFor!: string;
  @ApiProperty() parts!: string;
  @ApiProperty({ type: Number, nullable: true, description: "In the firm's currency" })
  price!: number | null;
  @ApiProperty() version!: number;
}

/** What a job takes, and when it is to be done. */
export class JobWork {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @StoredVersion()
  version!: number;

  @ApiProperty({ default: '' })
  @IsString({ message: 'must be a text' })
  @MaxLength(1000, { message: 'must be at most 1000 characters' })
  parts: string = '';

  @ApiPropertyOptional({ description: "In the firm's currency; absent: not known" })
  @Optional()
  @Amount(0, 1_000_000)
  price?: number;

  @ApiPropertyOptional({ format: 'uuid', description: 'Absent: no visit is planned for it' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a planned visit' })
  plannedVisitId?: string;
}

export class JobChange {
  @ApiProperty()
  @Flag()
  isDone!: boolean;
}
