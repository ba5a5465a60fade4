import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { PropertyFile } from '@water-clock/core/property-file';
import { DataSource } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { exportProperty } from './export-property.js';
import { importProperty } from './import-property.js';
import type { ImportAnswer } from './property-file.dto.js';
import { READ_PROPERTY_FILE_TASK } from './read-task.js';
import { transact } from '../platform/transact.js';

@Injectable()
export class PropertyFilesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly computing: ComputingService,
  ) {}

  export(firmId: string, id: string): Promise<PropertyFile> {
    return transact(
      this.source,
      (manager) => exportProperty(manager, firmId, id),
      'REPEATABLE READ',
    );
  }

  /** Brings a file in, all of it or nothing; a preview does the same and takes it back. */
  async import(
    person: SignedIn,
    document: unknown,
    { isPreview }: { isPreview: boolean },
  ): Promise<ImportAnswer> {
    const { firmId, name } = person;
    const read = await this.computing.run(askerOf(person), READ_PROPERTY_FILE_TASK, document);
    const file = wholeDocument(document, () => read);
    try {
      return await transact(this.source, async (manager) => {
        const answer = await importProperty(manager, firmId, file, name);
        if (isPreview) throw new TakenBack(answer);
        return answer;
      });
    } catch (error) {
      if (error instanceof TakenBack) return error.answer;
      throw error;
    }
  }
}

/** Ends a transaction of which nothing is to stay, and says what it would have done. */
class TakenBack extends Error {
  constructor(readonly answer: ImportAnswer) {
    super('taken back');
  }
}
