import { parseDate } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { Button, Spin } from 'antd';
import { useRepair } from '../../computing/use-repair';
import { NOT_FOUND_WORDS, repairWords } from '../../desk/repair/repair-words';
import { todayHere } from '../../format/today';
import { useSay } from '../../session/use-signed-in';
import pageStyles from '../../ui/page.module.css';
import styles from './as-found-page.module.css';

interface FixAllFoundProps {
  readonly plan: Plan;
  readonly isSaving: boolean;
  /** Saves what was found, and goes on to where it is fixed. */
  readonly onGoOn: () => void;
}

/** The fewest settings to change so that nothing of what was found is left, in words. */
export function FixAllFound({ plan, isSaving, onGoOn }: FixAllFoundProps) {
  const { found } = useRepair(plan, parseDate(todayHere())!);
  const say = useSay();
  return (
    <section className={styles['fix-all']} aria-label="Fix all">
      <h3>Fix all</h3>
      {typeof found === 'string' ? (
        <p role="status">
          {found === 'busy' && <Spin size="small" />} {NOT_FOUND_WORDS[found]}
        </p>
      ) : (
        <>
          <p role="status">{repairWords(found)}</p>
          <ul>
            {found.changes.map(({ says }) => (
              <li key={says}>{say(says)}</li>
            ))}
          </ul>
          {found.changes.length > 0 && (
            <p>
              <Button loading={isSaving} onClick={onGoOn}>
                Fix all…
              </Button>{' '}
              <span className={pageStyles['soft']}>What was found is saved first.</span>
            </p>
          )}
        </>
      )}
    </section>
  );
}
