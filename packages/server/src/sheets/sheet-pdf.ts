import { join, sep } from 'node:path';
import { sheetDate, speakerOf, writtenIn } from '@water-clock/core/household-words';
import type { Sheet } from '@water-clock/core/sheets';
import type { Task } from '../computing/task.js';
import { weekPicture } from './week-picture.js';

const PAGE_WIDTH = { A4: 595, LETTER: 612 };
const MARGIN = 40;
/** More stations than these are set smaller. */
const ROOMY = 10;

type Press = (typeof import('pdfmake'))['default'];
type Paper = keyof typeof PAGE_WIDTH;

interface ToPrint {
  readonly sheet: Sheet;
  readonly paper: Paper;
  /** The folder of the fonts that it is printed in. */
  readonly fontFolder: string;
}

/** What prints is loaded for the first sheet: most threads do other work. */
let press: Promise<Press> | undefined;

/** The sheet for the door as a PDF: one page for the timers of homes. */
export const PRINT_TASK: Task<ToPrint, Uint8Array> = {
  name: 'print',
  limitMs: 10_000,
  work: async ({ sheet, paper, fontFolder }) => {
    press ??= pressWith(fontFolder);
    return (await press).createPdf(definitionOf(sheet, paper)).getBuffer();
  },
};

async function pressWith(fontFolder: string) {
  const { default: pdfmake } = await import('pdfmake');
  const file = (weight: number) =>
    join(fontFolder, `atkinson-hyperlegible-next-latin-${weight}-normal.woff`);
  pdfmake.setFonts({ Atkinson: { normal: file(400), bold: file(700) } });
  // What a sheet says must not reach for anything else.
  pdfmake.setUrlAccessPolicy(() => false);
  pdfmake.setLocalAccessPolicy((path) => path.startsWith(fontFolder + sep));
  return pdfmake;
}

function definitionOf(sheet: Sheet, paper: Paper) {
  const { language } = speakerOf(writtenIn(sheet));
  const { labels } = language;
  const width = PAGE_WIDTH[paper] - 2 * MARGIN;
  const fontSize = sheet.stations.length > ROOMY ? 7.5 : 9;
  const hasWater = sheet.stations.some(({ water }) => water !== undefined);
  const heading = (words: string) => ({
    text: words,
    bold: true,
    fontSize: 11,
    margin: [0, 9, 0, 3],
  });
  const sentences = (head: string, all: readonly string[] = []) =>
    all.length > 0 ? [heading(head), { ul: [...all] }] : [];
  return {
    pageSize: paper,
    pageMargins: [MARGIN, 34, MARGIN, 30],
    info: { title: `${sheet.property}, ${sheet.timer}`, author: sheet.firm },
    defaultStyle: { font: 'Atkinson', fontSize, lineHeight: 1.08, color: '#26231f' },
    content: [
      {
        columns: [
          { text: `${sheet.property}: ${sheet.timer}`, bold: true, fontSize: 17 },
          {
            text: sheetDate(language, sheet.madeOn),
            alignment: 'right',
            width: 150,
            margin: [0, 6, 0, 0],
          },
        ],
      },
      { text: [sheet.firm, sheet.phone && `, ${labels.phone} ${sheet.phone}`].join('') },
      { text: sheet.season, margin: [0, 2, 0, 0] },
      ...sentences(labels.mind, sheet.notes),
      heading(labels.waters),
      {
        table: {
          headerRows: 1,
          widths: [18, 110, '*', ...(hasWater ? [70] : [])],
          body: [
            ['', labels.station, labels.when, ...(hasWater ? [labels.aWeek] : [])].map((words) => ({
              text: words,
              bold: true,
            })),
            ...sheet.stations.map(({ number, name, waters, water }) => [
              String(number),
              name,
              waters || labels.doesNotWater,
              ...(hasWater ? [water ?? ''] : []),
            ]),
          ],
        },
        layout: 'lightHorizontalLines',
      },
      ...sentences(labels.rules, sheet.rules),
      heading(labels.thisWeek),
      { svg: weekPicture(sheet, width) },
      {
        columns: [
          [heading(labels.pauseForRain), sheet.pauseForRain],
          [heading(labels.runOneStation), sheet.runOneStation],
        ],
        columnGap: 18,
      },
      ...(sheet.due.length > 0
        ? [
            heading(labels.due),
            { ul: sheet.due.map(({ on, what }) => `${sheetDate(language, on)}: ${what}`) },
          ]
        : []),
      {
        text: labels.caution,
        margin: [0, 9, 0, 0],
        fontSize: 8,
      },
    ],
  };
}
