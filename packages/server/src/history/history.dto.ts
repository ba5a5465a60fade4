import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { DUE_KINDS, type DueKind } from '@water-clock/core/dues';

export const EVENT_KINDS = ['hold', 'rules', 'message', 'due', 'weather'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** Something that happened at a home, beside visits, copies, jobs, photos, sheets and what was told. */
export class HomeEvent {
  @ApiProperty({ description: 'The same whenever it is asked for' }) id!: string;
  @ApiProperty({ enum: EVENT_KINDS }) kind!: EventKind;
  @ApiProperty({ format: 'date-time' }) at!: string;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) timerId!: string | null;
  @ApiPropertyOptional({ description: 'Of a hold: its end, by the clock of the home' })
  until?: string;
  @ApiPropertyOptional({ description: 'Of a hold: on the desk, and read in no timer' })
  isWanted?: boolean;
  @ApiPropertyOptional({ description: 'Of rules, and of a change for many homes' }) name?: string;
  @ApiPropertyOptional({ enum: DUE_KINDS }) due?: DueKind;
  @ApiPropertyOptional({ enum: ['household', 'firm'], description: 'Of a due: who did it' })
  doneBy?: 'household' | 'firm';
  @ApiPropertyOptional({ format: 'date', description: 'Of a due: put off until then' })
  putOffUntil?: string;
  @ApiPropertyOptional({ description: 'Of a due that was put off' }) reason?: string;
  @ApiPropertyOptional({ example: '2026-06', description: 'Of weather' }) month?: string;
  @ApiPropertyOptional({ description: 'Of weather, in mm' }) rainMm?: number;
  @ApiPropertyOptional({ description: 'Of weather: reference evapotranspiration, in mm' })
  et0Mm?: number;
  @ApiPropertyOptional({ description: 'Of weather: of so many days of the month' }) days?: number;
}
