import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { dayOf, formatDate } from '@water-clock/core/civil-time';
import { readSheet, type Sheet } from '@water-clock/core/sheets';
import { clockIn } from '@water-clock/core/time-zones';
import { DataSource, IsNull, MoreThan } from 'typeorm';
import { Firm } from '../schema/firm.entity.js';
import { ComputingService } from '../computing/computing.service.js';
import type { Asker } from '../computing/fair-queue.js';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { newToken, tokenHash } from '../people/tokens.js';
import { wholeDocument } from '../platform/documents.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import { settingsAtHome } from '../timer-records/settings-at-home.js';
import { Copy } from '../schema/copy.entity.js';
import { Timer } from '../schema/timer.entity.js';
import { PhotosService, type PhotoBytes } from '../photos/photos.service.js';
import {
  HouseholdAnswer,
  LinkAnswer,
  LinkFields,
  LinkListing,
  SharedSheet,
  SheetAnswer,
  SheetFields,
  SheetListing,
} from './sheet.dto.js';
import { choosePhotos, photosOf, showsPhoto } from './shared-photos.js';
import { ShareLink, StoredSheet } from '../schema/sheet.entity.js';
import { HOUSEHOLD_TASK } from './household-task.js';
import { lastVisit, openStations } from './last-visit.js';
import { PRINT_TASK } from './sheet-pdf.js';

/** The folder of the fonts that sheets are printed in. */
export const FONT_FOLDER = Symbol('font folder');

const DAY_MS = 86_400_000;

