import { ApiProperty } from '@nestjs/swagger';
import type { RuleSet } from '@water-clock/core/local-rules';

export class RuleSetAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() version!: number;
  @ApiProperty({ description: 'How many properties go by it' }) properties!: number;
  @ApiProperty({ type: Object, description: 'A rule set, waterclock.rules/1' })
  document!: RuleSet;
}
