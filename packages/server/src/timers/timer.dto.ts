import { ApiProperty } from '@nestjs/swagger';
import { CivilDay, WholeNumber } from '@water-clock/core/documents';
import type { Plan } from '@water-clock/core/settings';
import { IsDefined, IsNotEmpty, IsString, MaxLength } from 'class-validator';
import { PropertyAnswer } from '../properties/property.dto.js';

/** A new timer with its first settings. */
export class TimerFields {
  @ApiProperty({ example: 'Garage timer' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: say where the timer hangs' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name!: string;

  @ApiProperty({ type: Object, description: 'A plan document, waterclock.plan/1' })
  @IsDefined({ message: 'is required' })
  document!: unknown;
}

export class SettingsChange {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @WholeNumber(1)
  version!: number;

  @ApiProperty({ type: Object, description: 'A plan document, waterclock.plan/1' })
  @IsDefined({ message: 'is required' })
  document!: unknown;
}

export class OutlookQuery {
  /** The first of the nights that the outlook is for. */
  @ApiProperty({ example: '2026-06-01', format: 'date' })
  @CivilDay()
  from!: string;
}

/** What the next fourteen nights bring, as far as collisions go. */
export class TimerOutlook {
  @ApiProperty({ description: 'How many pairs of program runs overlap' }) collisions!: number;
  @ApiProperty({ type: String, nullable: true, description: 'When the first overlap begins' })
  firstCollision!: string | null;
  @ApiProperty({ description: 'How many program runs begin' }) runs!: number;
}

export class TimerListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: PropertyAnswer }) property!: PropertyAnswer;
  @ApiProperty({ type: String, nullable: true }) kind!: string | null;
  @ApiProperty() stations!: number;
  @ApiProperty({ type: [String], description: 'Programs that are in use' }) programs!: string[];
  @ApiProperty({ type: TimerOutlook }) outlook!: TimerOutlook;
}

export class TimerAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: PropertyAnswer }) property!: PropertyAnswer;
}

export class SettingsAnswer {
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() version!: number;
  @ApiProperty({ format: 'date-time' }) savedAt!: string;
  @ApiProperty({ type: Object, description: 'A plan document, waterclock.plan/1, whole' })
  document!: Plan;
}
