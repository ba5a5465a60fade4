import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Optional, UtcMoment, Uuid } from '@water-clock/core/documents';
import type { PhotoFacts, Picture } from '@water-clock/core/photos';
import { IsString } from 'class-validator';
import { ApiDocument, changeOfDocument, withDocument } from '../platform/core-documents.js';

/** A photo as a device made it small. */
export class PhotoFields extends withDocument('PhotoFacts') {
  @ApiProperty({ format: 'uuid', description: 'Made by the device; sent twice it counts once' })
  @Uuid()
  id!: string;

  @ApiProperty({ format: 'date-time' })
  @UtcMoment()
  takenAt!: string;

  @ApiPropertyOptional({ format: 'uuid', description: 'The visit on which it was taken' })
  @Optional()
  @Uuid()
  visitId?: string;

  @ApiPropertyOptional({ format: 'uuid', description: 'The job that it belongs to' })
  @Optional()
  @Uuid()
  jobId?: string;

  @ApiPropertyOptional({
    format: 'uuid',
    description: 'The reading that it belongs to, which may be saved later',
  })
  @Optional()
  @Uuid()
  copyId?: string;

  @ApiProperty({
    format: 'byte',
    description: 'A JPEG or a WebP of at most 1,600 pixels a side and 400 KB',
  })
  @IsString({ message: 'must be a picture in base64' })
  picture!: string;

  @ApiProperty({
    format: 'byte',
    description: 'The same of at most 320 pixels a side and 40 KB, for lists',
  })
  @IsString({ message: 'must be a picture in base64' })
  small!: string;
}

export class PhotoChange extends changeOfDocument('PhotoFacts') {}

/** What a photo is, without its picture. */
export class PhotoAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) visitId!: string | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) jobId!: string | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) copyId!: string | null;
  @ApiProperty({ format: 'date-time' }) takenAt!: string;
  @ApiProperty() person!: string;
  @ApiProperty({ enum: ['image/jpeg', 'image/webp'] }) media!: Picture['media'];
  @ApiProperty({ description: 'In pixels' }) width!: number;
  @ApiProperty({ description: 'In pixels' }) height!: number;
  @ApiProperty() version!: number;
  @ApiDocument('PhotoFacts') document!: PhotoFacts;
}

/** The last photos at a home, and how many there are. */
export class LastPhotos {
  @ApiProperty() total!: number;
  @ApiProperty({ type: [PhotoAnswer] }) photos!: PhotoAnswer[];
}

/** How much of its room for photos a firm has filled. */
export class PhotoRoom {
  @ApiProperty() photos!: number;
  @ApiProperty() bytes!: number;
  @ApiProperty({ description: 'That may be filled' }) mostBytes!: number;
}
