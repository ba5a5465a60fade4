import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { DUE_KINDS, type DueKind } from '@water-clock/core/dues';
import { CivilDay, CivilDayFrom, OneOf, Optional, Uuid } from '@water-clock/core/documents';
import { IsNotEmpty, IsString, MaxLength } from 'class-validator';

export const DONE_BY = ['household', 'firm'] as const;
export type DoneBy = (typeof DONE_BY)[number];

/** What somebody says of a due: it was done, or is put off to a date. */
export class DueAnswerFields {
  @ApiPropertyOptional({ format: 'uuid', description: 'Sent twice it counts once' })
  @Optional()
  @Uuid()
  id?: string;

  @ApiProperty({ example: 'battery:2026-06-09' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must be the key of a due' })
  @MaxLength(100, { message: 'must be at most 100 characters' })
  key!: string;

  @ApiProperty({ enum: DUE_KINDS })
  @OneOf(DUE_KINDS)
  kind!: DueKind;

  @ApiPropertyOptional({ enum: DONE_BY, description: 'Absent: it is put off' })
  @Optional()
  @OneOf(DONE_BY)
  doneBy?: DoneBy;

  @ApiProperty({ format: 'date', description: 'When it was done, or put off' })
  @CivilDay()
  on!: string;

  @ApiPropertyOptional({ format: 'date', description: 'The date that it is put off to' })
  @Optional()
  @CivilDayFrom('on')
  until?: string;

  @ApiProperty({ default: '', description: 'Why it is put off' })
  @IsString({ message: 'must be a text' })
  @MaxLength(500, { message: 'must be at most 500 characters' })
  reason: string = '';
}

export class DueAnswerAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty() key!: string;
}
