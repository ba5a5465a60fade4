import { axisHour, shortSheetDate, speakerOf, writtenIn } from '@water-clock/core/household-words';
import type { Sheet } from '@water-clock/core/sheets';

const LABEL = 62;
const ROW = 15;
const HEAD = 14;
const HOURS = [0, 3, 6, 9, 12, 15, 18, 21, 24];

/** A bar that is wide enough has its letter inside. */
const ROOM_FOR_LETTER = 12;

const text = (x: number, y: number, words: string, anchor = 'start', fill = '#26231f') =>
  `<text x="${x}" y="${y}" font-size="8" text-anchor="${anchor}" fill="${fill}">${escaped(words)}</text>`;

const escaped = (words: string): string =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/** The week of a sheet as an SVG: a row each date, midnight to midnight, a bar each run with its program. */
export function weekPicture(sheet: Sheet, width: number): string {
  const { week, clock } = sheet;
  const { language } = speakerOf(writtenIn(sheet));
  const x = (minute: number) => LABEL + (minute / 1440) * (width - LABEL - 8);
  const height = HEAD + week.length * ROW + 2;
  const lines = HOURS.flatMap((hour) => [
    `<line x1="${x(hour * 60)}" x2="${x(hour * 60)}" y1="${HEAD - 2}" y2="${height}" stroke="#c9c2b6" stroke-width="0.5"/>`,
    text(x(hour * 60), HEAD - 5, axisHour(language, hour, clock), 'middle'),
  ]);
  const rows = week.flatMap(({ date, bars }, index) => {
    const y = HEAD + index * ROW;
    return [
      text(0, y + 10, shortSheetDate(language, date)),
      `<line x1="0" x2="${width}" y1="${y + ROW}" y2="${y + ROW}" stroke="#e2dcd0" stroke-width="0.5"/>`,
      ...bars.flatMap(({ program, from, to }) => [
        `<rect x="${x(from)}" y="${y + 3}" width="${Math.max(1.5, x(to) - x(from))}" height="${ROW - 6}" fill="#2d6ca3"/>`,
        x(to) - x(from) < ROOM_FOR_LETTER
          ? text(x(from) - 2, y + 11, program, 'end')
          : text(x(from) + 3, y + 10.5, program, 'start', '#ffffff'),
      ]),
    ];
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="Atkinson">${[...lines, ...rows].join('')}</svg>`;
}
