import { ApiProperty } from '@nestjs/swagger';
import { Flag } from '@water-clock/core/documents';
import { FAULT_CODES, type FaultCode } from '@water-clock/core/faults';
import type { Telling } from '@water-clock/core/tellings';
import { ApiDocument, withDocument } from '../platform/core-documents.js';

/** What a household tells. */
export class TellingFields extends withDocument('Telling') {}

export class LikelyCauseAnswer {
  @ApiProperty({ enum: FAULT_CODES }) code!: FaultCode;
  @ApiProperty({ description: 'What happens, with times' }) says!: string;
}

/** What a household told, where, and what would explain it. */
export class TellingAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() timer!: string;
  @ApiProperty({ format: 'uuid' }) propertyId!: string;
  @ApiProperty() home!: string;
  @ApiProperty({ format: 'date-time' }) toldAt!: string;
  @ApiDocument('Telling') document!: Telling;
  @ApiProperty({ type: [LikelyCauseAnswer], description: 'The likeliest first' })
  causes!: LikelyCauseAnswer[];
  @ApiProperty({ type: String, format: 'date-time', nullable: true }) closedAt!: string | null;
  @ApiProperty() closedBy!: string;
}

export class TellingChange {
  @ApiProperty({ description: 'Somebody has seen to it' })
  @Flag()
  isClosed!: boolean;
}
