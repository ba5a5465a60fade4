import type { WeatherRecord } from '@water-clock/core/weather';
import { DailyEditor } from './daily-editor';
import { MonthlyEditor, SimulatedEditor } from './month-editors';

interface RecordEditorProps {
  readonly record: WeatherRecord;
  readonly faults: ReadonlyMap<string, string>;
  readonly isLocked: boolean;
  readonly onChange: (record: WeatherRecord) => void;
}

/** What a weather record is made of, by its kind. */
export function RecordEditor({ record, ...editor }: RecordEditorProps) {
  switch (record.kind) {
    case 'daily':
      return <DailyEditor {...editor} record={record} />;
    case 'monthly':
      return <MonthlyEditor {...editor} record={record} />;
    case 'simulated':
      return <SimulatedEditor {...editor} record={record} />;
  }
}
