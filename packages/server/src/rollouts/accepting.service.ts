import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { plannedChangeKey } from '@water-clock/core/dues';
import { In, type DataSource, type EntityManager } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { RulesService } from '../rules/rules.service.js';
import { Copy } from '../schema/copy.entity.js';
import { Rollout, RolloutTimer } from '../schema/rollout.entity.js';
import { TimerSettings } from '../schema/timer.entity.js';
import { TimerType } from '../schema/timer-type.entity.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import { makeCopy } from '../timer-records/make-copy.js';
import { storeSettings } from '../timer-records/store-settings.js';
import { TimerTypesService } from '../timer-types/timer-types.service.js';
import { RolloutWork } from './rollout-work.js';
import { IS_ACCEPTABLE } from './acceptable.js';
import { MOST_AT_ONCE, type DoneOfChange, type Refusal } from './rollout.dto.js';

/** Since a change was accepted for a timer something was keyed in there, or read off it, or somebody said so of what is due ($3). */
const IS_KEYED_IN = `SELECT 1 FROM rollout_timers r WHERE r.rollout_id = $1 AND r.timer_id = $2
  AND (EXISTS (SELECT 1 FROM visit_entries e JOIN visits v ON v.id = e.visit_id
      WHERE v.timer_id = r.timer_id AND e.observed_at > r.accepted_at
        AND e.document ->> 'kind' = 'key-in' AND e.document ->> 'key' <> 'clock')
    OR EXISTS (SELECT 1 FROM due_answers d WHERE d.timer_id = r.timer_id AND d.key = $3
      AND d.done_by IS NOT NULL AND d.made_at > r.accepted_at)
    OR EXISTS (SELECT 1 FROM copies c WHERE c.timer_id = r.timer_id AND c.is_in_timer
      AND c.made_at > r.accepted_at))`;

const ACCEPTABLE = `SELECT 1 FROM rollout_timers r
  WHERE r.rollout_id = $1 AND r.timer_id = $2 AND ${IS_ACCEPTABLE}`;

type Work = (
  manager: EntityManager,
  row: RolloutTimer,
  rollout: Rollout,
) => Promise<Refusal | null>;

