import { entryPath, fieldPath, ROOT_PATH, type DocumentProblem } from '../documents/index.js';
import { fieldOf } from '../kernel/index.js';
import { DAY_MODES, SEASON_MODES } from '../timer-types/index.js';
import { PLAN_FORMATS } from './plan.js';

/** Fields that the first version of the format did not have, by the object that holds them; `[]` is every entry. */
const LATER_FIELDS: ReadonlyMap<string, readonly string[]> = new Map([
  ['timer', ['intervalMaxHours', 'programWindows', 'freezeSensor']],
  ['controller', ['freezeSensor']],
  ['controller.season', ['leastPercent', 'mostPercent']],
  ['stations[]', ['freezeSensor']],
  ['programs[]', ['waterWindows']],
  ['programs[].days', ['everyHours']],
  ['rules', ['periods']],
  ['weather', ['freeze', 'percents']],
]);

const sinceSecond = (choices: readonly string[], later: string) => ({
  later,
  says: `must be one of ${choices.filter((choice) => choice !== later).join(', ')}`,
});
const DAY_MODE = sinceSecond(DAY_MODES, 'hours');
const SEASON_MODE = sinceSecond(SEASON_MODES, 'weather');

/** Choices that it did not have, by where they stand. */
const LATER_CHOICES = new Map([
  ['timer.dayModes[]', DAY_MODE],
  ['programs[].days.mode', DAY_MODE],
  ['timer.season.modes[]', SEASON_MODE],
  ['controller.season.mode', SEASON_MODE],
]);

/** Every place on the way to one of them, so that nothing else is gone into. */
const ON_THE_WAY = new Set(
  [...LATER_FIELDS.keys(), ...LATER_CHOICES.keys()].flatMap((place) => {
    const steps = place.split(/(?=\.|\[)/);
    return steps.map((_, index) => steps.slice(0, index + 1).join(''));
  }),
);

/** A document of the first version as it was read then: what came later is unknown in it, and a problem each. */
export function withoutLaterFields(document: unknown, problems: DocumentProblem[]): unknown {
  if (fieldOf(document, 'format') !== PLAN_FORMATS[0]) return document;
  return asThen(document, { place: '', path: ROOT_PATH }, problems);
}

interface At {
  /** Where it stands, whichever entry of a list it is. */
  readonly place: string;
  readonly path: string;
}

function asThen(value: unknown, { place, path }: At, problems: DocumentProblem[]): unknown {
  const choice = LATER_CHOICES.get(place);
  if (choice && value === choice.later) {
    problems.push({ path, message: choice.says });
    return '';
  }
  if (place !== '' && !ON_THE_WAY.has(place)) return value;
  if (Array.isArray(value))
    return value.map((entry, index) =>
      asThen(entry, { place: `${place}[]`, path: entryPath(path, index) }, problems),
    );
  if (typeof value !== 'object' || value === null) return value;
  const later = LATER_FIELDS.get(place) ?? [];
  return Object.fromEntries(
    Object.entries(value).flatMap(([field, inner]) => {
      const at = {
        place: place === '' ? field : `${place}.${field}`,
        path: fieldPath(path, field),
      };
      if (!later.includes(field)) return [[field, asThen(inner, at, problems)]];
      problems.push({ path: at.path, message: 'is not a known field' });
      return [];
    }),
  );
}
