import { ApiProperty } from '@nestjs/swagger';
import { DateTime } from '@water-clock/core/documents';
import { UNIT_RESULTS, type UnitResult } from '@water-clock/core/yards';
import { withDocument } from '../platform/core-documents.js';

/** A simulated timer that is hung up with settings in it. */
export class SimulatorSettings extends withDocument('Plan') {
  @ApiProperty({ example: '2026-06-01T08:00:00', description: 'What its clock shows at first' })
  @DateTime()
  reads!: string;
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
  @ApiProperty({ type: [OpenStation] }) open!: OpenStation[];
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
}
