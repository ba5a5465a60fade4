import { ApiProperty } from '@nestjs/swagger';
import { CivilDay, WholeNumber } from '@water-clock/core/documents';
import { IsDefined } from 'class-validator';

/** A document, whole. */
export class DocumentFields {
  @ApiProperty({ type: Object })
  @IsDefined({ message: 'is required' })
  document!: unknown;
}

/** A document that takes the place of the stored one. */
export class DocumentChange extends DocumentFields {
  /** The version that the change was made from. */
  @ApiProperty({ example: 1 })
  @WholeNumber(1)
  version!: number;
}

export class OnDate {
  /** The date for which it is asked, `YYYY-MM-DD`. */
  @ApiProperty({ example: '2026-06-01', format: 'date' })
  @CivilDay()
  on!: string;
}
