import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link } from 'react-router';
import { changeTelling, openTellingsQuery, tellingsKey, type Told } from '../api/tellings';
import { useWrite } from '../api/use-write';
import { momentWords } from '../format/moment-words';
import { useClock, useSay } from '../session/use-signed-in';
import { CAUSE_NAMES } from '../diagnosis/cause-names';
import { toldWords } from '../diagnosis/told-words';
import pageStyles from '../ui/page.module.css';
import styles from './round.module.css';

interface TellingsProps {
  readonly onPlan: (told: Told) => void;
}

/** What households told, each with what would explain it; nothing where nobody told anything. */
export function Tellings({ onPlan }: TellingsProps) {
  const all = useQuery(openTellingsQuery).data ?? [];
  const closing = useWrite('close-telling', (id: string) => changeTelling(id, true), {
    touches: [tellingsKey],
  });
  if (all.length === 0) return null;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="tellings">
      <h2 id="tellings">
        Households tell <span className={pageStyles['soft']}>{all.length}</span>
      </h2>
      <ul className={styles['lines']}>
        {all.map((told) => (
          <TellingLine
            key={told.id}
            told={told}
            isClosing={closing.isWriting}
            onClose={() => void closing.write(told.id)}
            onPlan={() => onPlan(told)}
          />
        ))}
      </ul>
    </section>
  );
}

interface TellingLineProps {
  readonly told: Told;
  readonly isClosing: boolean;
  readonly onClose: () => void;
  readonly onPlan: () => void;
}

function TellingLine({ told, isClosing, onClose, onPlan }: TellingLineProps) {
  const { timerId, timer, propertyId, home, toldAt, document, causes } = told;
  const clock = useClock();
  const say = useSay();
  const [first] = causes;
  return (
    <li data-telling>
      <strong>
        <Link to={`/properties/${propertyId}`}>{home}</Link>
      </strong>{' '}
      <span className={pageStyles['soft']}>
        {timer}, {momentWords(toldAt, clock)}
      </span>
      {document.words !== '' && <p className={styles['told']}>&ldquo;{document.words}&rdquo;</p>}
      {document.saw.map((saw) => (
        <p key={`${saw.from} ${saw.station}`} className={styles['told']}>
          {say(toldWords(saw, []))}
        </p>
      ))}
      {first && (
        <p className={styles['told']}>
          <strong>Likely: {CAUSE_NAMES[first.code]}.</strong> {say(capital(first.says))}
        </p>
      )}
      <div className={styles['ways']}>
        <Link to={`/timers/${timerId}/wrong`}>Look into it</Link>
        <Button size="small" onClick={onPlan}>
          Plan a visit
        </Button>
        <Button size="small" loading={isClosing} onClick={onClose}>
          It is seen to
        </Button>
      </div>
    </li>
  );
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
