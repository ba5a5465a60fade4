import Papa from 'papaparse';

/** Text from a spreadsheet, tabs or CSV, as rows of cells; empty rows are left out. */
export function sheetCells(text: string): string[][] {
  const isTabbed = text.includes('\t');
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').replace(/\s+$/, ''), {
    ...(isTabbed && { delimiter: '\t', quoteChar: '\0' }),
  });
  return data.filter((row) => row.some((cell) => cell.trim() !== ''));
}
