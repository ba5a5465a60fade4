import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Flag, OneOf, Optional } from '@water-clock/core/documents';
import { COPY_REASONS, type CopyReason } from '@water-clock/core/property-file';
import type { Plan } from '@water-clock/core/settings';
import { IsString, MaxLength } from 'class-validator';
import { DocumentFields } from '../platform/dto.js';
import { TimerAnswer } from '../timers/timer.dto.js';

/** A new copy: read off the timer, or left in it. What is planned is saved with the settings. */
export class CopyFields extends DocumentFields {
  @ApiProperty({ enum: ['as-found', 'left'] })
  @OneOf(['as-found', 'left'])
  reason!: 'as-found' | 'left';

  @ApiProperty({ default: '' })
  @IsString({ message: 'must be a text' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name: string = '';
}

export class CopyChange {
  @ApiPropertyOptional()
  @Optional()
  @IsString({ message: 'must be a text' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name?: string;

  @ApiPropertyOptional({ description: 'It is believed to be what the timer holds now' })
  @Optional()
  @Flag()
  isInTimer?: boolean;
}

export class CopyListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ description: 'Counts the copies of the timer' }) number!: number;
  @ApiProperty() name!: string;
  @ApiProperty({ enum: COPY_REASONS }) reason!: CopyReason;
  @ApiProperty() person!: string;
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
  @ApiProperty() isInTimer!: boolean;
}

export class CopyAnswer extends CopyListing {
  @ApiProperty({ type: TimerAnswer }) timer!: TimerAnswer;
  @ApiProperty({ type: Object, description: 'A plan document, waterclock.plan/1' })
  document!: Plan;
}
