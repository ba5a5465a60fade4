import type { MigrationInterface, QueryRunner } from 'typeorm';
import { handlingWrittenAs } from './handling-written-as.js';

/** What a kind means that does not say how it is held, how it asks for days, and how its own memory is used. */
const USUAL = {
  intervalAskedAs: 'first-day',
  longestHoldDays: 14,
  storeCopy: '',
  bringBackCopy: '',
  factoryReset: '',
};

const ORDER = '"keyInOrder": ["clock", "starts", "run-times", "days", "percent", "extras"]';
/** What a kind without a word on it has: as the entity says it. */
const BEFORE = `{${ORDER}, "pauseForRain": "", "runOneStation": ""}`;
const NOW = `{"storeCopy": "", ${ORDER}, "factoryReset": "", "pauseForRain": "", "bringBackCopy": "", "runOneStation": "", "intervalAskedAs": "first-day", "longestHoldDays": 14}`;

const json = (value: object): string => `'${JSON.stringify(value)}'::jsonb`;
const NAMES = `'{${Object.keys(USUAL).join(',')}}'::text[]`;

/** Kinds of timers say how long they are held, how they ask for days, and how their own memory is used. */
export class HandlingFields1910000000000 implements MigrationInterface {
  name = 'HandlingFields1910000000000';

  async up(runner: QueryRunner): Promise<void> {
    await handlingWrittenAs(runner, (handling) => `${json(USUAL)} || ${handling}`, NOW);
  }

  async down(runner: QueryRunner): Promise<void> {
    await handlingWrittenAs(runner, (handling) => `${handling} - ${NAMES}`, BEFORE);
  }
}
