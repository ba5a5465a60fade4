import { ApiProperty } from '@nestjs/swagger';
import { OneOf, OrNull, WholeNumber } from '@water-clock/core/documents';
import { DIFFICULTIES, LARGEST_SEED, LESSONS, type Difficulty } from '@water-clock/core/practice';
import { AsNumber } from '../platform/dto.js';
import { FrontAnswer, OpenStation } from '../simulator/simulator.dto.js';

const LESSON_CODES = LESSONS.map(({ code }) => code);

/** What is played: the same for the same seed. */
export class PlayedFields {
  @ApiProperty({
    type: String,
    nullable: true,
    example: 'percentage',
    description: 'The code of a lesson; null: a free case',
  })
  @OrNull()
  @OneOf(LESSON_CODES)
  lesson: string | null = null;

  @ApiProperty({ enum: DIFFICULTIES, description: 'How many faults a free case has' })
  @OneOf(DIFFICULTIES)
  difficulty: Difficulty = 1;

  @ApiProperty()
  @WholeNumber(0, LARGEST_SEED)
  seed!: number;
}

/** At which station's terminal. */
export class ReadingQuery {
  @ApiProperty({ example: 1 })
  @AsNumber()
  @WholeNumber(1)
  station!: number;
}

/** What a technician would see of it. */
export class PracticeAnswer {
  @ApiProperty({ type: PlayedFields }) playing!: PlayedFields;
  @ApiProperty({ example: '2026-06-01T08:00:00', description: 'What its clock shows' })
  clock!: string;
  @ApiProperty({ example: '2026-06-01T08:00:00' }) trueTime!: string;
  @ApiProperty() speed!: number;
  @ApiProperty({ type: [OpenStation], description: 'What waters in the yard' })
  open!: OpenStation[];
  @ApiProperty({ type: FrontAnswer }) front!: FrontAnswer;
  @ApiProperty({ type: [Number], description: 'Stations under power, opening or not' })
  lit!: number[];
  @ApiProperty({ type: [Number] }) shorted!: number[];
  @ApiProperty({ type: [String] }) programsAmiss!: string[];
  @ApiProperty() isOff!: boolean;
  @ApiProperty() isSensorBypassed!: boolean;
  @ApiProperty() isSensorWet!: boolean;
  @ApiProperty() hasPower!: boolean;
  @ApiProperty() hasBattery!: boolean;
  @ApiProperty() hasBackup!: boolean;
  @ApiProperty({ type: String, nullable: true }) rainDelayUntil!: string | null;
}

export class JudgementAnswer {
  @ApiProperty() isRight!: boolean;
  @ApiProperty({ type: [String], description: 'What is still wrong' }) wrong!: string[];
  @ApiProperty({ type: [String], description: 'What was changed without need' })
  needless!: string[];
  @ApiProperty() presses!: number;
  @ApiProperty({ description: 'Of its true time' }) passedSeconds!: number;
}

/** What came of a lesson, or of free cases with so many faults. */
export class PracticeResult {
  @ApiProperty({ type: String, nullable: true, description: 'Null: free cases' })
  lesson!: string | null;
  @ApiProperty({ enum: DIFFICULTIES }) difficulty!: Difficulty;
  @ApiProperty({ description: 'How often it was played and judged' }) played!: number;
  @ApiProperty({ description: 'How often it was put right' }) right!: number;
  @ApiProperty({ description: 'How often it was right when it was judged first' })
  rightAtOnce!: number;
  @ApiProperty({ type: Number, nullable: true, description: 'Of those that were put right' })
  fewestPresses!: number | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Of those that were put right' })
  shortestSeconds!: number | null;
  @ApiProperty({ type: String, format: 'date-time' }) lastAt!: Date;
}

export class ResultsOfPerson {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: [PracticeResult] }) results!: PracticeResult[];
}
