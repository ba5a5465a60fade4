import type { YardStation } from '@water-clock/core/yards';
import { Alert, Button } from 'antd';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import type { Meanwhile } from './use-yard-on-desk';
import { SCHOOL_NAMES } from './need-words';
import type { YardColumn } from './yard-column';
import { setStation, type YardEdit } from '@water-clock/core/yards';
import styles from './yard-page.module.css';

interface MeanwhileNoteProps {
  readonly meanwhile: Meanwhile;
  readonly columns: readonly YardColumn[];
  readonly onTake: (edit: YardEdit) => void;
}

type FactInWords = Pick<YardColumn, 'key' | 'title' | 'text'>;

/** A fact of a station as one text: all that its columns say of it. */
function factText(facts: readonly FactInWords[], station: YardStation): string {
  return facts
    .map(({ text }) => text(station))
    .filter(Boolean)
    .join(', ');
}

/** What of a station stands in no column of the yard. */
const WITHOUT_COLUMN: readonly FactInWords[] = [
  {
    key: 'catchTest',
    title: 'catch test',
    text: ({ catchTest }) =>
      catchTest ? `${catchTest.millilitres.join(', ')} mL in ${catchTest.minutes} minutes` : '',
  },
  {
    key: 'school',
    title: 'run time taken',
    text: ({ school }) => (school ? SCHOOL_NAMES[school] : ''),
  },
];

/** What somebody else changed of the yard meanwhile, and what both changed, to choose from. */
export function MeanwhileNote({ meanwhile, columns, onTake }: MeanwhileNoteProps) {
  const { who, savedAt, before, theirs, conflicts } = meanwhile;
  const clock = useClock();
  const facts: readonly FactInWords[] = [...columns, ...WITHOUT_COLUMN];
  const textOf = (station: YardStation | undefined, column: FactInWords) =>
    (station && column.text(station)) || 'nothing';
  const old = new Map(before.stations.map((station) => [station.number, station]));
  const changed = theirs.stations.flatMap((station) =>
    facts
      .filter((column) => textOf(old.get(station.number), column) !== textOf(station, column))
      .map(
        (column) =>
          `Station ${station.number}, ${column.title}: ${textOf(old.get(station.number), column)} became ${textOf(station, column)}`,
      ),
  );
  return (
    <Alert
      type="warning"
      showIcon
      title={`${who} saved this yard meanwhile: ${momentWords(savedAt, clock)}. Both changes are below; save again to keep them.`}
      description={
        <ul className={styles['meanwhile']} aria-label="What they changed">
          {changed.map((words) => (
            <li key={words}>{words}</li>
          ))}
          {conflicts.map(({ number, field, mine, theirs: other }) => {
            const parts = facts.filter(({ key }) => key === field);
            const column = parts[0];
            const shown = (value: unknown) =>
              factText(parts, { [field]: value } as unknown as YardStation) || 'nothing';
            return (
              <li key={`${number} ${field}`}>
                <strong>
                  Station {number}, {column?.title ?? field}: yours is {shown(mine)}, theirs{' '}
                  {shown(other)}. Yours stands.
                </strong>{' '}
                <Button size="small" onClick={() => onTake(setStation(number, { [field]: other }))}>
                  Take theirs
                </Button>
              </li>
            );
          })}
        </ul>
      }
    />
  );
}
