import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { readPropertyFile, type PropertyFile } from '@water-clock/core/property-file';
import { DataSource } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { exportProperty } from './export-property.js';
import { importProperty } from './import-property.js';
import type { ImportAnswer } from './property-file.dto.js';

@Injectable()
export class PropertyFilesService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  export(firmId: string, id: string): Promise<PropertyFile> {
    return this.source.transaction('REPEATABLE READ', (manager) =>
      exportProperty(manager, firmId, id),
    );
  }

  /** Brings a file in, all of it or nothing; a preview does the same and takes it back. */
  async import(
    { firmId, name }: SignedIn,
    document: unknown,
    { isPreview }: { isPreview: boolean },
  ): Promise<ImportAnswer> {
    const file = wholeDocument(document, readPropertyFile);
    const runner = this.source.createQueryRunner();
    try {
      await runner.startTransaction();
      const answer = await importProperty(runner.manager, firmId, file, name);
      if (isPreview) await runner.rollbackTransaction();
      else await runner.commitTransaction();
      return answer;
    } catch (error) {
      if (runner.isTransactionActive) await runner.rollbackTransaction();
      throw error;
    } finally {
      await runner.release();
    }
  }
}
