import type { Finding } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import { FIELDS } from '../state/fields';

type FieldsOf = (finding: Finding, plan: Plan) => string[];

/** The fields in which a finding may be fixed, the likeliest first. */
export const fieldsOf: FieldsOf = (finding, plan) =>
  (BY_CODE[finding.code] ?? inProgram)(finding, plan);

const always =
  (field: string): FieldsOf =>
  () => [field];

const ofProgram =
  (field: (program: string) => string): FieldsOf =>
  ({ program }) =>
    program === null ? [] : [field(program)];

const ofStation =
  (field: (station: number) => string): FieldsOf =>
  ({ station }) =>
    station === null ? [] : [field(station)];

const oneAfterTheOther =
  (...parts: readonly FieldsOf[]): FieldsOf =>
  (finding, plan) =>
    parts.flatMap((part) => part(finding, plan));

const days = ofProgram(FIELDS.days);
/** Where a program counts hours its starts take no cursor, and its days come next. */
const start = (startNumber: number) =>
  oneAfterTheOther(
    ofProgram((program) => FIELDS.start(program, startNumber)),
    days,
  );
const [firstStart, secondStart] = [start(1), start(2)];
const percent = oneAfterTheOther(ofProgram(FIELDS.percent), always(FIELDS.season));

/** The start that is named, or else the minutes of the station in the program. */
const inProgram: FieldsOf = ({ program, startNumber, station }, { stations }) => {
  if (program === null) return [];
  const first = station ?? stations[0]?.number;
  return [
    ...(startNumber === null ? [] : [FIELDS.start(program, startNumber)]),
    ...(first === undefined ? [] : [FIELDS.minutes(program, first)]),
  ];
};

/** The minutes of a station in the last program that has some, or else in the first program. */
const minutesSomewhere: FieldsOf = ({ station }, { programs, timer }) => {
  if (station === null) return [];
  const watering = programs.filter(({ runs }) =>
    runs.some((run) => run.station === station && run.seconds > 0),
  );
  const program = watering.at(-1)?.id ?? timer.programs[0];
  return program === undefined ? [] : [FIELDS.minutes(program, station)];
};

const BY_CODE: Partial<Record<Finding['code'], FieldsOf>> = {
  collision: ({ b }) => (b ? [FIELDS.start(b.program, b.startNumber), FIELDS.days(b.program)] : []),
  'low-headroom': percent,
  'season-scaled': percent,
  'percent-beyond-timer': percent,
  'delay-too-long': always(FIELDS.delay),
  'controller-off': always(FIELDS.power),
  'sensor-bypassed': ({ sensors }) => [
    sensors?.[0] === 'freeze' ? FIELDS.freezeSensor : FIELDS.sensor,
  ],
  'clock-off': always(FIELDS.clock),
  'station-beyond-timer': ofStation(FIELDS.station),
  runoff: oneAfterTheOther(ofStation(FIELDS.cycle), inProgram),
  'short-soak': oneAfterTheOther(ofStation(FIELDS.soak), inProgram),
  'station-idle': minutesSomewhere,
  'station-twice': minutesSomewhere,
  'too-often': minutesSomewhere,
  'start-per-station': secondStart,
  repeats: secondStart,
  'missing-start': firstStart,
  'too-many-starts': oneAfterTheOther(inProgram, firstStart),
  'rule-hours': firstStart,
  'window-cuts': firstStart,
  'knock-on': firstStart,
  'late-finish': firstStart,
  'wet-night': firstStart,
  'missing-days': days,
  'never-waters': days,
  'interval-too-long': days,
  'day-mode': days,
  'rule-day': days,
  'mowing-day': days,
  'concurrent-unsupported': ofProgram(FIELDS.program),
};
