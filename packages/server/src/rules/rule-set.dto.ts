import { ApiProperty } from '@nestjs/swagger';
import type { RuleSet } from '@water-clock/core/local-rules';
import { ApiDocument, changeOfDocument, withDocument } from '../platform/core-documents.js';

export class RuleSetAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() version!: number;
  @ApiProperty({ description: 'How many properties go by it' }) properties!: number;
  @ApiDocument('RuleSet')
  document!: RuleSet;
}

export class RuleSetFields extends withDocument('RuleSet') {}

export class RuleSetChange extends changeOfDocument('RuleSet') {}
