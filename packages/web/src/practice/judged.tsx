import type { Played, PracticeCase } from '@water-clock/core/practice';
import { LESSONS } from '@water-clock/core/practice';
import { lengthInWords } from '@water-clock/core/words';
import { Alert, Button } from 'antd';
import { useNavigate } from 'react-router';
import type { Judgement } from '../api/practice';
import { useSay } from '../session/use-signed-in';
import { playPlace } from './play-place';
import pageStyles from '../ui/page.module.css';
import styles from './practice.module.css';

interface JudgedProps {
  readonly judgement: Judgement;
  readonly of: PracticeCase;
  readonly played: Played;
  readonly onAgain: () => void;
}

const A_MINUTE = 60;

/** What came of it, and what it was. */
export function Judged({ judgement, of, played, onAgain }: JudgedProps) {
  const say = useSay();
  const navigate = useNavigate();
  const { isRight, wrong, needless, presses, passedSeconds } = judgement;
  const minutes = Math.max(1, Math.round(passedSeconds / A_MINUTE)) * A_MINUTE;
  const index = LESSONS.findIndex(({ code }) => code === played.lesson);
  const next = LESSONS[index + 1];
  const nextPlace =
    played.lesson !== null && next
      ? playPlace({ ...played, lesson: next.code })
      : playPlace({ ...played, lesson: null, seed: played.seed + 1 });
  return (
    <div className={styles['play']}>
      <section className={pageStyles['sheet']} aria-labelledby="judged">
        <h2 id="judged">The next 60 days</h2>
        <Alert
          type={isRight ? 'success' : 'error'}
          showIcon
          title={isRight ? 'It is put right.' : 'It is not right yet.'}
          description={isRight ? 'It waters as it is to, and nothing collides.' : undefined}
        />
        {wrong.length > 0 && (
          <ul aria-label="What is still wrong">
            {wrong.map((one) => (
              <li key={one}>{say(one)}</li>
            ))}
          </ul>
        )}
        {needless.length > 0 && (
          <>
            <h3>Without need</h3>
            <ul aria-label="What was done without need">
              {needless.map((one) => (
                <li key={one}>{say(one)}</li>
              ))}
            </ul>
          </>
        )}
        <p className={pageStyles['soft']}>
          Buttons pressed: {presses}. Time on site: {lengthInWords(minutes)}.
        </p>
        <div className={styles['row']}>
          <Button type="primary" onClick={() => void navigate(nextPlace)}>
            {played.lesson !== null && next ? `Next: ${next.title}` : 'Next case'}
          </Button>
          <Button onClick={onAgain}>Play it again</Button>
          <Button onClick={() => void navigate('/practice')}>All lessons</Button>
        </div>
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="was">
        <h2 id="was">What it was</h2>
        {of.told.map(({ what, shows, fastest }) => (
          <dl key={what} className={pageStyles['facts']}>
            <dt>Wrong</dt>
            <dd>{say(what)}</dd>
            <dt>It showed</dt>
            <dd>{say(shows)}</dd>
            <dt>Fastest</dt>
            <dd>{say(fastest)}</dd>
          </dl>
        ))}
      </section>
    </div>
  );
}
