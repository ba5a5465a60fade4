import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Optional, WholeNumber } from '@water-clock/core/documents';

const MOST_MONTHS = 240;
const LEAST_MONTHS_OF_VISITS = 6;

/** For how long a firm keeps what it need not keep; absent: for good. */
export class KeepingFields {
  @ApiProperty({ description: 'What was taken away can be brought back for as long', example: 30 })
  @WholeNumber(1, 365)
  removedDays!: number;

  @ApiPropertyOptional({
    description: 'Names and values in what was noted of changes',
    example: 24,
  })
  @Optional()
  @WholeNumber(1, MOST_MONTHS)
  changesMonths?: number;

  @ApiPropertyOptional({
    description: 'Visits, sheets and copies that nothing else rests on',
    example: 60,
  })
  @Optional()
  @WholeNumber(LEAST_MONTHS_OF_VISITS, MOST_MONTHS)
  visitsMonths?: number;

  @ApiPropertyOptional({ description: 'Properties, from when they were archived', example: 12 })
  @Optional()
  @WholeNumber(1, MOST_MONTHS)
  archivedMonths?: number;
}
