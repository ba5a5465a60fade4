import { IntlMessageFormat } from 'intl-messageformat';
import { HOUSEHOLD_LANGUAGES } from '../property-file/index.js';
import { EN, loadLanguage, sheetDate, shortSheetDate, speakerOf } from './index.js';

/** A value as it is, among the elements of a message. */
const ARGUMENT = '1';

const OTHERS = HOUSEHOLD_LANGUAGES.filter((code) => code !== 'en');

type Element = ReturnType<IntlMessageFormat['getAst']>[number];

/** The values that a sentence takes, and the choices that it makes by them. */
function asksFor(elements: readonly Element[]): string[] {
  return elements.flatMap((element) => {
    if (!('options' in element))
      return 'value' in element && !('offset' in element) && element.type.toString() === ARGUMENT
        ? [element.value]
        : [];
    // How many forms a plural has, is the language's.
    const choices = 'offset' in element ? 'count' : Object.keys(element.options).sort().join('|');
    return [
      `${element.value}: ${choices}`,
      ...Object.values(element.options).flatMap(({ value }) => asksFor(value)),
    ];
  });
}
const asked = (message: string) =>
  [...new Set(asksFor(new IntlMessageFormat(message, 'en').getAst()))].sort();

it.each(OTHERS)('%s has every word that English has, and no other', async (code) => {
  const language = await loadLanguage(code);
  expect(language.code).toBe(code);
  for (const part of ['labels', 'dateFormats', 'headNames', 'messages', 'halfOfDay'] as const) {
    expect(Object.keys(language[part]).sort()).toEqual(Object.keys(EN[part]).sort());
    expect(Object.values(language[part]).filter((words) => words.trim() === '')).toEqual([]);
  }
  expect(
    [language.weekdayNames, language.monthNames, language.shortMonthNames].map((names) => [
      new Set(names).size,
    ]),
  ).toEqual([[7], [12], [12]]);
});

// The ordinal of English is a plain number elsewhere.
const WITHOUT_PLURAL = ['ordinal'];

it.each(OTHERS)('%s asks in each sentence for the same as English does', async (code) => {
  const { messages } = await loadLanguage(code);
  for (const [key, english] of Object.entries(EN.messages)) {
    if (WITHOUT_PLURAL.includes(key)) continue;
    expect([key, asked(messages[key as keyof typeof messages])]).toEqual([key, asked(english)]);
  }
});

it('dates and lists are in the order of the language', () => {
  const es = speakerOf('es');
  expect(sheetDate(es.language, '2026-06-09')).toBe('mar 9 de junio de 2026');
  expect(shortSheetDate(es.language, '2026-06-09')).toBe('mar 9 jun');
  expect(es.weekdaysListed([2, 5, 7])).toBe('mar, vie y dom');
  expect(es.message('cycles', { count: 2, names: '1 y 2', cycle: '5 min', soak: 'none' })).toBe(
    'Las estaciones 1 y 2 riegan en partes de 5 min como máximo.',
  );
});
