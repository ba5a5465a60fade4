import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Flag, Optional, UtcMoment, Uuid, WholeNumber } from '@water-clock/core/documents';
import { STATION_FAULTS, type StationFault, type VisitEntry } from '@water-clock/core/visits';
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

export class JobAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() timer!: string;
  @ApiProperty() station!: number;
  @ApiProperty({ enum: STATION_FAULTS }) fault!: StationFault;
  @ApiProperty() note!: string;
  @ApiProperty({ format: 'date-time' }) foundAt!: string;
  @ApiProperty() foundBy!: string;
  @ApiProperty({ type: String, format: 'date-time', nullable: true }) doneAt!: string | null;
  @ApiProperty() doneBy!: string;
}

export class JobChange {
  @ApiProperty()
  @Flag()
  isDone!: boolean;
}
