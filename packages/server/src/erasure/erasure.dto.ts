import { ApiProperty } from '@nestjs/swagger';
import { IsString, MaxLength } from 'class-validator';

/** What goes with a property. */
export class PropertyErasure {
  @ApiProperty({ example: 2 }) timers!: number;
  @ApiProperty({ example: 14 }) copies!: number;
  @ApiProperty({ example: 9 }) visits!: number;
  @ApiProperty({ example: 8 }) sheets!: number;
  @ApiProperty({ example: 1, description: 'Links that lead to a sheet today' }) links!: number;
  @ApiProperty({ example: 41, description: 'What was noted of changes, which is emptied' })
  changes!: number;
}

export class ErasureFields {
  @ApiProperty({ example: 'Plum cottage', description: 'Its name, so that it is the right one' })
  @IsString({ message: 'must be a text' })
  @MaxLength(300, { message: 'must be at most 300 characters' })
  name!: string;
}

/** Somebody who worked here, and of what they did still carries the name. */
export class FormerPerson {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ example: '2026-06-01T10:00:00.000Z', format: 'date-time' }) removedAt!: string;
  @ApiProperty({ description: 'Somebody else of this firm has the same name' }) isShared!: boolean;
}
