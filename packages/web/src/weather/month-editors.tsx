import { NumberInput } from '../ui/number-input';
import { MOST_RAIN_MM } from '@water-clock/core/agronomy';
import {
  COLDEST_CELSIUS,
  HOTTEST_CELSIUS,
  type MonthlyRecord,
  type MonthOfClimate,
  type MonthOfTable,
  type SimulatedRecord,
} from '@water-clock/core/weather';

import { Field } from '../ui/field';
import { useQuantity, useSignedIn } from '../session/use-signed-in';
import { storedAmount, type Quantity } from '../format/quantities';
import { temperatureIn } from '../format/temperatures';
import { MonthGrid, type MonthColumn } from './month-grid';

interface RecordEditorProps<Record> {
  readonly record: Record;
  readonly faults: ReadonlyMap<string, string>;
  readonly isLocked: boolean;
  readonly onChange: (record: Record) => void;
}

const depthColumn = (quantity: Quantity) => ({
  unit: quantity.label,
  shown: (si: number) => Number((si / quantity.inSi).toFixed(quantity.decimals)),
  stored: (shown: number) => storedAmount(shown, quantity),
});

const PLAIN = { shown: (value: number) => value, stored: (value: number) => value };

/** What a month's rain is typed as. */
const rainColumns = (depth: Quantity) =>
  [
    {
      ...depthColumn(depth),
      key: 'rainMm',
      title: 'rain in the month',
      least: 0,
      most: MOST_RAIN_MM,
    },
    { ...PLAIN, key: 'rainDays', title: 'days with rain', unit: '', least: 0, most: 31 },
  ] as const;

/** A table of evapotranspiration and rain by month. */
export function MonthlyEditor({ record, onChange, ...rest }: RecordEditorProps<MonthlyRecord>) {
  const depth = useQuantity('depth');
  const columns: MonthColumn<MonthOfTable>[] = [
    {
      ...depthColumn({ ...depth, decimals: depth.decimals + 1 }),
      key: 'et0MmPerDay',
      title: 'evapotranspiration',
      unit: `${depth.label} a day`,
      least: 0,
      most: 20,
    },
    ...rainColumns(depth),
  ];
  return (
    <MonthGrid
      {...rest}
      label="Weather by month"
      columns={columns}
      months={record.months}
      onChange={(months) => onChange({ ...record, months })}
    />
  );
}

/** The climate of a station that does not exist, and the seed of its days. */
export function SimulatedEditor({ record, onChange, ...rest }: RecordEditorProps<SimulatedRecord>) {
  const { firm } = useSignedIn();
  const depth = useQuantity('depth');
  const scale = temperatureIn(firm.units);
  const warm = {
    unit: scale.label,
    shown: scale.shown,
    stored: scale.stored,
    least: COLDEST_CELSIUS,
    most: HOTTEST_CELSIUS,
  };
  const columns: MonthColumn<MonthOfClimate>[] = [
    { ...warm, key: 'lowCelsius', title: 'mean low' },
    { ...warm, key: 'highCelsius', title: 'mean high' },
    ...rainColumns(depth),
  ];
  return (
    <>
      <Field
        label="Seed"
        hint="The same seed and climate give the same days, always. Another seed: other years."
        fault={rest.faults.get('seed')}
      >
        {(id) => (
          <NumberInput
            id={id}
            least={0}
            most={2 ** 31 - 1}
            isWhole
            width={150}
            value={record.seed}
            disabled={rest.isLocked}
            onChange={(seed) => onChange({ ...record, seed })}
          />
        )}
      </Field>
      <MonthGrid
        {...rest}
        label="Climate by month"
        columns={columns}
        months={record.months}
        onChange={(months) => onChange({ ...record, months })}
      />
    </>
  );
}
