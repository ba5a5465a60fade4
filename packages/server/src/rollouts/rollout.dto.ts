import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { Due } from '@water-clock/core/dues';
import {
  CivilDay,
  CivilDayFrom,
  Flag,
  OneOf,
  Optional,
  Uuid,
  WholeNumber,
} from '@water-clock/core/documents';
import {
  OUTCOMES,
  type Break,
  type Fix,
  type HomesChange,
  type Outcome,
} from '@water-clock/core/rollouts';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsString, IsUUID, MaxLength } from 'class-validator';
import {
  ApiCoreAnswer,
  ApiCoreAnswers,
  ApiDocument,
  DocumentField,
} from '../platform/core-documents.js';
import { AsNumber } from '../platform/dto.js';
import { HomeOfVisit } from '../round/planned-visit.dto.js';
import { ROLLOUT_STATES, type RolloutState } from '../schema/rollout.entity.js';

/** A page of them. */
export const MOST_AT_ONCE = 100;
const USUAL_PAGE = 50;

/** A change that is to be tried on all homes that it touches. */
/** More homes than these nobody chooses one by one. */
const MOST_HOMES = 500;

export class NewRollout {
  @ApiPropertyOptional({ format: 'uuid', description: 'Sent twice it counts once' })
  @Optional()
  @Uuid()
  id?: string;

  @ApiProperty({ default: '', description: 'Empty: by what is changed' })
  @IsString({ message: 'must be a text' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name: string = '';

  @DocumentField('HomesChange')
  change!: unknown;

  @ApiProperty({ example: '2026-06-09', format: 'date', description: 'The date of whoever asks' })
  @CivilDay()
  on!: string;

  @ApiProperty({ example: '2026-07-01', format: 'date', description: 'From when on it holds' })
  @CivilDayFrom('on')
  from!: string;

  @ApiPropertyOptional({
    ...{ type: [String], format: 'uuid', maxItems: MOST_HOMES },
    description: 'Only these homes; absent: all that it touches',
  })
  @Optional()
  @IsArray({ message: 'must be a list' })
  @ArrayMinSize(1, { message: 'must name a home' })
  @ArrayMaxSize(MOST_HOMES, { message: `must have at most ${MOST_HOMES} entries` })
  @IsUUID(undefined, { each: true, message: 'must be the ids of homes' })
  propertyIds?: string[];
}

/** What became of what was accepted, as far as anybody knows; of each timer the furthest. */
export const PROGRESS = [
  'read-back',
  'keyed-in',
  'household',
  'messaged',
  'put-off',
  'planned',
  'to-do',
] as const;
export type Progress = (typeof PROGRESS)[number];

export class OutcomeCounts {
  @ApiProperty() untouched!: number;
  @ApiProperty() well!: number;
  @ApiProperty() breaks!: number;
  @ApiProperty() wasBroken!: number;
  @ApiProperty() tooMuch!: number;
}

export class ProgressCounts {
  @ApiProperty({ description: 'Keyed in, and read off the timer again' }) readBack!: number;
  @ApiProperty({ description: 'Keyed in, or so we say, and not read back' }) keyedIn!: number;
  @ApiProperty({ description: 'The household says that it did it' }) household!: number;
  @ApiProperty({ description: 'A message was opened; nobody sees whether it was sent' })
  messaged!: number;
  @ApiProperty() putOff!: number;
  @ApiProperty({ description: 'A visit is planned' }) planned!: number;
  @ApiProperty() toDo!: number;
}

export class RolloutListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiDocument('HomesChange')
  change!: HomesChange;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty({ format: 'date' }) from!: string;
  @ApiProperty({ enum: ROLLOUT_STATES }) state!: RolloutState;
  @ApiProperty({ type: String, format: 'date-time', nullable: true }) inForceAt!: string | null;
  @ApiProperty({ type: String, format: 'date-time', nullable: true }) closedAt!: string | null;
  @ApiProperty({ format: 'date-time' }) createdAt!: string;
  @ApiProperty({ description: 'The name of who tried it' }) madeBy!: string;
  @ApiProperty({ description: 'How many timers it may touch' }) of!: number;
  @ApiProperty({ description: 'How many of them are tried' }) tried!: number;
  @ApiProperty({ description: 'How many have something broken that is to be fixed' })
  toFix!: number;
  @ApiProperty({ description: 'For how many of them a fix was looked for' }) fixed!: number;
  @ApiProperty({ description: 'How many can be accepted and were not' }) acceptable!: number;
  @ApiProperty() accepted!: number;
  @ApiProperty({ type: OutcomeCounts }) outcomes!: OutcomeCounts;
}

export class RolloutAnswer extends RolloutListing {
  @ApiProperty({ type: ProgressCounts }) progress!: ProgressCounts;
  @ApiProperty({
    description: 'Of so many accepted ones it is still being worked out: ask again in a moment',
  })
  pending!: number;
}

export class RolloutQuery {
  @ApiProperty({ example: '2026-06-09', format: 'date', description: 'The date of whoever asks' })
  @CivilDay()
  on!: string;
}

/** Which timers of a change: by what it does to them, or what was accepted. */
export const WHICH = ['all', 'accepted', ...OUTCOMES] as const;
export type Which = (typeof WHICH)[number];

export class RolloutTimersQuery extends RolloutQuery {
  @ApiPropertyOptional({ enum: WHICH, description: 'Absent: all that it touches' })
  @OneOf(WHICH)
  which: Which = 'all';

