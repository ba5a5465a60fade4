import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Optional, Uuid, WholeNumber } from '@water-clock/core/documents';
import type { Sheet } from '@water-clock/core/sheets';
import { MOST_SHARED_PHOTOS, type PhotoFacts } from '@water-clock/core/photos';
import { ArrayMaxSize, ArrayUnique, IsUUID } from 'class-validator';
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

  @ApiPropertyOptional({
    type: [String],
    description: 'Photos at its timer that it shows, in this order; absent: none',
  })
  @Optional()
  @ArrayMaxSize(MOST_SHARED_PHOTOS, { message: `must be at most ${MOST_SHARED_PHOTOS} photos` })
  @ArrayUnique({ message: 'must name each photo once' })
  @IsUUID('all', { each: true, message: 'must be ids of photos' })
  photoIds?: string[];
}

export class LinkListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
  @ApiProperty({ format: 'date-time' }) expiresAt!: string;
  @ApiProperty({ description: 'The name of who made it' }) madeBy!: string;
  @ApiProperty({ description: 'How often somebody came by it' }) opened!: number;
  @ApiProperty({ type: String, nullable: true, format: 'date-time' })
  lastOpenedAt!: string | null;
  @ApiProperty({ description: 'How many photos it shows' }) photos!: number;
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

/** A photo that was chosen for a link. */
export class SharedPhoto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'date-time' }) takenAt!: string;
  @ApiProperty({ description: 'In pixels' }) width!: number;
  @ApiProperty({ description: 'In pixels' }) height!: number;
  @ApiDocument('PhotoFacts') document!: PhotoFacts;
}

export class HouseholdWatering {
  @ApiProperty() station!: number;
  @ApiProperty() name!: string;
  @ApiProperty({ description: 'From when to when, in the words of the household' }) when!: string;
}

export class HouseholdDay {
  @ApiProperty({ format: 'date' }) date!: string;
  @ApiProperty({ type: [HouseholdWatering] }) waterings!: readonly HouseholdWatering[];
}

/** What a household reads of its timer today, in its language; a sentence each. */
export class HouseholdAnswer {
  @ApiProperty({ type: [HouseholdDay], description: 'Today and six days; empty: nobody knows' })
  days!: readonly HouseholdDay[];
  @ApiProperty({ type: [String] }) holds!: readonly string[];
  @ApiProperty({ type: [String], description: 'When somebody was there last, and what was done' })
  visit!: readonly string[];
  @ApiProperty({ type: [String] }) lookOutFor!: readonly string[];
}

export class SharedSheet {
  @ApiDocument('Sheet') document!: Sheet;
  @ApiProperty({ type: [SharedPhoto], description: 'Those that were chosen for the link' })
  photos!: SharedPhoto[];
  @ApiProperty({ description: 'Of a made-up home, for looking around' }) isDemo!: boolean;
}
