import type { MigrationInterface, QueryRunner } from 'typeorm';
import { noteChange, UNNOTED } from './1880000000000-changes.js';
import { BY_WHOM, COMES_WITH_ITS_FIRM, GOES_WITH_ITS_TIMER } from './1890000000000-keeping.js';
import { Outlooks1860000000000 } from './1860000000000-outlooks.js';
import { handlingWrittenAs } from './handling-written-as.js';

const UNNOTED_BEFORE = [...UNNOTED, ...BY_WHOM, 'set_up_skipped'];
const isLeftOut = GOES_WITH_ITS_TIMER + COMES_WITH_ITS_FIRM;
/** What is of a home goes with it as well, and is not told piece by piece. */
const GOES_WITH_ITS_HOME = GOES_WITH_ITS_TIMER.replace(
  "('timer', 'sheet')",
  "('timer', 'sheet', 'home')",
);

export const UNNOTED_IN_ROUND = [...UNNOTED_BEFORE, 'place'];
export const LEFT_OUT_OF_ROUND = GOES_WITH_ITS_HOME + COMES_WITH_ITS_FIRM;

const ORDER = '"keyInOrder": ["clock", "starts", "run-times", "days", "percent", "extras"]';
const HANDLING = `"wiring": "valve-wires", "storeCopy": "", ${ORDER}, "factoryReset": "", "pauseForRain": "", "bringBackCopy": "", "runOneStation": ""`;
const HOLDS = '"intervalAskedAs": "first-day", "longestHoldDays": 14';
const BEFORE = `{${HANDLING}, ${HOLDS}}`;
const NOW = `{${HANDLING}, "setsSummerTime": false, ${HOLDS}}`;

/** Which of a table's rows are told as changed, and what they are called there. */
const NOTED = [
  ['planned_visits', 'planned visit', 'reason', 'home'],
  ['due_answers', 'due', 'key', 'timer'],
  ['calendar_links', 'calendar link', '', 'none'],
] as const;

/** What is true of each timer, the visits that are planned, and what somebody said of what is due. */
export class Round1960000000000 implements MigrationInterface {
  name = 'Round1960000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE outlooks');
    await runner.query(`CREATE TABLE standings (
      timer_id uuid NOT NULL,
      firm_id uuid NOT NULL,
      from_date date NOT NULL,
      basis text NOT NULL,
      document jsonb NOT NULL,
      CONSTRAINT standings_pkey PRIMARY KEY (timer_id, from_date),
      CONSTRAINT standings_timer FOREIGN KEY (firm_id, timer_id)
        REFERENCES timers (firm_id, id) ON DELETE CASCADE)`);
    await runner.query('ALTER TABLE firms ADD spans jsonb');
    await handlingWrittenAs(
      runner,
      (handling) => `'{"setsSummerTime": false}'::jsonb || ${handling}`,
      NOW,
    );
    await runner.query(`CREATE TABLE planned_visits (
      id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT planned_visits_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      property_id uuid NOT NULL,
      person_id uuid NOT NULL,
      on_date date NOT NULL,
      place integer NOT NULL,
      reason text NOT NULL DEFAULT '',
      notes text NOT NULL DEFAULT '',
      minutes integer,
      visit_id uuid,
      made_by text NOT NULL DEFAULT '',
      version integer NOT NULL DEFAULT 1,
      created_at timestamptz NOT NULL DEFAULT now(),
      CONSTRAINT planned_visits_minutes CHECK (minutes BETWEEN 1 AND 1440),
      CONSTRAINT planned_visits_version CHECK (version > 0),
      CONSTRAINT planned_visits_property FOREIGN KEY (firm_id, property_id)
        REFERENCES properties (firm_id, id) ON DELETE CASCADE,
      CONSTRAINT planned_visits_person FOREIGN KEY (firm_id, person_id)
        REFERENCES people (firm_id, id),
      CONSTRAINT planned_visits_visit FOREIGN KEY (visit_id)
        REFERENCES visits (id) ON DELETE SET NULL)`);
    await runner.query('CREATE INDEX planned_visits_by_date ON planned_visits (firm_id, on_date)');
    await runner.query('CREATE INDEX planned_visits_by_property ON planned_visits (property_id)');
    await runner.query(`CREATE TABLE due_answers (
      id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT due_answers_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      timer_id uuid NOT NULL,
      key text NOT NULL,
      kind text NOT NULL,
      done_by text,
      answered_on date NOT NULL,
      until_date date,
      reason text NOT NULL DEFAULT '',
      person_name text NOT NULL DEFAULT '',
      made_at timestamptz NOT NULL DEFAULT now(),
      CONSTRAINT due_answers_one CHECK ((done_by IS NULL) = (until_date IS NOT NULL)),
      CONSTRAINT due_answers_done_by CHECK (done_by IN ('household', 'firm')),
      CONSTRAINT due_answers_reason CHECK (until_date IS NULL OR reason <> ''),
      CONSTRAINT due_answers_timer FOREIGN KEY (firm_id, timer_id)
        REFERENCES timers (firm_id, id) ON DELETE CASCADE)`);
    await runner.query('CREATE INDEX due_answers_by_timer ON due_answers (timer_id, made_at)');
    await runner.query(`CREATE TABLE calendar_links (
      id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT calendar_links_pkey PRIMARY KEY,
      firm_id uuid NOT NULL,
      person_id uuid NOT NULL,
      token_hash text NOT NULL CONSTRAINT calendar_links_by_token UNIQUE,
      made_at timestamptz NOT NULL DEFAULT now(),
      withdrawn_at timestamptz,
      CONSTRAINT calendar_links_person FOREIGN KEY (firm_id, person_id)
        REFERENCES people (firm_id, id))`);
    await runner.query(
      `CREATE UNIQUE INDEX calendar_links_one ON calendar_links (person_id) WHERE withdrawn_at IS NULL`,
    );
    await runner.query(`ALTER TABLE jobs
      ADD planned_visit_id uuid CONSTRAINT jobs_planned_visit
        REFERENCES planned_visits (id) ON DELETE SET NULL,
      ADD done_visit_id uuid CONSTRAINT jobs_done_visit REFERENCES visits (id) ON DELETE SET NULL,
      ADD parts text NOT NULL DEFAULT '',
      ADD price double precision CONSTRAINT jobs_price CHECK (price >= 0),
      ADD version integer NOT NULL DEFAULT 1 CONSTRAINT jobs_version CHECK (version > 0)`);
    await runner.query('CREATE INDEX jobs_by_planned_visit ON jobs (planned_visit_id)');
    await runner.query(
      noteChange({
        unnoted: UNNOTED_IN_ROUND,
        isLeftOut: LEFT_OUT_OF_ROUND,
      }),
    );
    for (const [table, kind, name, home] of NOTED)
      await runner.query(`CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON ${table}
        FOR EACH ROW EXECUTE FUNCTION note_change('${kind}', '${name}', '${home}')`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(noteChange({ unnoted: UNNOTED_BEFORE, isLeftOut }));
    await runner.query(`ALTER TABLE jobs DROP planned_visit_id, DROP done_visit_id, DROP parts,
      DROP price, DROP version`);
    await runner.query('DROP TABLE calendar_links, due_answers, planned_visits, standings');
    await handlingWrittenAs(runner, (handling) => `${handling} - 'setsSummerTime'`, BEFORE);
    await runner.query('ALTER TABLE firms DROP spans');
    await new Outlooks1860000000000().up(runner);
  }
}
