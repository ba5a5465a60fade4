import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Optional, Uuid, WholeNumber } from '@water-clock/core/documents';
import type { Sheet } from '@water-clock/core/sheets';
import { ApiDocument, withDocument } from '../platform/core-documents.js';

export class SheetFields extends withDocument('Sheet') {
  @ApiPropertyOptional({
    format: 'uuid',
    description: 'Made by the device; sent twice it counts once',
  })
  @Optional()
  @Uuid()
  id?: string;
}

export class LinkFields {
  @ApiProperty({ example: 180, description: 'For how many days it leads to the sheet' })
  @WholeNumber(1, 730)
  days!: number;
}

export class LinkListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
  @ApiProperty({ format: 'date-time' }) expiresAt!: string;
  @ApiProperty({ description: 'The name of who made it' }) madeBy!: string;
  @ApiProperty({ description: 'How often somebody came by it' }) opened!: number;
  @ApiProperty({ type: String, nullable: true, format: 'date-time' })
  lastOpenedAt!: string | null;
}

export class LinkAnswer extends LinkListing {
  @ApiProperty({ description: 'Told this once only' }) token!: string;
}

export class SheetListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
  @ApiProperty() person!: string;
  @ApiProperty({ type: [LinkListing], description: 'Those that still lead to it' })
  links!: LinkListing[];
}

export class SheetAnswer extends SheetListing {
  @ApiDocument('Sheet')
  document!: Sheet;
}

export class SharedSheet {
  @ApiDocument('Sheet') document!: Sheet;
  @ApiProperty({ description: 'Of a made-up home, for looking around' }) isDemo!: boolean;
}
