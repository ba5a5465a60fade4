import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Amount, Optional, TimeZone, WholeNumber } from '@water-clock/core/documents';
import { IsNotEmpty, IsString, MaxLength } from 'class-validator';

/** What a person enters of a property. */
export class PropertyFields {
  @ApiProperty({ example: 'Plum cottage' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: give the home a name' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name!: string;

  @ApiProperty({ example: '3 Alder Row', default: '' })
  @IsString({ message: 'must be a text' })
  @MaxLength(300, { message: 'must be at most 300 characters' })
  address: string = '';

  @ApiProperty({ example: 'Quillhaven', default: '' })
  @IsString({ message: 'must be a text' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  town: string = '';

  @ApiPropertyOptional({ example: 'America/Denver' })
  @Optional()
  @TimeZone()
  timeZone?: string;

  @ApiPropertyOptional({ example: 40.21 })
  @Optional()
  @Amount(-90, 90)
  latitude?: number;

  @ApiPropertyOptional({ example: -107.36 })
  @Optional()
  @Amount(-180, 180)
  longitude?: number;
}

export class PropertyChange extends PropertyFields {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @WholeNumber(1)
  version!: number;
}

export class PropertyAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() address!: string;
  @ApiProperty() town!: string;
  @ApiProperty({ type: String, nullable: true }) timeZone!: string | null;
  @ApiProperty({ type: Number, nullable: true }) latitude!: number | null;
  @ApiProperty({ type: Number, nullable: true }) longitude!: number | null;
  @ApiProperty() version!: number;
}
