import { ApiProperty } from '@nestjs/swagger';
import { CivilDay, StoredVersion } from '@water-clock/core/documents';
import type { TimerCapability, TimerHandling } from '@water-clock/core/timer-types';
import { IsNotEmpty, IsString, MaxLength } from 'class-validator';
import { ApiDocument, DocumentField, OptionalDocumentField } from '../platform/core-documents.js';

export class TimerTypeFields {
  @ApiProperty({ example: 'Wall timer, 12 stations' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: give the timer type a name you will know it by' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name!: string;

  @ApiProperty({ default: '' })
  @IsString({ message: 'must be a text' })
  @MaxLength(500, { message: 'must be at most 500 characters' })
  summary: string = '';

  @DocumentField('TimerCapability')
  capability!: unknown;

  @OptionalDocumentField('TimerHandling', 'How it is used; absent: as most are')
  handling?: unknown;
}

export class TimerTypeChange extends TimerTypeFields {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @StoredVersion()
  version!: number;
}

export class TimerTypePreviewFields {
  @DocumentField('TimerCapability')
  capability!: unknown;

  /** The date from which the settings are judged. */
  @ApiProperty({ example: '2026-06-01', format: 'date' })
  @CivilDay()
  from!: string;
}

export class TimerTypeAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() summary!: string;
  @ApiDocument('TimerCapability') capability!: TimerCapability;
  @ApiDocument('TimerHandling') handling!: TimerHandling;
  @ApiProperty() version!: number;
  @ApiProperty({ description: 'How many timers are of this timerType' }) timers!: number;
}

/** What a change of its timer type would break of one timer. */
export class TimerTypeBreak {
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() timer!: string;
  @ApiProperty() property!: string;
  @ApiProperty({ type: [String], description: 'Programs in use that it would lose' })
  programsLost!: string[];
  @ApiProperty({ type: [String], description: 'What would be wrong then, in words' })
  findings!: string[];
}
