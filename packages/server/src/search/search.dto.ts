import { ApiProperty } from '@nestjs/swagger';
import { IsString, MaxLength } from 'class-validator';

export class SearchQuery {
  @ApiProperty({ example: 'front lawn', description: 'All of these words' })
  @IsString({ message: 'must be a text' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  q!: string;
}

export const FOUND_KINDS = ['property', 'timer', 'station', 'job', 'person'] as const;

export class Found {
  @ApiProperty({ enum: FOUND_KINDS }) kind!: (typeof FOUND_KINDS)[number];
  @ApiProperty({ description: 'What it is called' }) title!: string;
  @ApiProperty({ description: 'Where it is, in short' }) where!: string;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) propertyId!: string | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) timerId!: string | null;
  @ApiProperty({ type: Number, nullable: true }) station!: number | null;
}

export class FoundList {
  @ApiProperty({ type: [Found] }) rows!: Found[];
}
