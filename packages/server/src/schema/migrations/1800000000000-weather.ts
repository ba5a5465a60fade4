import type { MigrationInterface, QueryRunner } from 'typeorm';

const STATEMENTS = [
  `ALTER TABLE firms
     ADD currency text NOT NULL DEFAULT 'USD'
       CONSTRAINT firms_currency CHECK (currency ~ '^[A-Z]{3}$'),
     ADD customary jsonb`,
  `CREATE TABLE weather (
     id uuid NOT NULL DEFAULT gen_random_uuid(),
     firm_id uuid NOT NULL,
     document jsonb NOT NULL
       CONSTRAINT weather_format CHECK (document ->> 'format' = 'waterclock.weather/1'),
     version integer NOT NULL DEFAULT 1 CONSTRAINT weather_version CHECK (version > 0),
     CONSTRAINT weather_pkey PRIMARY KEY (id),
     CONSTRAINT weather_of_firm UNIQUE (id, firm_id),
     CONSTRAINT weather_firm FOREIGN KEY (firm_id) REFERENCES firms (id)
   )`,
  `ALTER TABLE properties
     ADD weather_id uuid,
     ADD water_price double precision
       CONSTRAINT properties_water_price CHECK (water_price >= 0),
     ADD CONSTRAINT properties_weather FOREIGN KEY (weather_id, firm_id)
       REFERENCES weather (id, firm_id)`,
  `CREATE INDEX properties_by_weather ON properties (weather_id)`,
];

/** Weather of districts and homes, the price of water, and the firm's customary minutes. */
export class Weather1800000000000 implements MigrationInterface {
  name = 'Weather1800000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of STATEMENTS) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE properties DROP weather_id, DROP water_price`);
    await runner.query(`DROP TABLE weather`);
    await runner.query(`ALTER TABLE firms DROP currency, DROP customary`);
  }
}
