import {
  DATE_ORDERS,
  guessSheet,
  readWeatherRows,
  WEATHER_COLUMNS,
  type BadRow,
  type DailyRecord,
  type DateOrder,
  type WeatherColumn,
  type WeatherSheet,
} from '@water-clock/core/weather';
import { counted } from '@water-clock/core/words';
import { Alert, Button, Checkbox, Input, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Field } from '../ui/field';
import { FileButton } from '../ui/file-button';
import { sheetCells } from '../format/sheet-cells';
import { useSignedIn } from '../session/use-signed-in';
import { listingOf, recordWords } from './weather-words';
import pageStyles from '../ui/page.module.css';
import styles from './weather-page.module.css';

interface DailyEditorProps {
  readonly record: DailyRecord;
  readonly isLocked: boolean;
  readonly onChange: (record: DailyRecord) => void;
}

/** Days that were read, from a file or pasted from a spreadsheet. */
export function DailyEditor({ record, isLocked, onChange }: DailyEditorProps) {
  const [sheet, setSheet] = useState<string[][] | null>(null);
  const [pasted, setPasted] = useState('');
  const [told, setTold] = useState<string | null>(null);
  const take = (text: string) => {
    const cells = sheetCells(text);
    setTold(cells.length === 0 ? 'There are no rows in it.' : null);
    setSheet(cells.length === 0 ? null : cells);
  };
  return (
    <>
      <p className={pageStyles['soft']} aria-live="polite">
        {recordWords(listingOf({ record }))}
        {told && `. ${told}`}
      </p>
      {!isLocked && !sheet && (
        <div className={styles['weather-bring']}>
          <FileButton accept=".csv,.tsv,.txt,text/csv" onText={take}>
            Read a CSV file…
          </FileButton>
          <span>or</span>
          <Input.TextArea
            aria-label="Rows from a spreadsheet"
            placeholder="Paste rows from a spreadsheet: date, low, high and rain, in any order"
            autoSize={{ minRows: 2, maxRows: 6 }}
            value={pasted}
            onChange={(event) => setPasted(event.target.value)}
          />
          <Button disabled={pasted.trim() === ''} onClick={() => take(pasted)}>
            Read these rows
          </Button>
        </div>
      )}
      {sheet && (
        <SheetReader
          cells={sheet}
          known={record}
          onCancel={() => setSheet(null)}
          onTake={(days, words) => {
            onChange({ ...record, days });
            setSheet(null);
            setPasted('');
            setTold(words);
          }}
        />
      )}
    </>
  );
}

const COLUMN_NAMES: Record<WeatherColumn, string> = {
  date: 'Date',
  low: "The day's low",
  high: "The day's high",
  rain: 'Rain',
};

const ORDER_NAMES: Record<DateOrder, string> = {
  ymd: 'year, month, day',
  dmy: 'day, month, year',
  mdy: 'month, day, year',
};

interface SheetReaderProps {
  readonly cells: readonly (readonly string[])[];
  readonly known: DailyRecord;
  readonly onTake: (days: DailyRecord['days'], told: string) => void;
  readonly onCancel: () => void;
}

