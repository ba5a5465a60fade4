import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { CivilDay, OneOf } from '@water-clock/core/documents';
import type { Standing } from '@water-clock/core/standing';
import { ApiCoreAnswer } from '../platform/core-documents.js';
import { HomeOfVisit, VisitToday, WHOSE, type Whose } from './planned-visit.dto.js';

export class RoundQuery {
  @ApiProperty({ example: '2026-06-09', format: 'date', description: 'The date of whoever asks' })
  @CivilDay()
  on!: string;

  @ApiPropertyOptional({ enum: WHOSE, description: 'Of oneself, or of the whole firm' })
  @OneOf(WHOSE)
  whose: Whose = 'firm';
}

/** A timer that somebody has to look at, or at which something falls due. */
export class TimerToDo {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() stations!: number;
  @ApiProperty({ type: HomeOfVisit }) home!: HomeOfVisit;
  @ApiProperty({ description: 'What the household reads' }) language!: string;
  @ApiProperty({
    type: String,
    format: 'date',
    nullable: true,
    description: 'The next visit there',
  })
  plannedOn!: string | null;
  @ApiCoreAnswer('Standing')
  standing!: Standing;
}

export class RoundAnswer {
  @ApiProperty({ type: [VisitToday], description: 'In the order in which they are driven' })
  visits!: VisitToday[];
  @ApiProperty({ type: [TimerToDo], description: 'Those that need something, or will soon' })
  timers!: TimerToDo[];
  @ApiProperty({ description: 'How many timers there are' }) of!: number;
  @ApiProperty({ description: 'Of so many it is still being worked out: ask again in a moment' })
  pending!: number;
}
