import { DIFFICULTIES, LESSONS } from '@water-clock/core/practice';
import { counted, lengthInWords } from '@water-clock/core/words';
import { useMemo } from 'react';
import type { PracticeResult, ResultsOfPerson } from '../api/practice';
import { useSay } from '../session/use-signed-in';
import { DataTable, type DataColumn } from '../ui/data-table';
import pageStyles from '../ui/page.module.css';
import styles from './practice.module.css';

const A_MINUTE = 60;
const minutes = (seconds: number): string =>
  lengthInWords(Math.max(1, Math.round(seconds / A_MINUTE)) * A_MINUTE);

const ofLesson = (results: readonly PracticeResult[], code: string | null) =>
  results.find(({ lesson }) => lesson === code);

interface LessonResultProps {
  readonly results: readonly PracticeResult[];
  readonly code: string;
}

/** What came of a lesson so far; nothing where it was not played. */
export function LessonResult({ results, code }: LessonResultProps) {
  const say = useSay();
  const result = ofLesson(results, code);
  if (!result) return null;
  const { played, fewestPresses, shortestSeconds } = result;
  if (fewestPresses === null || shortestSeconds === null)
    return <p className={styles['result']}>○ Played {timesOf(played)}, not put right yet</p>;
  return (
    <p className={styles['result']} data-right="yes">
      ✓ Put right at best with {counted(fewestPresses, 'button')} in {say(minutes(shortestSeconds))}
    </p>
  );
}

const timesOf = (count: number): string => (count === 1 ? 'once' : `${count} times`);

/** What came of free cases, by how many faults they had. */
export function FreeResults({ results }: { readonly results: readonly PracticeResult[] }) {
  const free = results.filter(({ lesson }) => lesson === null);
  if (free.length === 0) return null;
  return (
    <ul aria-label="What came of free cases" className={pageStyles['soft']}>
      {free.map(({ difficulty, played, right, rightAtOnce }) => (
        <li key={difficulty}>
          With {counted(difficulty, 'fault')}: {right} of {played} put right, {rightAtOnce} at the
          first try.
        </li>
      ))}
    </ul>
  );
}

interface CrewResultsProps {
  readonly crew: readonly ResultsOfPerson[];
}

/** Of everybody in the firm, lesson by lesson. */
export function CrewResults({ crew }: CrewResultsProps) {
  const say = useSay();
  const columns = useMemo(
    (): DataColumn<ResultsOfPerson>[] => [
      { title: 'Who', cell: ({ name }) => name },
      ...LESSONS.map(({ code, title }, index): DataColumn<ResultsOfPerson> => ({
        title: String(index + 1),
        cell: ({ results }) => <LessonMark result={ofLesson(results, code)} title={title} />,
      })),
      ...DIFFICULTIES.map((faults): DataColumn<ResultsOfPerson> => ({
        title: `Free, ${counted(faults, 'fault')}`,
        cell: ({ results }) => {
          const free = results.find(
            ({ lesson, difficulty }) => lesson === null && difficulty === faults,
          );
          return free ? `${free.right} of ${free.played}` : '–';
        },
      })),
      {
        title: 'Last',
        cell: ({ results }) => {
          const last = results
            .map(({ lastAt }) => lastAt)
            .sort()
            .at(-1);
          return last === undefined ? 'Not yet' : say(last.slice(0, 10));
        },
      },
    ],
    [say],
  );
  return (
    <section className={pageStyles['sheet']} aria-labelledby="crew">
      <h2 id="crew">The crew</h2>
      <p className={pageStyles['soft']}>
        By the number of the lesson. ✓ put right, ○ played and not right yet, – not played.
      </p>
      <DataTable
        label="What came of practice, by person"
        columns={columns}
        rows={crew}
        keyOf={({ id }) => id}
        nothing="Nobody is in the firm."
      />
    </section>
  );
}

interface LessonMarkProps {
  readonly result: PracticeResult | undefined;
  readonly title: string;
}

function LessonMark({ result, title }: LessonMarkProps) {
  const [mark, words] = !result
    ? ['–', 'not played']
    : result.right > 0
      ? ['✓', 'put right']
      : ['○', `played ${timesOf(result.played)}, not right yet`];
  return (
    <span role="img" aria-label={`${title}: ${words}`} title={`${title}: ${words}`}>
      {mark}
    </span>
  );
}
