import { ApiProperty } from '@nestjs/swagger';
import type { WeatherFile, WeatherRecord } from '@water-clock/core/weather';
import { ApiDocument, changeOfDocument, withDocument } from '../platform/core-documents.js';

const KINDS = ['daily', 'simulated', 'monthly'] as const satisfies readonly WeatherRecord['kind'][];

export class WeatherListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: [String] }) towns!: string[];
  @ApiProperty({ enum: KINDS }) kind!: (typeof KINDS)[number];
  @ApiProperty({ type: String, nullable: true, description: 'First day that was read' })
  from!: string | null;
  @ApiProperty({ type: String, nullable: true, description: 'Last day that was read' })
  to!: string | null;
  @ApiProperty({ description: 'How many days were read' }) days!: number;
  @ApiProperty({ description: 'How many properties go by it' }) properties!: number;
}

export class WeatherAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() version!: number;
  @ApiDocument('WeatherFile')
  document!: WeatherFile;
}

export class WeatherFields extends withDocument('WeatherFile') {}

export class WeatherChange extends changeOfDocument('WeatherFile') {}
