import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { readRuleSet } from '@water-clock/core/local-rules';
import { DataSource } from 'typeorm';
import { wholeDocument } from '../platform/documents.js';
import { saveVersion } from '../platform/saved.js';
import { bringBack, RULE_SETS, takeAway } from '../removals/removals.js';
import { RuleSetAnswer, RuleSetChange, RuleSetFields } from './rule-set.dto.js';
import { StoredRuleSet } from '../schema/rule-set.entity.js';
import { transact } from '../platform/transact.js';

@Injectable()
export class RulesService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async list(firmId: string): Promise<RuleSetAnswer[]> {
    const rows = await this.source.manager.find(StoredRuleSet, { where: { firmId } });
    const counts: { rule_set_id: string; count: string }[] = await this.source.query(
      `SELECT rule_set_id, count(*) FROM properties
       WHERE firm_id = $1 AND rule_set_id IS NOT NULL GROUP BY rule_set_id`,
      [firmId],
    );
    const homes = new Map(counts.map(({ rule_set_id, count }) => [rule_set_id, Number(count)]));
    return rows
      .map(({ id, version, document }) => ({
        id,
        version,
        document,
        properties: homes.get(id) ?? 0,
      }))
      .sort((a, b) => a.document.district.localeCompare(b.document.district));
  }

  async add(firmId: string, { document }: RuleSetFields): Promise<RuleSetAnswer> {
    const set = wholeDocument(document, readRuleSet);
    const { id } = await this.source.manager.save(
      this.source.manager.create(StoredRuleSet, { firmId, document: set }),
    );
    return { id, version: 1, document: set, properties: 0 };
  }

  async change(firmId: string, id: string, change: RuleSetChange): Promise<RuleSetAnswer> {
    const document = wholeDocument(change.document, readRuleSet);
    const { version } = change;
    await transact(this.source, (manager) =>
      saveVersion(manager, StoredRuleSet, { firmId, id }, version, { document }, 'rule set'),
    );
    return (await this.list(firmId)).find((set) => set.id === id)!;
  }

  /** Takes a rule set away; the homes that went by it go by none. */
  async remove(firmId: string, id: string): Promise<void> {
    await transact(this.source, (manager) => takeAway(manager, RULE_SETS, firmId, id));
  }

  /** Brings a rule set back, and the homes that went by it and go by none since. */
  async bringBack(firmId: string, id: string): Promise<RuleSetAnswer> {
    await transact(this.source, (manager) => bringBack(manager, RULE_SETS, firmId, id));
    return (await this.list(firmId)).find((set) => set.id === id)!;
  }
}
