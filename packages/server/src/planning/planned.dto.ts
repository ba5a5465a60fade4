import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { REASON_CODES, type Reason } from '@water-clock/core/planner';
import { withDocument } from '../platform/core-documents.js';

export class PlanReason {
  @ApiProperty({ enum: REASON_CODES }) code!: Reason['code'];
  @ApiProperty({ type: Number, nullable: true }) station!: number | null;
  @ApiProperty() message!: string;
}

/** A plan, or why there is none and the smallest changes with which there is one. */
export class PlannedAnswer {
  @ApiProperty() feasible!: boolean;
  @ApiPropertyOptional({
    type: 'object',
    additionalProperties: true,
    description: 'A plan, waterclock.plan/2',
  })
  plan?: Readonly<Record<string, unknown>>;
  @ApiPropertyOptional({ description: 'No plan has fewer programs' })
  isProven?: boolean;
  @ApiPropertyOptional({ type: [PlanReason] })
  reasons?: readonly PlanReason[];
  @ApiPropertyOptional({
    type: 'array',
    items: { type: 'object', additionalProperties: true },
    description: 'Each with its change and its plan',
  })
  nearest?: readonly object[];
}

export class BriefFields extends withDocument('Brief') {}
