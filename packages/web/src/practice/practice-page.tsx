import { DIFFICULTIES, LARGEST_SEED, LESSONS, type Difficulty } from '@water-clock/core/practice';
import { counted } from '@water-clock/core/words';
import { useQuery } from '@tanstack/react-query';
import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { practiceResultsQuery } from '../api/practice';
import { useSignedIn } from '../session/use-signed-in';
import { Field } from '../ui/field';
import { NumberInput } from '../ui/number-input';
import { Page } from '../ui/page';
import { playPlace } from './play-place';
import { CrewResults, FreeResults, LessonResult } from './results';
import pageStyles from '../ui/page.module.css';
import styles from './practice.module.css';

/** Twelve lessons in the order of the work, and cases by seed. */
export function PracticePage() {
  // Somebody else's case is had by its number; a new one is whichever comes.
  const [seed, setSeed] = useState(() => Math.floor(Math.random() * LARGEST_SEED));
  const navigate = useNavigate();
  const [difficulty, setDifficulty] = useState<Difficulty>(1);
  const { person } = useSignedIn();
  const people = useQuery(practiceResultsQuery).data ?? [];
  const own = people.find(({ id }) => id === person.id)?.results ?? [];
  return (
    <Page title="Practice">
      <p className={pageStyles['soft']}>
        Something is wrong with a simulated timer. Find it as you would on a wall: hear the story,
        read the front, walk the yard, measure. Nothing here touches a home.
      </p>
      <section className={pageStyles['sheet']} aria-labelledby="lessons">
        <h2 id="lessons">Twelve lessons</h2>
        <ol className={styles['lessons']}>
          {LESSONS.map(({ code, title, teaches }) => (
            <li key={code}>
              <Link to={playPlace({ lesson: code, difficulty: 1, seed })}>{title}</Link>
              <p>{teaches}</p>
              <LessonResult results={own} {...{ code }} />
            </li>
          ))}
        </ol>
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="free">
        <h2 id="free">Free cases</h2>
        <p>
          One to three faults are hidden, and a householder tells what was seen of them. The same
          number is the same case: send its address to whoever is to play it.
        </p>
        <div className={styles['row']}>
          <Field label="How many faults">
            {() => (
              <Segmented<Difficulty>
                aria-label="How many faults"
                value={difficulty}
                options={DIFFICULTIES.map((value) => ({ value, label: counted(value, 'fault') }))}
                onChange={setDifficulty}
              />
            )}
          </Field>
          <Field label="Number of the case">
            {(id) => (
              <NumberInput
                {...{ id }}
                value={seed}
                least={0}
                most={LARGEST_SEED}
                isWhole
                width={140}
                onChange={setSeed}
              />
            )}
          </Field>
          <Button onClick={() => void navigate(playPlace({ lesson: null, difficulty, seed }))}>
            Play this case
          </Button>
        </div>
        <FreeResults results={own} />
      </section>
      {person.role === 'owner' && people.length > 0 && <CrewResults crew={people} />}
    </Page>
  );
}
