import type { MigrationInterface, QueryRunner } from 'typeorm';

const WORDS_OF_TIMERS = `SELECT string_agg(name, ' ') FROM timers
         WHERE firm_id = NEW.firm_id AND property_id = NEW.id`;

const wordsOfProperty = (more: string) => `CREATE OR REPLACE FUNCTION keep_property_words()
   RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     NEW.search_text := lower(concat_ws(' ', NEW.name, NEW.address, NEW.town, NEW.contact_name,
       NEW.contact_phone, ${more}(${WORDS_OF_TIMERS})));
     RETURN NEW;
   END $$`;

// A telephone number is found however its figures are set apart.
const MORE = `regexp_replace(NEW.contact_phone, '\\D', '', 'g'), NEW.contact_email,
       (SELECT string_agg(station ->> 'name', ' ')
         FROM timers t JOIN timer_settings s ON s.timer_id = t.id,
           jsonb_array_elements(s.document -> 'stations') station
         WHERE t.firm_id = NEW.firm_id AND t.property_id = NEW.id), `;

const namesOf = (row: string) => `jsonb_path_query_array(${row}.document, '$.stations[*].name')`;

const UP = [
  wordsOfProperty(MORE),
  `CREATE FUNCTION renew_station_words() RETURNS trigger LANGUAGE plpgsql AS $$
   BEGIN
     IF TG_OP = 'INSERT' OR ${namesOf('NEW')} IS DISTINCT FROM ${namesOf('OLD')} THEN
       UPDATE properties SET search_text = ''
       WHERE id = (SELECT property_id FROM timers WHERE id = NEW.timer_id);
     END IF;
     RETURN NULL;
   END $$`,
  `CREATE TRIGGER timer_settings_words AFTER INSERT OR UPDATE OF document ON timer_settings
   FOR EACH ROW EXECUTE FUNCTION renew_station_words()`,
  `UPDATE properties SET search_text = ''`,
  `CREATE INDEX jobs_open ON jobs (firm_id) WHERE done_at IS NULL`,
];

const DOWN = [
  `DROP INDEX jobs_open`,
  `DROP TRIGGER timer_settings_words ON timer_settings`,
  `DROP FUNCTION renew_station_words()`,
  wordsOfProperty(''),
  `UPDATE properties SET search_text = ''`,
];

/** Properties are found by the names of their stations, by e-mail address and by telephone number too. */
export class StationsAreFound1930000000000 implements MigrationInterface {
  name = 'StationsAreFound1930000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
