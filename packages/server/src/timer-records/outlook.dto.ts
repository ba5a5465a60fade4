import { ApiProperty } from '@nestjs/swagger';

/** What the next fourteen nights bring, as far as collisions go. */
export class TimerOutlook {
  @ApiProperty({ description: 'How many pairs of program runs overlap' }) collisions!: number;
  @ApiProperty({ type: String, nullable: true, description: 'When the first overlap begins' })
  firstCollision!: string | null;
  @ApiProperty({ description: 'How many program runs begin' }) runs!: number;
}
