import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a document means that does not say it, by the place of the object that holds it. */
const TIMER = { intervalMaxHours: 23, programWindows: false, freezeSensor: false };
const CONTROLLER = { freezeSensor: 'active' };
const STATION = { freezeSensor: true };
const PROGRAM = { waterWindows: [] };
const WEATHER = { freeze: [], percents: [] };

const json = (value: object): string => `'${JSON.stringify(value)}'::jsonb`;

type Change = (value: string, usual: object) => string;
/** With what is usual where nothing is said, or without what is usual. */
const SAID: Change = (value, usual) => `(${json(usual)} || ${value})`;
const UNSAID: Change = (value, usual) => `(SELECT coalesce(jsonb_object_agg(key, one), '{}')
  FROM jsonb_each(${value}) AS of (key, one) WHERE ${json(usual)} -> key IS DISTINCT FROM one)`;

const each = (list: string, change: Change, usual: object): string =>
  `(SELECT coalesce(jsonb_agg(${change('entry', usual)} ORDER BY place), '[]')
    FROM jsonb_array_elements(${list}) WITH ORDINALITY AS of (entry, place))`;

const plan = (document: string, change: Change): string => `${document} || jsonb_build_object(
    'timer', ${change(`(${document} -> 'timer')`, TIMER)},
    'controller', ${change(`(${document} -> 'controller')`, CONTROLLER)},
    'stations', ${each(`${document} -> 'stations'`, change, STATION)},
    'programs', ${each(`${document} -> 'programs'`, change, PROGRAM)})
  || CASE WHEN ${document} ? 'weather'
    THEN jsonb_build_object('weather', ${change(`(${document} -> 'weather')`, WEATHER)})
    ELSE '{}' END`;

const yard = (document: string, change: Change): string =>
  `jsonb_set(${document}, '{stations}', ${each(`${document} -> 'stations'`, change, STATION)})`;

async function writeAs(runner: QueryRunner, change: Change): Promise<void> {
  const documents = [
    ['timer_settings', `document = ${plan('document', change)}`],
    ['copies', `document = ${plan('document', change)}`],
    ['timer_yards', `document = ${yard('document', change)}`],
    ['timer_kinds', `capability = ${change('capability', TIMER)}`],
    [
      'removals',
      `"row" = jsonb_set("row", '{capability}', ${change(`("row" -> 'capability')`, TIMER)})`,
    ],
  ] as const;
  for (const [table, set] of documents) {
    // Nobody changed anything: the same is said in the words of another version.
    await runner.query(`ALTER TABLE ${table} DISABLE TRIGGER USER`);
    const isMeant = table === 'removals' ? ` WHERE kind = 'timer-type'` : '';
    await runner.query(`UPDATE ${table} SET ${set}${isMeant}`);
    await runner.query(`ALTER TABLE ${table} ENABLE TRIGGER USER`);
  }
}

/**
 * Settings, copies, yards and kinds of timers with the fields that the second version of the format has got since:
 * each says what it meant without saying it. Back again goes only what is usual: the rest would be lost.
 */
export class PlanFields1900000000000 implements MigrationInterface {
  name = 'PlanFields1900000000000';

  async up(runner: QueryRunner): Promise<void> {
    await writeAs(runner, SAID);
  }

  async down(runner: QueryRunner): Promise<void> {
    await writeAs(runner, UNSAID);
  }
}