@Injectable()
export class SheetsService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly computing: ComputingService,
    private readonly photos: PhotosService,
    @Inject(FONT_FOLDER) private readonly fontFolder: string,
  ) {}

  /** The sheets that were left at a timer, the newest first, with the links that still lead to them. */
  async list(firmId: string, timerId: string): Promise<SheetListing[]> {
    if (!(await this.source.manager.existsBy(Timer, { firmId, id: timerId })))
      throw notFound('timer');
    const rows = await this.source.manager.find(StoredSheet, {
      where: { firmId, timerId },
      relations: { links: { photos: true } },
      order: { madeAt: 'DESC' },
    });
    return rows.map(listing);
  }

  async one(firmId: string, id: string): Promise<SheetAnswer> {
    const row = await this.source.manager.findOne(StoredSheet, {
      where: { firmId, id },
      relations: { links: { photos: true } },
    });
    if (!row) throw notFound('sheet');
    return { ...listing(row), document: row.document };
  }

  /** Keeps a sheet as it is left; one that is sent again under its id is given back. */
  async add(person: SignedIn, timerId: string, fields: SheetFields): Promise<SheetAnswer> {
    const { firmId, name: personName } = person;
    const document = wholeDocument(fields.document, readSheet);
    const id = await transact(this.source, async (manager) => {
      if (!(await lockTimer(manager, firmId, timerId))) throw notFound('timer');
      const known = fields.id && (await manager.findOneBy(StoredSheet, { id: fields.id }));
      if (known) {
        if (known.firmId !== firmId || known.timerId !== timerId)
          throw badInput([{ path: 'id', message: 'is taken' }]);
        return known.id;
      }
      const row = { ...(fields.id && { id: fields.id }), firmId, timerId, personName, document };
      return (await manager.save(manager.create(StoredSheet, row))).id;
    });
    return this.one(firmId, id);
  }

  async pdf(person: SignedIn, id: string): Promise<Uint8Array> {
    const { document } = await this.one(person.firmId, id);
    return this.print(askerOf(person), document);
  }

  /** A new link to a sheet. Its token is told now and never again. */
  async share(
    { firmId, name: madeBy }: SignedIn,
    sheetId: string,
    { days, photoIds = [] }: LinkFields,
  ): Promise<LinkAnswer> {
    const token = newToken();
    const now = Date.now();
    return transact(this.source, async (manager) => {
      const sheet = await manager.findOneBy(StoredSheet, { firmId, id: sheetId });
      if (!sheet) throw notFound('sheet');
      const row = await manager.save(
        manager.create(ShareLink, {
          ...{ firmId, sheetId, tokenHash: tokenHash(token), madeBy },
          madeAt: new Date(now),
          expiresAt: new Date(now + days * DAY_MS),
        }),
      );
      await choosePhotos(manager, sheet, row.id, photoIds);
      return { ...linkListing(row), photos: photoIds.length, token };
    });
  }

  /** From now on the link leads nowhere. */
  async withdraw({ firmId, name: withdrawnBy }: SignedIn, linkId: string): Promise<void> {
    const { affected } = await transact(this.source, (manager) =>
      manager.update(
        ShareLink,
        { firmId, id: linkId, withdrawnAt: IsNull() },
        { withdrawnAt: () => 'now()', withdrawnBy },
      ),
    );
    if (!affected) throw notFound('link');
  }

  /** What a link leads to, as long as it does: the sheet, and the photos that were chosen for it. */
  async shared(token: string): Promise<SharedSheet> {
    const link = await this.opened(token);
    const { document, firmId } = link.sheet;
    return {
      document,
      photos: await photosOf(this.source.manager, link.id),
      isDemo: await this.isDemo(firmId),
    };
  }

  /** What waters today and this week at the timer of a link, what holds it, and what was done last. */
  async sharedNow(token: string): Promise<HouseholdAnswer> {
    const { id, sheet } = await this.linkOf(token);
    const { firmId, timerId } = sheet;
    const { manager } = this.source;
    const { property } = await manager.findOneOrFail(Timer, {
      where: { firmId, id: timerId },
      relations: { property: { ruleSet: true } },
    });
    const at = (moment: Date) => clockIn(property.timeZone ?? 'UTC', moment.getTime());
    const now = at(new Date());
    const [copy, visit, open] = await Promise.all([
      manager.findOneBy(Copy, { firmId, timerId, isInTimer: true }),
      lastVisit(manager, sheet, (moment) => dayOf(at(moment))),
      openStations(manager, sheet),
    ]);
    const { clock, language = 'en' } = sheet.document;
    const today = formatDate(dayOf(now));
    return this.computing.run({ firmId, personId: id }, HOUSEHOLD_TASK, {
      ...{ language, clock, now, visit, openStations: open },
      plan: copy && settingsAtHome(copy.document, property, today),
    });
  }

  /** A photo that a link shows. */
  async sharedPhoto(token: string, photoId: string): Promise<PhotoBytes> {
    const link = await this.linkOf(token);
    if (!(await showsPhoto(this.source.manager, link, photoId))) throw notFound('photo');
    return this.photos.bytes(link.firmId, photoId, 'picture');
  }

  /** The link with this token, as long as it leads somewhere. */
  async linkOf(token: string): Promise<ShareLink> {
    const link = await this.source.manager.findOne(ShareLink, {
      where: {
        tokenHash: tokenHash(token),
        expiresAt: MoreThan(new Date()),
        withdrawnAt: IsNull(),
      },
      relations: { sheet: true },
    });
    if (!link) throw notFound('sheet');
    return link;
  }

  private async opened(token: string): Promise<ShareLink> {
    const link = await this.linkOf(token);
    await this.source.manager.update(
      ShareLink,
      { id: link.id },
      { opened: () => 'opened + 1', lastOpenedAt: () => 'now()' },
    );
    return link;
  }

  private isDemo(firmId: string): Promise<boolean> {
    return this.source.manager.existsBy(Firm, { id: firmId, isDemo: true });
  }

  async sharedPdf(token: string): Promise<Uint8Array> {
    const { id, firmId, document } = (await this.opened(token)).sheet;
    return this.print({ firmId, personId: id }, document);
  }

  private async print(asker: Asker, sheet: Sheet): Promise<Uint8Array> {
    const firm = await this.source.manager.findOneByOrFail(Firm, { id: asker.firmId });
    const paper = firm.units === 'us' ? 'LETTER' : 'A4';
    return this.computing.run(asker, PRINT_TASK, { sheet, paper, fontFolder: this.fontFolder });
  }
}

const linkListing = ({
  id,
  madeAt,
  madeBy,
  expiresAt,
  opened,
  lastOpenedAt,
  photos = [],
}: ShareLink): LinkListing => ({
  ...{ id, madeBy, opened, lastOpenedAt: lastOpenedAt?.toISOString() ?? null },
  photos: photos.length,
  madeAt: madeAt.toISOString(),
  expiresAt: expiresAt.toISOString(),
});

const listing = ({ id, madeAt, personName, links }: StoredSheet): SheetListing => ({
  id,
  madeAt: madeAt.toISOString(),
  person: personName,
  links: links
    .filter(({ expiresAt, withdrawnAt }) => expiresAt > new Date() && withdrawnAt === null)
    .sort((a, b) => a.madeAt.getTime() - b.madeAt.getTime())
    .map(linkListing),
});
