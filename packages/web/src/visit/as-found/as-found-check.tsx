import { clsx } from 'clsx';
import { parseDate } from '@water-clock/core/civil-time';
import { changeSentences } from '@water-clock/core/compare';
import type { Plan } from '@water-clock/core/settings';
import { TOO_MUCH_WORDS } from '@water-clock/core/words';
import { Skeleton } from 'antd';
import { useMemo, type ReactNode } from 'react';
import type { Copy } from '../../api/copies';
import { useDeskWorker } from '../../computing/use-desk-worker';

import { useClock, useSay } from '../../session/use-signed-in';
import { copyWords } from '../../copies/copy-words';
import { todayHere } from '../../format/today';
import pageStyles from '../../ui/page.module.css';
import { FindingList } from '../../desk/findings/finding-list';
import { isForRepair } from '../../desk/findings/for-repair';
import findingsPanelStyles from '../../desk/findings/findings-panel.module.css';
import styles from './as-found-page.module.css';

interface AsFoundCheckProps {
  readonly plan: Plan;
  /** Null where there is none, undefined until it has come. */
  readonly last: Copy | null | undefined;
  readonly isBegun: boolean;
}

/** What is otherwise than in the last saved copy, in words. */
export function SinceLastCopy({ plan, last, isBegun }: AsFoundCheckProps) {
  const say = useSay();
  const clock = useClock();
  const sentences = useMemo(() => (last ? changeSentences(last.document, plan) : []), [last, plan]);
  return (
    <section className={pageStyles['sheet']} aria-label="Since the last copy">
      <h2>Since the last copy</h2>
      {!isBegun ? (
        <p>
          Nothing is entered yet. Go back and read the timer
          {last && `, or begin from copy № ${last.number}`}.
        </p>
      ) : last ? (
        <>
          <p className={pageStyles['soft']}>Against {copyWords(last, clock)}</p>
          {sentences.length === 0 && <p>The timer holds just what that copy says.</p>}
          <ul>
            {sentences.map((sentence) => (
              <li key={sentence}>{say(sentence)}</li>
            ))}
          </ul>
        </>
      ) : last === undefined ? (
        <p className={pageStyles['soft']}>The last copy has not come onto this device yet.</p>
      ) : (
        <p className={pageStyles['soft']}>
          There is no earlier copy of this timer: this will be the first.
        </p>
      )}
    </section>
  );
}

interface AsFoundFindingsProps {
  readonly plan: Plan;
  /** False while nothing is entered: then there is nothing to find. */
  readonly isBegun: boolean;
  /** The way on from what was found. */
  readonly children?: ReactNode;
}

/** What is wrong with the timer as it was read, renewed as it is read. */
export function AsFoundFindings({ plan, isBegun, children }: AsFoundFindingsProps) {
  const day = parseDate(todayHere())!;
  const { model, failure } = useDeskWorker(plan, { night: day, since: day, isTrueTime: false });
  return (
    <section
      className={clsx(
        pageStyles['sheet'],
        findingsPanelStyles['findings'],
        styles['as-found-findings'],
      )}
      aria-label="Findings"
    >
      <h2>What the homeowner has been seeing</h2>
      {!isBegun && <p>Nothing is entered yet. What is wrong shows here as you read the timer.</p>}
      {failure && (
        <p role="alert">
          {failure === 'too-much' ? TOO_MUCH_WORDS : 'The findings could not be worked out.'}
        </p>
      )}
      {isBegun && !model && !failure && <Skeleton active />}
      {isBegun && model?.findings.length === 0 && <p>Nothing is wrong with it.</p>}
      {isBegun && model && <FindingList findings={model.findings} />}
      {isBegun && model?.findings.some(isForRepair) && children}
    </section>
  );
}
