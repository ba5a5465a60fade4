import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Flag, OneOf, Optional, UtcMoment, Uuid, WholeNumber } from '@water-clock/core/documents';
import { COPY_REASONS, type CopyReason } from '@water-clock/core/property-file';
import type { Plan } from '@water-clock/core/settings';
import { Type } from 'class-transformer';
import { IsString, MaxLength, ValidateNested } from 'class-validator';
import { ApiDocument, withDocument } from '../platform/core-documents.js';
import { TimerAnswer } from '../timers/timer.dto.js';

/** Of how many values of the timer nobody read what stands there. */
export class ConfirmedFields {
  @ApiProperty({ minimum: 0, description: 'How many values the timer has; 0: nobody counted' })
  @WholeNumber(0, 100_000)
  of!: number;

  @ApiProperty({ minimum: 0, description: 'Keyed in, and not read back' })
  @WholeNumber(0, 100_000)
  keyedIn!: number;

  @ApiProperty({ minimum: 0, description: 'Nobody knows what stands there' })
  @WholeNumber(0, 100_000)
  unknown!: number;
}

/**
 * A new copy: read off the timer, left in it, or planned for later, which is not in the timer. What is
 * planned for now is saved with the settings.
 */
export class CopyFields extends withDocument('Plan') {
  @ApiProperty({ enum: COPY_REASONS })
  @OneOf(COPY_REASONS)
  reason!: CopyReason;

  @ApiProperty({ default: '' })
  @IsString({ message: 'must be a text' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name: string = '';

  @ApiPropertyOptional({
    format: 'uuid',
    description: 'Made by the device; sent twice it counts once',
  })
  @Optional()
  @Uuid()
  id?: string;

  @ApiPropertyOptional({
    format: 'date-time',
    description: 'When it was read off or left; absent: now',
  })
  @Optional()
  @UtcMoment()
  madeAt?: string;

  @ApiPropertyOptional({ type: ConfirmedFields })
  @Optional()
  @ValidateNested()
  @Type(() => ConfirmedFields)
  confirmed?: ConfirmedFields;
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
  @ApiProperty({ type: ConfirmedFields })
  confirmed!: ConfirmedFields;
}

export class CopyAnswer extends CopyListing {
  @ApiProperty({ type: TimerAnswer }) timer!: TimerAnswer;
  @ApiDocument('Plan')
  document!: Plan;
}