  @ApiPropertyOptional({ default: 0 })
  @AsNumber()
  @WholeNumber(0)
  skip: number = 0;

  @ApiPropertyOptional({ default: USUAL_PAGE, maximum: MOST_AT_ONCE })
  @AsNumber()
  @WholeNumber(1, MOST_AT_ONCE)
  take: number = USUAL_PAGE;
}

/** Somebody has put it off. */
export class PutOffUntil {
  @ApiProperty({ format: 'date' }) until!: string;
  @ApiProperty() reason!: string;
}

/** What a change of many homes comes to at a timer. */
export class TimerOfRollout {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() stations!: number;
  @ApiProperty({ type: HomeOfVisit }) home!: HomeOfVisit;
  @ApiProperty({ description: 'What the household reads' }) language!: string;
  @ApiProperty({ enum: OUTCOMES, nullable: true, description: 'Null: not tried yet' })
  outcome!: Outcome | null;
  @ApiCoreAnswers('Break')
  breaks!: Break[];
  @ApiCoreAnswer('Fix', 'Null: nothing is to be fixed, or it is not worked out yet')
  fix!: Fix | null;
  @ApiProperty({ description: 'How many values are to be keyed in' }) values!: number;
  @ApiProperty({ description: 'There is something to accept, and it leaves nothing wrong' })
  isAcceptable!: boolean;
  @ApiProperty({ type: String, format: 'date-time', nullable: true }) acceptedAt!: string | null;
  @ApiProperty({
    enum: PROGRESS,
    nullable: true,
    description: 'Null: not accepted, or still being worked out',
  })
  progress!: Progress | null;
  @ApiProperty({ type: PutOffUntil, nullable: true })
  putOff!: PutOffUntil | null;
  @ApiProperty({ type: String, format: 'date', nullable: true, description: 'The next visit' })
  plannedOn!: string | null;
  @ApiCoreAnswer('Due', 'Null: nothing is due')
  due!: Due | null;
}

export class TimersOfRollout {
  @ApiProperty({ type: [TimerOfRollout] }) timers!: TimerOfRollout[];
  @ApiProperty() total!: number;
}

/** Timers of a change, a page of them at most. */
export class TimersOfChange {
  @ApiProperty({ type: [String], format: 'uuid', maxItems: MOST_AT_ONCE })
  @IsArray({ message: 'must be a list' })
  @ArrayMinSize(1, { message: 'must name a timer' })
  @ArrayMaxSize(MOST_AT_ONCE, { message: `must have at most ${MOST_AT_ONCE} entries` })
  @IsUUID(undefined, { each: true, message: 'must be the ids of timers' })
  timerIds!: string[];
}

/** Timers to accept a change for; absent: the next hundred of those that can be. */
export class AcceptedTimers {
  @ApiPropertyOptional({ type: [String], format: 'uuid', maxItems: MOST_AT_ONCE })
  @Optional()
  @IsArray({ message: 'must be a list' })
  @ArrayMinSize(1, { message: 'must name a timer' })
  @ArrayMaxSize(MOST_AT_ONCE, { message: `must have at most ${MOST_AT_ONCE} entries` })
  @IsUUID(undefined, { each: true, message: 'must be the ids of timers' })
  timerIds?: string[];
}

/** Why something was not done: another has saved other settings meanwhile, it is keyed in, or there is nothing to do. */
export const REFUSALS = ['changed', 'keyed-in', 'nothing'] as const;
export type Refusal = (typeof REFUSALS)[number];

export class RefusedTimer {
  @ApiProperty({ format: 'uuid' }) timerId!: string;
  @ApiProperty({ enum: REFUSALS }) why!: Refusal;
}

export class DoneOfChange {
  @ApiProperty({ description: 'At how many timers it was done' }) done!: number;
  @ApiProperty({ type: [RefusedTimer] }) refused!: RefusedTimer[];
}

export class RolloutClosing {
  @ApiProperty()
  @Flag()
  isClosed!: boolean;
}
