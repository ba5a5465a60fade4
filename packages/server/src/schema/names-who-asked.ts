import {
  EventSubscriber,
  type EntitySubscriberInterface,
  type TransactionStartEvent,
} from 'typeorm';
import { askedBy } from '../platform/asked-by.js';

/** Tells each transaction for whom it is, so that the database notes who changed what. */
@EventSubscriber()
export class NamesWhoAsked implements EntitySubscriberInterface {
  async afterTransactionStart({ queryRunner }: TransactionStartEvent): Promise<void> {
    const by = askedBy();
    if (by)
      await queryRunner.query(
        `SELECT set_config('water_clock.person_id', $1, true),
           set_config('water_clock.person_name', $2, true)`,
        [by.id, by.name],
      );
  }
}
