import type { Yard } from '@water-clock/core/yards';
import Papa from 'papaparse';
import { sheetCells } from '../format/sheet-cells';
import type { PastedPart } from '../ui/pasted-part';
import type { YardColumn } from './yard-column';
import { addStation, nextStation, setStation, type YardEdit } from '@water-clock/core/yards';

interface SheetPlace {
  readonly row: number;
  readonly column: number;
}

const NUMBER_HEADINGS = ['number', 'station', 'no', 'nr', '№', '#'];

const UNITS = ['m²', 'm2', 'sq ft', 'l/min', 'gal/min', 'min', 'minutes', '%'];

/** A heading without its unit, in brackets or behind it. */
function plain(heading: string): string {
  const bare = heading
    .toLowerCase()
    .replace(/\(.*\)/, '')
    .trim();
  const unit = UNITS.find((one) => bare.endsWith(` ${one}`));
  return unit ? bare.slice(0, -unit.length).trim() : bare;
}

/** The column that a spreadsheet's heading means; "number" for the station's own. */
function columnOf(heading: string, columns: readonly YardColumn[]): YardColumn | 'number' | null {
  const name = plain(heading);
  if (NUMBER_HEADINGS.includes(name)) return 'number';
  return columns.find(({ title }) => title === name) ?? null;
}

/**
 * A block from a spreadsheet as one edit. With a row of headings, cells go where the headings say;
 * without one, they begin at `place`. Rows beyond the last station become new stations. Each cell
 * that cannot be read is named.
 */
export function sheetEdit(
  yard: Yard,
  text: string,
  columns: readonly YardColumn[],
  place: SheetPlace,
  mostStations: number,
): PastedPart<YardEdit> {
  const refused: string[] = [];
  let taken = 0;
  const [first = [], ...rest] = sheetCells(text);
  const headings = first.map((cell) => columnOf(cell, columns));
  // A row of which half or more are names of columns is meant as headings.
  const hasHeadings =
    headings.filter((found) => found !== null).length >= Math.max(1, first.length / 2);
  const unknown = first.filter((cell, index) => headings[index] === null && cell.trim() !== '');
  if (hasHeadings && unknown.length > 0)
    refused.push(
      `No column is called ${unknown.map((cell) => `"${cell}"`).join(', ')}. Columns are: number, ${columns.map(({ title }) => title).join(', ')}.`,
    );
  const rows = hasHeadings ? rest : [first, ...rest];
  const targets = hasHeadings
    ? headings
    : first.map((_, index) => columns[place.column + index] ?? null);
  let edited = yard;
  rows.forEach((cells, down) => {
    const line = `Row ${down + 1 + (hasHeadings ? 1 : 0)}`;
    const given = cells[targets.indexOf('number')]?.trim();
    const number =
      given === undefined ? numberAt(edited, place.row + down, mostStations) : Number(given);
    if (number === null || !Number.isInteger(number) || number < 1 || number > mostStations) {
      refused.push(
        given === undefined
          ? `${line}: this timer has ${mostStations} stations.`
          : `${line}: "${given}" is no station of this timer, 1 to ${mostStations}.`,
      );
      return;
    }
    if (!edited.stations.some((station) => station.number === number))
      edited = addStation(number)(edited);
    cells.forEach((cell, index) => {
      const target = targets[index] ?? (hasHeadings ? null : columns[place.column + index]);
      if (target === 'number') return;
      if (!target) {
        // A heading that nobody knows is refused once, and not with each of its cells.
        const isOfUnknown = hasHeadings && (first[index]?.trim() ?? '') !== '';
        if (cell.trim() !== '' && !isOfUnknown)
          refused.push(`${line}, column ${index + 1}: "${cell}" is beyond the last column.`);
        return;
      }
      const read = target.read(
        cell,
        edited.stations.find((one) => one.number === number)!,
      );
      if (typeof read === 'string') refused.push(`${line}, ${target.title}: "${cell}". ${read}.`);
      else {
        edited = setStation(number, read)(edited);
        taken += 1;
      }
    });
  });
  if (rows.length === 0) refused.push('There is no row of stations in it.');
  const result = edited;
  return { edit: () => result, taken, refused };
}

/** The station in a row of the table; below the last one the next free number. */
function numberAt(yard: Yard, row: number, most: number): number | null {
  return yard.stations[row]?.number ?? nextStation(yard, most);
}

/** The whole table as CSV, with headings that are known again. */
export function yardCsv({ stations }: Yard, columns: readonly YardColumn[]): string {
  const headings = columns.map(({ title, unit }) => (unit ? `${title} (${unit})` : title));
  const rows = stations.map((station) => [
    station.number,
    ...columns.map(({ text }) => text(station)),
  ]);
  return Papa.unparse([['number', ...headings], ...rows], { escapeFormulae: true });
}
