import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { CivilDay, WholeNumber } from '@water-clock/core/documents';
import type { TimerCapability, TimerHandling } from '@water-clock/core/timer-types';
import { IsDefined, IsNotEmpty, IsOptional, IsString, MaxLength } from 'class-validator';

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

  @ApiProperty({ type: Object, description: 'What the timer can do, as in a plan document' })
  @IsDefined({ message: 'is required' })
  capability!: unknown;

  @ApiPropertyOptional({ type: Object, description: 'How it is used; absent: as most are' })
  @IsOptional()
  handling?: unknown;
}

export class TimerTypeChange extends TimerTypeFields {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @WholeNumber(1)
  version!: number;
}

export class TimerTypePreviewFields {
  @ApiProperty({ type: Object })
  @IsDefined({ message: 'is required' })
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
  @ApiProperty({ type: Object }) capability!: TimerCapability;
  @ApiProperty({ type: Object }) handling!: TimerHandling;
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
