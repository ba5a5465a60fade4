import { randomUUID } from 'node:crypto';
import { Injectable, Logger, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { isTooMuch } from '@water-clock/core/engine';
import { Customary } from '@water-clock/core/needs';
import type { WeatherFile } from '@water-clock/core/weather';
import type { DataSource } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import type { Asker } from '../computing/fair-queue.js';
import type { Task } from '../computing/task.js';
import { transact } from '../platform/transact.js';
import { QueuesService } from '../queues/queues.service.js';
import type { Rollout } from '../schema/rollout.entity.js';
import {
  FIX_TASK,
  TRY_TASK,
  type Fixed,
  type FixesAsked,
  type RolloutAsked,
  type TouchedTimer,
  type Tried,
} from './rollout-tasks.js';

/** Few enough that whoever asks for something meanwhile hardly waits. */
const TRIED_AT_ONCE = 50;
const FIXED_AT_ONCE = 5;
/** As long as somebody may wait for the fixes of all, shared among them; of each no less, and no more. */
const ALL_FIXES_MS = 20_000;
const LEAST_FIX_MS = 100;
const MOST_FIX_MS = 1500;
/** Of one that somebody looks at by itself. */
const FIX_ALONE_MS = 8000;
/** A process that says nothing for so long is gone, and another one goes on: no batch takes as long. */
const LEASE_SECONDS = 30;
const LOOK_MS = 5000;

type Leased = Pick<Rollout, 'id' | 'firmId' | 'change' | 'onDate' | 'fromDate'>;

interface BatchRow extends TouchedTimer {
  readonly timerId: string;
  readonly version: number;
  /** The version that it was tried on; null: it was not. */
  readonly triedVersion: number | null;
}

/**
 * Tries changes of many homes and works out what mends what they break, a few timers at a time. All that is known
 * stands in the database: it goes on where it was, in whichever process, after a stop or the end of one.
 */
@Injectable()
export class RolloutWork implements OnModuleInit, OnModuleDestroy {
  readonly #logger = new Logger('Rollouts');
  readonly #self = randomUUID();
  #looking: NodeJS.Timeout | null = null;

  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly computing: ComputingService,
    private readonly queues: QueuesService,
  ) {}

  async onModuleInit(): Promise<void> {
    if (!this.queues.isHere) return;
    await this.queues.take('rollout', (id) => this.goOn(id), { isSoon: true });
    this.#looking = setInterval(() => {
      this.#pickUp().catch((error: unknown) => this.#logger.warn(String(error)));
    }, LOOK_MS).unref();
  }

  onModuleDestroy(): void {
    if (this.#looking) clearInterval(this.#looking);
  }

  /** Has it gone on with by whichever process comes first. */
  async begin(rolloutId: string): Promise<void> {
    await this.queues.send('rollout', rolloutId);
  }

  /** Goes on until it is done, is stopped, or another process is at it. */
  async goOn(rolloutId: string): Promise<void> {
    let limitMs: number | null = null;
    while (!this.queues.isEnding) {
      const leased = await this.#lease(rolloutId);
      if (!leased) return;
      if (await this.#tryNext(leased)) {
        limitMs = null;
        continue;
      }
      limitMs ??= await this.#limitMs(leased);
      if (await this.#fixNext(leased, limitMs)) continue;
      await this.source.query(
        `UPDATE rollouts SET state = 'ready', leased_by = NULL, leased_until = NULL
         WHERE id = $1 AND leased_by = $2 AND state = 'working'`,
        [rolloutId, this.#self],
      );
      return;
    }
    await this.source.query(
      `UPDATE rollouts SET leased_by = NULL, leased_until = NULL WHERE id = $1 AND leased_by = $2`,
      [rolloutId, this.#self],
    );
  }

  /** Those that nobody is at any more: the process that was has ended, or had no part in queues. */
  async #pickUp(): Promise<void> {
    const left = await this.source.query<{ id: string }[]>(
      `SELECT id FROM rollouts WHERE state = 'working'
         AND (leased_until IS NULL OR leased_until < now()) ORDER BY created_at LIMIT 20`,
    );
    for (const { id } of left) await this.begin(id);
  }

  async #lease(id: string): Promise<Leased | null> {
    const [rows] = await this.source.query<[Leased[], number]>(
      `UPDATE rollouts SET leased_by = $2, leased_until = now() + make_interval(secs => $3)
       WHERE id = $1 AND state = 'working' AND closed_at IS NULL
         AND (leased_by = $2 OR leased_until IS NULL OR leased_until < now())
       RETURNING id, firm_id AS "firmId", change, on_date::text AS "onDate",
         from_date::text AS "fromDate"`,
      [id, this.#self, LEASE_SECONDS],
    );
    return rows[0] ?? null;
  }

  /** False: all are tried. */
  async #tryNext(rollout: Leased): Promise<boolean> {
    const batch = await this.#batch(rollout, 'r.outcome IS NULL', TRIED_AT_ONCE * this.#lanes);
    if (batch.length === 0) return false;
    await this.#inLanes(batch, async (part) => {
      const tried = await this.#each(
        nobody(rollout),
        rollout,
        part,
        TRY_TASK,
        (asked) => asked,
        NOT_TRIED,
      );
      await this.#store(rollout, part, tried.map(columnsOfTrial));
    });
    return true;
  }

  /** False: all that is broken has its fix. */
  async #fixNext(rollout: Leased, limitMs: number): Promise<boolean> {
    const batch = await this.#batch(
      rollout,
      `r.fix IS NULL AND r.accepted_at IS NULL AND r.outcome IN ('breaks', 'was-broken')`,
      FIXED_AT_ONCE * this.#lanes,
    );
    if (batch.length === 0) return false;
    const changed = batch.filter(({ version, triedVersion }) => version !== triedVersion);
    if (changed.length > 0) {
      await this.tryAgain(
        rollout.id,
        changed.map(({ timerId }) => timerId),
      );
      return true;
    }
    await this.#inLanes(batch, async (part) => {
      const fixed = await this.#fixed(nobody(rollout), rollout, part, limitMs);
      await this.#store(rollout, part, fixed.map(columnsOfFix));
    });
    return true;
  }

  get #lanes(): number {
    return this.computing.lanes;
  }

  /** A part of a batch on each core, as evenly as may be. */
  async #inLanes(
    batch: readonly BatchRow[],
    work: (part: readonly BatchRow[]) => Promise<void>,
  ): Promise<void> {
    const lanes = Array.from({ length: this.#lanes }, (_, lane) =>
      batch.filter((_row, index) => index % this.#lanes === lane),
    );
    await Promise.all(lanes.filter((part) => part.length > 0).map(work));
  }

  #fixed(
    asker: Asker,
    rollout: Leased,
    batch: readonly BatchRow[],
    limitMs: number,
  ): Promise<readonly Fixed[]> {
    return this.#each(
      asker,
      rollout,
      batch,
      FIX_TASK,
      (asked): FixesAsked => ({ ...asked, limitMs }),
      notFixed(rollout),
    );
  }

  /** How long each is looked at: the fewer there are, the longer. */
  async #limitMs({ id }: Leased): Promise<number> {
    const [row] = await this.source.query<{ count: number }[]>(
      `SELECT count(*)::integer AS count FROM rollout_timers
       WHERE rollout_id = $1 AND outcome IN ('breaks', 'was-broken')`,
      [id],
    );
    const each = ALL_FIXES_MS / Math.max(1, row?.count ?? 1);
    return Math.min(MOST_FIX_MS, Math.max(LEAST_FIX_MS, each));
  }

  /** Looks for the fix of one timer as long as for one by itself; false: it is of no use, or was accepted. */
  async lookLonger(asker: Asker, id: string, timerId: string): Promise<boolean> {
    const [rollout] = await this.source.query<Leased[]>(
      `SELECT id, firm_id AS "firmId", change, on_date::text AS "onDate",
         from_date::text AS "fromDate" FROM rollouts WHERE id = $1 AND firm_id = $2`,
      [id, asker.firmId],
    );
    if (!rollout) return false;
    const isThis = `r.timer_id = $2 AND r.accepted_at IS NULL
      AND r.outcome IN ('breaks', 'was-broken')`;
    const batch = await this.#batch(rollout, isThis, 1, [timerId]);
    if (!batch.some(({ version, triedVersion }) => version === triedVersion)) return false;
    const fixed = await this.#fixed(asker, rollout, batch, FIX_ALONE_MS);
    await this.#store(rollout, batch, fixed.map(columnsOfFix));
    return true;
  }

  /** All at once; where that is too much each alone, and what is too much by itself is said to be. */
  async #each<Asked extends RolloutAsked, Answer>(
    asker: Asker,
    rollout: Leased,
    batch: readonly BatchRow[],
    task: Task<Asked, readonly Answer[]>,
    of: (asked: RolloutAsked) => Asked,
    tooMuch: Answer,
  ): Promise<readonly Answer[]> {
    const asked = of(await this.#asked(rollout, batch));
    try {
      return await this.computing.run(asker, task, asked);
    } catch (error) {
      if (!isTooMuch(error)) throw error;
    }
    if (batch.length === 1) return [tooMuch];
    const answers: Answer[] = [];
    for (const one of batch) {
      // It takes longer than a batch does.
      await this.#lease(rollout.id);
      answers.push(...(await this.#each(asker, rollout, [one], task, of, tooMuch)));
    }
    return answers;
  }

  /** Somebody has saved other settings of timers since they were tried. */
  async tryAgain(rolloutId: string, timerIds: readonly string[]): Promise<void> {
    await transact(this.source, async (manager) => {
      await manager.query(
        `UPDATE rollout_timers SET outcome = NULL, tried_version = NULL, fix = NULL, target = NULL
         WHERE rollout_id = $1 AND timer_id = ANY($2) AND accepted_at IS NULL`,
        [rolloutId, timerIds],
      );
      // Whoever is about to say that all is done has not seen these.
      await manager.query(
        `UPDATE rollouts SET leased_by = NULL, leased_until = NULL,
           state = CASE WHEN state = 'ready' THEN 'working' ELSE state END WHERE id = $1`,
        [rolloutId],
      );
    });
  }

  async #batch(
    { id }: Leased,
    which: string,
    most: number,
    more: readonly string[] = [],
  ): Promise<BatchRow[]> {
    return this.source.query(
      `SELECT r.timer_id AS "timerId", r.tried_version AS "triedVersion", s.version, s.document,
         y.document AS yard, p.weather_id AS "weatherId",
         jsonb_build_object('name', p.name, 'timeZone', p.time_zone, 'latitude', p.latitude,
           'longitude', p.longitude, 'supplyLpm', p.supply_lpm, 'address', p.address,
           'mowingWeekdays', p.mowing_weekdays, 'isDryBeforeMowing', p.is_dry_before_mowing,
           'supplySource', p.supply_source,
           'ruleSet', CASE WHEN g.id IS NULL THEN NULL
             ELSE jsonb_build_object('document', g.document) END) AS home
       -- Chosen first: so few that whatever the database believes of these tables, each is looked up by its id.
       FROM (SELECT r.timer_id, r.tried_version FROM rollout_timers r
         WHERE r.rollout_id = $1 AND ${which} ORDER BY r.timer_id LIMIT ${most}) r
       JOIN timers t ON t.id = r.timer_id
       JOIN timer_settings s ON s.timer_id = t.id
       JOIN timer_yards y ON y.timer_id = t.id
       JOIN properties p ON p.id = t.property_id
       LEFT JOIN rule_sets g ON g.id = p.rule_set_id
       ORDER BY r.timer_id`,
      [id, ...more],
    );
  }

  async #asked(
    { firmId, change, onDate, fromDate }: Leased,
    timers: readonly BatchRow[],
  ): Promise<RolloutAsked> {
    const isOfSeason = change.kind === 'season-step';
    const weatherIds = isOfSeason ? timers.flatMap(({ weatherId }) => weatherId ?? []) : [];
    const weather = await this.source.query<{ id: string; document: WeatherFile }[]>(
      'SELECT id, document FROM weather WHERE firm_id = $1 AND id = ANY($2)',
      [firmId, [...new Set(weatherIds)]],
    );
    const [firm] = await this.source.query<{ customary: Customary | null }[]>(
      'SELECT customary FROM firms WHERE id = $1',
      [firmId],
    );
    return {
      ...{ change, timers, on: onDate, from: fromDate },
      customary: firm?.customary ?? new Customary(),
      weather: new Map(weather.map(({ id, document }) => [id, document])),
    };
  }

  /** For those that were not accepted meanwhile. */
  async #store(
    { id }: Leased,
    batch: readonly BatchRow[],
    columns: readonly object[],
  ): Promise<void> {
    const rows = batch.map(({ timerId, version }, index) => ({
      ...{ timer_id: timerId, tried_version: version },
      ...columns[index],
    }));
    await transact(this.source, (manager) =>
      manager.query(
        `UPDATE rollout_timers r SET tried_version = g.tried_version,
           outcome = coalesce(g.outcome, r.outcome), breaks = coalesce(g.breaks, r.breaks),
           fix = g.fix, target = g.target, values_changed = g.values_changed
         FROM jsonb_to_recordset($2::jsonb) AS g (timer_id uuid, tried_version integer,
           outcome text, breaks jsonb, fix jsonb, target jsonb, values_changed integer)
         WHERE r.rollout_id = $1 AND r.timer_id = g.timer_id AND r.accepted_at IS NULL`,
        [id, JSON.stringify(rows)],
      ),
    );
  }
}

const NOT_TRIED: Tried = { outcome: 'too-much', breaks: [], target: null, values: 0 };

const notFixed = ({ fromDate }: Leased): Fixed => ({
  ...{ target: null, values: 0 },
  fix: { changes: [], isRepaired: false, isProven: false, left: [], holdsFrom: fromDate },
});

const nobody = ({ firmId }: Leased): Asker => ({ firmId, personId: null });

const columnsOfTrial = ({ values, ...tried }: Tried) => ({
  ...{ ...tried, fix: null, values_changed: values },
});

const columnsOfFix = ({ values, ...fixed }: Fixed) => ({ ...fixed, values_changed: values });
