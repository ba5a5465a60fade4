import { ApiProperty } from '@nestjs/swagger';
import { CivilDay } from '@water-clock/core/documents';

export class OnDate {
  /** The date for which it is asked, `YYYY-MM-DD`. */
  @ApiProperty({ example: '2026-06-01', format: 'date' })
  @CivilDay()
  on!: string;
}
