import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  DateTime,
  DateTimeFrom,
  Flag,
  OneOf,
  Optional,
  StoredVersion,
} from '@water-clock/core/documents';
import type { Plan } from '@water-clock/core/settings';
import { GENERIC_TYPES, type TimerHandling } from '@water-clock/core/timer-types';
import type { Yard } from '@water-clock/core/yards';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsNotEmpty,
  IsString,
  IsUUID,
  MaxLength,
  ValidateNested,
} from 'class-validator';
import { ApiDocument, changeOfDocument, withDocument } from '../platform/core-documents.js';
import { PropertyAnswer } from '../properties/property.dto.js';

const TYPE_KEYS = GENERIC_TYPES.map(({ key }) => key);

/** A new timer with its first settings. */
export class TimerFields extends withDocument('Plan') {
  @ApiProperty({ example: 'Garage timer' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: say where the timer hangs' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name!: string;

  @ApiPropertyOptional({ format: 'uuid', description: "One of the firm's own timer types" })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a timer type' })
  timerTypeId?: string;

  @ApiPropertyOptional({
    example: 'wall-6',
    description: 'A type that comes with the product: it becomes one of the firm, where it is none',
  })
  @Optional()
  @OneOf(TYPE_KEYS)
  like?: string;
}

export class TimerChange {
  @ApiPropertyOptional()
  @Optional()
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: say where the timer hangs' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name?: string;

  @ApiPropertyOptional({ description: 'The timer holds a backup of its own' })
  @Optional()
  @Flag()
  hasOwnBackup?: boolean;
}

/** Settings that take the place of the stored ones, and are kept as a copy. */
export class SettingsChange extends changeOfDocument('Plan') {
  @ApiProperty({ default: '', description: 'A name for the copy' })
  @IsString({ message: 'must be a text' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name: string = '';
}

export class Hold {
  @ApiProperty({ example: '2026-06-09T07:00:00', description: 'By the clock of the home' })
  @DateTime()
  from!: string;

  @ApiProperty({ example: '2026-06-12T07:00:00' })
  @DateTimeFrom('from')
  to!: string;
}

/** More a timer does not have at once, by far. */
const MOST_HOLDS = 20;

/** For how long a timer is held, in place of what was. */
export class HoldsChange {
  /** The version of the settings that it was made from. */
  @ApiProperty({ example: 1 })
  @StoredVersion()
  version!: number;

  @ApiProperty({ type: [Hold] })
  @IsArray({ message: 'must be a list' })
  @ArrayMaxSize(MOST_HOLDS, { message: `must have at most ${MOST_HOLDS} entries` })
  @ValidateNested({ each: true, message: 'must be a hold: from, to' })
  @Type(() => Hold)
  holds!: Hold[];
}

export class TimerAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: String, nullable: true }) timerTypeId!: string | null;
  @ApiProperty({ type: Boolean, nullable: true, description: 'Null: nobody has looked' })
  hasOwnBackup!: boolean | null;
  @ApiDocument('TimerHandling', 'How timers of its type are used')
  handling!: TimerHandling;
  @ApiProperty({ type: PropertyAnswer }) property!: PropertyAnswer;
}

export class SettingsAnswer {
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() version!: number;
  @ApiProperty({ format: 'date-time' }) savedAt!: string;
  @ApiProperty({ description: 'Who saved it; empty where nobody is known' }) savedBy!: string;
  @ApiDocument('Plan', 'With the rules that hold at the property on the date asked for')
  document!: Plan;
}

export class YardAnswer {
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() version!: number;
  @ApiProperty({ format: 'date-time' }) savedAt!: string;
  @ApiProperty() savedBy!: string;
  @ApiDocument('Yard')
  document!: Yard;
}

export class YardChange extends changeOfDocument('Yard') {}
