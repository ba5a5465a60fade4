import type { Yard } from '@water-clock/core/yards';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Flag, OneOf, Optional, UtcMoment, Uuid } from '@water-clock/core/documents';
import { COPY_REASONS, type CopyReason } from '@water-clock/core/property-file';
import { Confirmed, type Plan } from '@water-clock/core/settings';
import { Type } from 'class-transformer';
import { IsString, MaxLength, ValidateNested } from 'class-validator';
import { ApiDocument, OptionalDocumentField, withDocument } from '../platform/core-documents.js';
import { TimerAnswer } from '../timers/timer.dto.js';

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

  @OptionalDocumentField('Confirmed', 'Of how many values somebody read what stands there')
  @ValidateNested()
  @Type(() => Confirmed)
  confirmed?: Confirmed;
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
  @ApiDocument('Confirmed')
  confirmed!: Confirmed;
}

export class CopyAnswer extends CopyListing {
  @ApiProperty({ type: TimerAnswer }) timer!: TimerAnswer;
  @ApiDocument('Plan')
  document!: Plan;
  @ApiDocument('Yard', 'As it was then; null: nobody kept it', { mayBeNull: true })
  yard!: Yard | null;
}
