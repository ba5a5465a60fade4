import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { OneOf, Optional, WholeNumber } from '@water-clock/core/documents';
import { AsNumber } from '../platform/dto.js';
import { IsUUID } from 'class-validator';
import {
  CHANGE_KINDS,
  CHANGE_WAYS,
  type ChangedFields,
  type ChangeKind,
  type ChangeWay,
} from '../schema/change.entity.js';

export class ChangesQuery {
  @ApiPropertyOptional({ format: 'uuid', description: 'Of one property only' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a property' })
  propertyId?: string;

  @ApiPropertyOptional({ format: 'uuid', description: 'By one person only' })
  @Optional()
  @IsUUID(undefined, { message: 'must be the id of a person' })
  personId?: string;

  @ApiPropertyOptional({ enum: CHANGE_KINDS })
  @Optional()
  @OneOf(CHANGE_KINDS)
  kind?: ChangeKind;

  @ApiPropertyOptional({ description: 'Older than this change: the next page' })
  @Optional()
  @AsNumber()
  @WholeNumber(1)
  before?: number;
}

export class ChangeAnswer {
  @ApiProperty() id!: number;
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
  @ApiProperty({ type: String, nullable: true, description: 'Null: the installation itself' })
  person!: string | null;
  @ApiProperty({ enum: CHANGE_WAYS }) way!: ChangeWay;
  @ApiProperty({ enum: CHANGE_KINDS }) kind!: ChangeKind;
  @ApiProperty({ type: String, nullable: true }) name!: string | null;
  @ApiProperty({ type: String, nullable: true }) propertyId!: string | null;
  @ApiProperty({
    type: 'object',
    nullable: true,
    additionalProperties: { type: 'array', items: { type: 'string', nullable: true } },
    description: 'Of each field what it was and what it is; of a document which of its parts',
  })
  fields!: ChangedFields | null;
}

export class ChangesPage {
  @ApiProperty({ type: [ChangeAnswer] }) rows!: ChangeAnswer[];
  @ApiProperty({ description: 'There are older ones' }) hasMore!: boolean;
}