/** Asks what each column is and in which units, shows what is bad, and takes the rest. */
function SheetReader({ cells, known, onTake, onCancel }: SheetReaderProps) {
  const { firm } = useSignedIn();
  const usual =
    firm.units === 'us'
      ? ({ temperature: 'F', rain: 'in' } as const)
      : ({ temperature: 'C', rain: 'mm' } as const);
  const first = cells[0]!;
  const hasHeadings = first.every((cell) => !/^[-\d.,/]+$/.test(cell.trim()) || cell === '');
  const rows = hasHeadings ? cells.slice(1) : cells;
  const [sheet, setSheet] = useState<WeatherSheet>(() =>
    guessSheet(hasHeadings ? first : [], rows, usual),
  );
  const [leavesOut, setLeavesOut] = useState(false);
  const { columns } = sheet;
  const missing = WEATHER_COLUMNS.filter((column) => column !== 'rain' && columns[column] === null);
  const read = useMemo(
    () => (missing.length > 0 ? null : readWeatherRows(rows, sheet, hasHeadings ? 2 : 1)),
    [rows, sheet, hasHeadings, missing.length],
  );
  const choices = first.map((cell, index) => ({
    value: index,
    label: hasHeadings && cell.trim() ? cell : `column ${index + 1}: ${cell}`,
  }));
  const isReady = read !== null && read.days.length > 0 && (read.bad.length === 0 || leavesOut);
  const take = () => {
    const byDate = new Map(known.days.map((day) => [day.date, day]));
    for (const day of read!.days) byDate.set(day.date, day);
    const days = [...byDate.values()].sort((a, b) => (a.date < b.date ? -1 : 1));
    const out = read!.bad.length > 0 ? `; ${counted(read!.bad.length, 'row')} left out` : '';
    onTake(days, `${counted(read!.days.length, 'day')} taken over${out}. Save to keep them.`);
  };
  return (
    <section className={styles['weather-sheet']} aria-label="The rows that were read">
      <div className={pageStyles['form-grid']}>
        {WEATHER_COLUMNS.map((column) => (
          <Field
            key={column}
            label={COLUMN_NAMES[column]}
            fault={missing.includes(column) ? 'Which column is it?' : null}
          >
            {(id) => (
              <Select
                id={id}
                allowClear={column === 'rain'}
                placeholder={column === 'rain' ? 'not in it: no rain' : 'choose a column'}
                value={columns[column]}
                options={choices}
                onChange={(index: number | undefined) =>
                  setSheet({ ...sheet, columns: { ...columns, [column]: index ?? null } })
                }
              />
            )}
          </Field>
        ))}
        <Field label="Temperatures are in">
          {(id) => (
            <Select
              id={id}
              value={sheet.temperature}
              options={[
                { value: 'C', label: '°C' },
                { value: 'F', label: '°F' },
              ]}
              onChange={(temperature) => setSheet({ ...sheet, temperature })}
            />
          )}
        </Field>
        <Field label="Rain is in">
          {(id) => (
            <Select
              id={id}
              value={sheet.rain}
              options={[
                { value: 'mm', label: 'millimetres' },
                { value: 'in', label: 'inches' },
              ]}
              onChange={(rain) => setSheet({ ...sheet, rain })}
            />
          )}
        </Field>
        <Field label="Dates are written">
          {(id) => (
            <Select
              id={id}
              value={sheet.dateOrder}
              options={DATE_ORDERS.map((value) => ({ value, label: ORDER_NAMES[value] }))}
              onChange={(dateOrder) => setSheet({ ...sheet, dateOrder })}
            />
          )}
        </Field>
      </div>
      {read && read.bad.length > 0 && (
        <BadRows bad={read.bad} leavesOut={leavesOut} onLeaveOut={setLeavesOut} />
      )}
      {read && (
        <p aria-live="polite">
          {counted(read.days.length, 'day')} can be read
          {read.days.length > 0 && `, ${read.days[0]!.date} to ${read.days.at(-1)!.date}`}.
        </p>
      )}
      <div className={pageStyles['page-head']}>
        <Button type="primary" disabled={!isReady} onClick={take}>
          Take {counted(read?.days.length ?? 0, 'day')}
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </section>
  );
}

const MOST_SHOWN = 8;

interface BadRowsProps {
  readonly bad: readonly BadRow[];
  readonly leavesOut: boolean;
  readonly onLeaveOut: (leavesOut: boolean) => void;
}

function BadRows({ bad, leavesOut, onLeaveOut }: BadRowsProps) {
  return (
    <Alert
      type="warning"
      showIcon
      title={`${counted(bad.length, 'row')} cannot be read`}
      description={
        <>
          <ul className={styles['weather-bad']}>
            {bad.slice(0, MOST_SHOWN).map(({ row, faults }) => (
              <li key={row}>
                Row {row}:{' '}
                {faults
                  .map(({ column, message }) => `${COLUMN_NAMES[column].toLowerCase()} ${message}`)
                  .join('; ')}
              </li>
            ))}
            {bad.length > MOST_SHOWN && <li>… and {bad.length - MOST_SHOWN} more.</li>}
          </ul>
          <Checkbox checked={leavesOut} onChange={(event) => onLeaveOut(event.target.checked)}>
            Leave {bad.length === 1 ? 'it' : 'them'} out
          </Checkbox>
        </>
      }
    />
  );
}
