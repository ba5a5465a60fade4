import { ApiProperty } from '@nestjs/swagger';
import { CivilDay } from '@water-clock/core/documents';
import { Transform } from 'class-transformer';

export class OnDate {
  /** The date for which it is asked, `YYYY-MM-DD`. */
  @ApiProperty({ example: '2026-06-01', format: 'date' })
  @CivilDay()
  on!: string;
}

/** A number of a question, which stands in an address as text. */
export const AsNumber = (): PropertyDecorator =>
  Transform(({ value }: { value: unknown }) =>
    typeof value === 'string' && value !== '' ? Number(value) : value,
  );
