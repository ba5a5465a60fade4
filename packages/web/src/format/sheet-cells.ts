import Papa from 'papaparse';

/** Stands before what would be a formula, in files of ours too. */
const AS_TEXT = /^'(?=[=+\-@])/;

/** A block of cells as spreadsheets copy them: tabs between cells, and every row as it stands. */
export function blockCells(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), {
    delimiter: '\t',
    quoteChar: '\0',
  });
  return data;
}

/** Text from a spreadsheet, tabs or CSV, as rows of cells; empty rows are left out. */
export function sheetCells(text: string): string[][] {
  const clean = text.replace(/^\uFEFF/, '').replace(/\s+$/, '');
  const rows = clean.includes('\t') ? blockCells(clean) : Papa.parse<string[]>(clean).data;
  return rows
    .filter((row) => row.some((cell) => cell.trim() !== ''))
    .map((row) => row.map((cell) => cell.replace(AS_TEXT, '')));
}