/** What becomes of a change that was tried: it is taken for a timer, taken back, or put into force. */
@Injectable()
export class AcceptingService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly work: RolloutWork,
    private readonly rules: RulesService,
    private readonly timerTypes: TimerTypesService,
  ) {}

  /** Saves what was worked out as the settings of timers, each with a planned copy, and of none that somebody changed. */
  async accept(
    person: SignedIn,
    id: string,
    wanted: readonly string[] | undefined,
  ): Promise<DoneOfChange> {
    const { firmId, name: savedBy } = person;
    const timerIds = wanted ?? (await this.#acceptable(id));
    const answer = await this.#each(person, id, timerIds, async (manager, row, { name }) => {
      const { timerId, target, triedVersion } = row;
      if (row.acceptedAt) return null;
      const [isGood] = await manager.query<unknown[]>(ACCEPTABLE, [id, timerId]);
      if (!target || triedVersion === null || !isGood) return 'nothing';
      const settings = await manager.findOneByOrFail(TimerSettings, { firmId, timerId });
      if (settings.version !== triedVersion) return 'changed';
      const copyId = await makeCopy(manager, {
        ...{ firmId, timerId, reason: 'planned', name, document: target },
        ...{ personName: savedBy, isInTimer: false },
      });
      await storeSettings(
        manager,
        { ...{ firmId, timerId, savedBy, fromVersion: triedVersion } },
        target,
      );
      await manager.update(
        RolloutTimer,
        { rolloutId: id, timerId },
        {
          ...{ acceptedAt: () => 'now()', acceptedVersion: triedVersion + 1, copyId },
          before: settings.document,
        },
      );
      return null;
    });
    const changed = answer.refused.filter(({ why }) => why === 'changed');
    if (changed.length > 0) {
      await this.work.tryAgain(
        id,
        changed.map(({ timerId }) => timerId),
      );
      await this.work.begin(id);
    }
    return answer;
  }

  /** Puts back the settings that were there before, and takes the planned copy away, until something is keyed in. */
  async withdraw(person: SignedIn, id: string, timerIds: readonly string[]): Promise<DoneOfChange> {
    const { firmId, name: savedBy } = person;
    return this.#each(person, id, timerIds, async (manager, row) => {
      const { timerId, acceptedVersion, before, copyId } = row;
      if (acceptedVersion === null || !before) return null;
      if (
        (await manager.query<unknown[]>(IS_KEYED_IN, [id, timerId, plannedChangeKey(id)])).length >
        0
      )
        return 'keyed-in';
      const { version } = await manager.findOneByOrFail(TimerSettings, { firmId, timerId });
      if (version !== acceptedVersion) return 'changed';
      const at = { firmId, timerId, savedBy, fromVersion: version };
      await storeSettings(manager, at, before);
      if (copyId) await manager.delete(Copy, { firmId, id: copyId });
      await manager.update(
        RolloutTimer,
        { rolloutId: id, timerId },
        {
          ...{ acceptedAt: null, acceptedVersion: null, copyId: null, messagedAt: null },
          ...{ before: null, triedVersion: version + 1 },
        },
      );
      return null;
    });
  }

  /** Saves the rules, or the timer type, as they were tried. */
  async putInForce({ firmId }: SignedIn, id: string): Promise<void> {
    const rollout = await this.source.manager.findOneBy(Rollout, { firmId, id });
    if (!rollout) throw notFound('change');
    const { change } = rollout;
    if (change.kind === 'rules') {
      const { ruleSetId, version, document } = change;
      await this.rules.change(firmId, ruleSetId, { version, document });
    } else if (change.kind === 'timer-type') {
      const { timerTypeId, version, capability } = change;
      const type = await this.source.manager.findOneBy(TimerType, { firmId, id: timerTypeId });
      if (!type) throw notFound('timer type');
      const { name, summary, handling } = type;
      await this.timerTypes.change(firmId, timerTypeId, {
        ...{ name, summary, handling, capability, version },
      });
    } else
      throw badInput([
        { path: 'change', message: 'is in force as it is accepted, timer by timer' },
      ]);
    await transact(this.source, (manager) =>
      manager.update(Rollout, { firmId, id }, { inForceAt: () => 'now()' }),
    );
  }

  async #each(
    { firmId }: SignedIn,
    id: string,
    timerIds: readonly string[],
    work: Work,
  ): Promise<DoneOfChange> {
    const rollout = await this.source.manager.findOneBy(Rollout, { firmId, id });
    if (!rollout) throw notFound('change');
    if (rollout.closedAt)
      throw badInput([{ path: 'closed', message: 'is closed: open it again first' }]);
    const known = await this.source.manager.findBy(RolloutTimer, {
      ...{ rolloutId: id, timerId: In([...timerIds]) },
      firmId,
    });
    if (known.length !== new Set(timerIds).size)
      throw badInput([{ path: 'timerIds', message: 'must be timers of this change, each once' }]);
    const refused: DoneOfChange['refused'] = [];
    for (const timerId of [...timerIds].sort()) {
      const why = await transact(this.source, async (manager) => {
        if (!(await lockTimer(manager, firmId, timerId))) return 'nothing';
        // Read once it is held: somebody else may have said the same.
        const row = await manager.findOneByOrFail(RolloutTimer, { rolloutId: id, timerId });
        return work(manager, row, rollout);
      });
      if (why) refused.push({ timerId, why });
    }
    return { done: timerIds.length - refused.length, refused };
  }

  async #acceptable(id: string): Promise<string[]> {
    const rows = await this.source.query<{ id: string }[]>(
      `SELECT r.timer_id AS id FROM rollout_timers r
       WHERE r.rollout_id = $1 AND ${IS_ACCEPTABLE} ORDER BY r.timer_id LIMIT ${MOST_AT_ONCE}`,
      [id],
    );
    return rows.map((row) => row.id);
  }
}
