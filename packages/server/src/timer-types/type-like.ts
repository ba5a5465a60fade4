import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import type { EntityManager } from 'typeorm';
import { TimerType } from '../schema/timer-type.entity.js';

/** The firm's own type of the name of one that comes with the product; made now, where there is none. */
export async function typeLike(
  manager: EntityManager,
  firmId: string,
  key: string,
): Promise<string> {
  const { timer, summary, handling } = GENERIC_TYPES.find((type) => type.key === key)!;
  const { name = key, ...capability } = timer;
  // Two who begin from the same at once get the same.
  await manager
    .createQueryBuilder()
    .insert()
    .into(TimerType)
    .values({ firmId, name, summary, capability, handling })
    .orIgnore()
    .execute();
  const { id } = await manager.findOneOrFail(TimerType, {
    select: { id: true },
    where: { firmId, name },
  });
  return id;
}
