import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { transact } from '../platform/transact.js';
import { Firm } from '../schema/firm.entity.js';
import { KeepingFields } from './keeping.dto.js';

/** How long a firm keeps things. */
@Injectable()
export class RetentionService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async of(firmId: string): Promise<KeepingFields> {
    const firm = await this.source.manager.findOneByOrFail(Firm, { id: firmId });
    return {
      removedDays: firm.keepRemovedDays,
      ...(firm.keepChangesMonths !== null && { changesMonths: firm.keepChangesMonths }),
      ...(firm.keepVisitsMonths !== null && { visitsMonths: firm.keepVisitsMonths }),
      ...(firm.keepArchivedMonths !== null && { archivedMonths: firm.keepArchivedMonths }),
    };
  }

  async set(firmId: string, fields: KeepingFields): Promise<KeepingFields> {
    const columns = {
      keepRemovedDays: fields.removedDays,
      keepChangesMonths: fields.changesMonths ?? null,
      keepVisitsMonths: fields.visitsMonths ?? null,
      keepArchivedMonths: fields.archivedMonths ?? null,
    };
    await transact(this.source, (manager) => manager.update(Firm, { id: firmId }, columns));
    return this.of(firmId);
  }
}
