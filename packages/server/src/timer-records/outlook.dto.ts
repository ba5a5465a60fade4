import { ApiProperty } from '@nestjs/swagger';

/** What is said of a timer's settings in lists, from a date on, as if it were switched on. */
export class TimerOutlook {
  @ApiProperty({ description: 'The timer is switched off' }) isOff!: boolean;
  @ApiProperty({ description: 'Its settings are too much to work out: nothing else is known' })
  isTooMuch!: boolean;
  @ApiProperty({ description: 'How many pairs of program runs overlap in fourteen days' })
  collisions!: number;
  @ApiProperty({
    type: String,
    nullable: true,
    description: 'When the first overlap on any date begins',
  })
  firstCollision!: string | null;
  @ApiProperty({ description: 'How many program runs begin in fourteen days' }) runs!: number;
}
