import { HttpStatus, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { readTelling, seenOfTelling, type Telling } from '@water-clock/core/tellings';
import { DataSource, IsNull, MoreThan, type EntityManager } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import type { SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { notFound, ProblemException } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Copy } from '../schema/copy.entity.js';
import type { ShareLink } from '../schema/sheet.entity.js';
import { StoredTelling, type LikelyCause } from '../schema/telling.entity.js';
import { Timer, TimerSettings } from '../schema/timer.entity.js';
import { SheetsService } from '../sheets/sheets.service.js';
import { EXPLAIN_TASK } from './explain-task.js';
import type { TellingAnswer } from './telling.dto.js';

/** By one link: nobody has more to tell in a day, nor is more read. */
const MOST_A_DAY = 5;
const MOST_OPEN = 20;
const DAY_MS = 86_400_000;
/** Of a firm that are not seen to. */
const MOST_LISTED = 200;

@Injectable()
export class TellingsService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly sheets: SheetsService,
    private readonly computing: ComputingService,
  ) {}

  /** Keeps what whoever has a link tells, and works out what would explain it. */
  async tell(token: string, document: unknown): Promise<void> {
    const link = await this.sheets.linkOf(token);
    const telling = wholeDocument(document, readTelling);
    const { firmId, timerId } = link.sheet;
    const id = await transact(this.source, async (manager) => {
      await refuseTooMany(manager, link);
      const row = { firmId, timerId, linkId: link.id, document: telling };
      return (await manager.save(manager.create(StoredTelling, row))).id;
    });
    const causes = await this.causesOf(link, telling);
    if (causes.length > 0) await this.source.manager.update(StoredTelling, { id }, { causes });
  }

  /** What nobody has seen to yet, the newest first. */
  async open(firmId: string): Promise<TellingAnswer[]> {
    const rows = await this.source.manager.find(StoredTelling, {
      where: { firmId, closedAt: IsNull() },
      relations: { timer: { property: true } },
      order: { toldAt: 'DESC' },
      take: MOST_LISTED,
    });
    return rows.map(answer);
  }

  /** All that was told of a timer, the newest first. */
  async ofTimer(firmId: string, timerId: string): Promise<TellingAnswer[]> {
    const { manager } = this.source;
    if (!(await manager.existsBy(Timer, { firmId, id: timerId }))) throw notFound('timer');
    const rows = await manager.find(StoredTelling, {
      where: { firmId, timerId },
      relations: { timer: { property: true } },
      order: { toldAt: 'DESC' },
      take: MOST_LISTED,
    });
    return rows.map(answer);
  }

  async change({ firmId, name }: SignedIn, id: string, isClosed: boolean): Promise<TellingAnswer> {
    await transact(this.source, async (manager) => {
      const closed = { closedAt: isClosed ? new Date() : null, closedBy: isClosed ? name : '' };
      const { affected } = await manager.update(StoredTelling, { firmId, id }, closed);
      if (!affected) throw notFound('telling');
    });
    const row = await this.source.manager.findOneOrFail(StoredTelling, {
      where: { firmId, id },
      relations: { timer: { property: true } },
    });
    return answer(row);
  }

  /** None where they cannot be worked out now: what was told is kept all the same. */
  private async causesOf(link: ShareLink, telling: Telling): Promise<LikelyCause[]> {
    const seen = seenOfTelling(telling);
    if (!seen) return [];
    const { firmId, timerId } = link.sheet;
    const { manager } = this.source;
    const copy = await manager.findOneBy(Copy, { firmId, timerId, isInTimer: true });
    const plan =
      copy?.document ??
      (await manager.findOneByOrFail(TimerSettings, { firmId, timerId })).document;
    const asker = { firmId, personId: link.id };
    return this.computing.run(asker, EXPLAIN_TASK, { plan, seen }).catch(() => []);
  }
}

async function refuseTooMany(manager: EntityManager, { id: linkId }: ShareLink): Promise<void> {
  await manager.query('SELECT 1 FROM share_links WHERE id = $1 FOR NO KEY UPDATE', [linkId]);
  const since = new Date(Date.now() - DAY_MS);
  const [today, open] = await Promise.all([
    manager.countBy(StoredTelling, { linkId, toldAt: MoreThan(since) }),
    manager.countBy(StoredTelling, { linkId, closedAt: IsNull() }),
  ]);
  if (today >= MOST_A_DAY || open >= MOST_OPEN)
    throw new ProblemException(
      HttpStatus.TOO_MANY_REQUESTS,
      'Enough was told',
      'So much was told by this link that it has to be read first. Telephone the firm.',
    );
}

const answer = (row: StoredTelling): TellingAnswer => ({
  ...{ id: row.id, timerId: row.timerId, timer: row.timer.name },
  ...{ propertyId: row.timer.propertyId, home: row.timer.property.name },
  ...{ toldAt: row.toldAt.toISOString(), document: row.document, causes: row.causes },
  ...{ closedAt: row.closedAt?.toISOString() ?? null, closedBy: row.closedBy },
});
