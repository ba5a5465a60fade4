import { ApiProperty } from '@nestjs/swagger';
import { withDocument } from '../platform/core-documents.js';

/** One thing that an import adds or changes. */
export class ImportChange {
  @ApiProperty({ enum: ['add', 'change'] }) does!: 'add' | 'change';
  @ApiProperty({ example: 'Timer "Garage timer"' }) what!: string;
  @ApiProperty({ type: [String], description: 'What of it, in sentences' }) details!: string[];
}

/** Which timer one of a file is here. */
export class TimerBroughtIn {
  @ApiProperty({ format: 'uuid', description: 'Its id in the file' }) inFile!: string;
  @ApiProperty({ format: 'uuid' }) timerId!: string;
}

/** What an import would do, or did. */
export class ImportAnswer {
  @ApiProperty({ format: 'uuid', description: 'The property' }) propertyId!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: [ImportChange], description: 'Empty: all of it is here already' })
  changes!: ImportChange[];
  @ApiProperty({ type: [TimerBroughtIn] }) timers!: TimerBroughtIn[];
}

export class PropertyFileFields extends withDocument('PropertyFile') {}
