import { ApiProperty } from '@nestjs/swagger';
import { DateTime } from '@water-clock/core/documents';
import { UNIT_RESULTS, type UnitResult } from '@water-clock/core/yards';
import { KEY_IN_PARTS, type KeyInPart } from '@water-clock/core/timer-types';
import { OptionalDocumentField, withDocument } from '../platform/core-documents.js';

/** A simulated timer that is hung up with settings in it. */
export class SimulatorSettings extends withDocument('Plan') {
  @ApiProperty({ example: '2026-06-01T08:00:00', description: 'What its clock shows at first' })
  @DateTime()
  reads!: string;

  @OptionalDocumentField('TimerHandling', 'How its kind asks; absent: as most do')
  handling?: unknown;
}

/** Water that has flowed, by its clock. */
export class FlowAnswer {
  @ApiProperty() station!: number;
  @ApiProperty({ example: '2026-06-01T04:00:00' }) from!: string;
  @ApiProperty() to!: string;
}

/** The one value that its display shows. */
export class FrontAnswer {
  @ApiProperty({ enum: KEY_IN_PARTS }) part!: KeyInPart;
  @ApiProperty({ description: 'The letter that is chosen' }) program!: string;
  @ApiProperty({ description: 'False: the value is of the whole timer' }) isOfProgram!: boolean;
  @ApiProperty({ type: Number, nullable: true }) station!: number | null;
  @ApiProperty() what!: string;
  @ApiProperty() value!: string;
  @ApiProperty({ description: 'From 1' }) place!: number;
  @ApiProperty() of!: number;
}

/** A station that waters now. */
export class OpenStation {
  @ApiProperty() station!: number;
  @ApiProperty({ description: 'Empty: by hand' }) program!: string;
  @ApiProperty() secondsLeft!: number;
}

/** What the simulated timer shows and does now; the simulator may tell more. */
export class SimulatorAnswer {
  @ApiProperty({ example: '2026-06-01T08:00:00', description: 'What its clock shows' })
  clock!: string;
  @ApiProperty({ description: 'How many seconds of it go by in one' }) speed!: number;
  @ApiProperty({ type: [OpenStation], description: 'What waters, whether it is to or not' })
  open!: OpenStation[];
  @ApiProperty({ type: FrontAnswer }) front!: FrontAnswer;
  @ApiProperty({ type: [Number], description: 'Stations under power, opening or not' })
  lit!: number[];
  @ApiProperty({ type: [Number], description: 'Stations whose short it has met' })
  shorted!: number[];
  @ApiProperty({ type: [String], description: 'Programs that are set only in part' })
  programsAmiss!: string[];
  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' } })
  faults!: Record<string, string>;
  @ApiProperty() flowLpm!: number;
  @ApiProperty({
    type: Object,
    additionalProperties: { type: 'number' },
    description: 'By how much more flows at a station, as a share of its flow',
  })
  leaks!: Record<string, number>;
  @ApiProperty({ type: [FlowAnswer], description: 'In the last 24 hours of its clock' })
  watered!: FlowAnswer[];
  @ApiProperty() isOff!: boolean;
  @ApiProperty() isSensorBypassed!: boolean;
  @ApiProperty() isSensorWet!: boolean;
  @ApiProperty() isFreezing!: boolean;
  @ApiProperty() hasPower!: boolean;
  @ApiProperty() hasBattery!: boolean;
  @ApiProperty({ description: 'It keeps a copy of its own' }) hasBackup!: boolean;
  @ApiProperty({ type: String, nullable: true }) rainDelayUntil!: string | null;
}

/** A simulated timer that hangs at a home now. */
export class SimulatedTimer {
  @ApiProperty({ format: 'uuid', description: 'Of the timer in whose place it hangs' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() home!: string;
  @ApiProperty({ description: 'What its clock shows' }) clock!: string;
  @ApiProperty() speed!: number;
  @ApiProperty({ type: [Number], description: 'Stations under power' }) lit!: number[];
}

export class SimulatedTimers {
  @ApiProperty({ description: 'The simulator answers' }) isRunning!: boolean;
  @ApiProperty({ type: [SimulatedTimer] }) timers!: SimulatedTimer[];
}

/** A valve unit that answered on the two wires. */
export class CableUnit {
  @ApiProperty({ example: 'VU-39256' }) serial!: string;
  @ApiProperty() address!: number;
}

export class CableAnswer {
  @ApiProperty({ type: [CableUnit], description: 'The nearest first' }) units!: CableUnit[];
}

export class UnitTestAnswer {
  @ApiProperty({ enum: UNIT_RESULTS, enumName: 'UnitResult' }) result!: UnitResult;
  @ApiProperty({ type: Number, nullable: true, description: 'What it drew' })
  milliamps!: number | null;
}

export class MeterAnswer {
  @ApiProperty({ type: Number, nullable: true, description: 'Null: no circuit' })
  ohms!: number | null;
  @ApiProperty({ description: 'While it is to be on' }) amps!: number;
}
