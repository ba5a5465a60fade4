import type { DayNumber } from '@water-clock/core/civil-time';
import { changeSentences } from '@water-clock/core/compare';
import { findingKey } from '@water-clock/core/findings';
import { changedPrograms, withPrograms } from '@water-clock/core/proposals';
import type { Plan } from '@water-clock/core/settings';
import { listInWords } from '@water-clock/core/words';
import { Button, Checkbox, Segmented } from 'antd';
import { useState } from 'react';
import { TwoBoards } from '../board/two-boards';
import { FindingsLeft } from '../findings/findings-left';
import type { DeskModel } from '../../computing/desk-model';
import { useDeskWorker } from '../../computing/use-desk-worker';
import { verdict } from '../verdict';
import type { Offer } from '@water-clock/core/proposals';
import { useMayChange, useSay } from '../../session/use-signed-in';
import foot from '../../ui/foot.module.css';
import styles from './plan-work.module.css';
import pageStyles from '../../ui/page.module.css';

interface ProposalViewProps {
  readonly plan: Plan;
  readonly offer: Offer;
  readonly since: DayNumber;
  readonly night: DayNumber;
  readonly onTake: (plan: Plan) => void;
  /** Keeps the plan as a copy for winter; null where it is not one. */
  readonly onKeep: ((plan: Plan) => void) | null;
}

/** A plan beside what is set now, on the board and in words, to be taken whole or by program. */
export function ProposalView(props: ProposalViewProps) {
  const { plan, offer, since, night, onTake, onKeep } = props;
  const changed = changedPrograms(plan, offer.proposal);
  const [left, setLeft] = useState<readonly string[]>([]);
  const [shown, setShown] = useState<'board' | 'words'>('board');
  const taken = changed.filter((id) => !left.includes(id));
  const isWhole = taken.length === changed.length;
  const result = isWhole ? offer.proposal : withPrograms(plan, offer.proposal, taken);
  const mayChange = useMayChange();
  const say = useSay();
  const view = { night, since, isTrueTime: false };
  const { model: now } = useDeskWorker(plan, view);
  const { model: then } = useDeskWorker(result, view);
  const sentences = changeSentences(plan, result);
  const isSame = sentences.length === 0;

  return (
    <div>
      <div className={styles['proposal-bar']}>
        <Segmented
          aria-label="How the plan is shown"
          value={shown}
          options={[
            { value: 'board', label: 'On the board' },
            { value: 'words', label: `In words (${sentences.length})` },
          ]}
          onChange={setShown}
        />
        {changed.length > 1 && (
          <span role="group" aria-label="Programs to take">
            Take{' '}
            {changed.map((id) => (
              <Checkbox
                key={id}
                checked={!left.includes(id)}
                onChange={(event) =>
                  setLeft(event.target.checked ? left.filter((one) => one !== id) : [...left, id])
                }
              >
                {id}
              </Checkbox>
            ))}
          </span>
        )}
        <span className={foot['foot']} data-take>
          {onKeep && (
            <Button disabled={!mayChange} onClick={() => onKeep(offer.proposal)}>
              Keep as the winter copy
            </Button>
          )}
          <Button
            type="primary"
            disabled={!mayChange || isSame || taken.length === 0}
            onClick={() => onTake(result)}
          >
            {isWhole ? 'Take this plan' : `Take ${listInWords(taken) || 'none'}`}
          </Button>
        </span>
      </div>
      {then && (
        <p
          className={styles['proposal-verdict']}
          role="status"
          data-kind={isWorse(now, then) ? 'error' : 'clear'}
        >
          {isSame ? 'This is just what is set now.' : say(`Then: ${verdict(then)}`)}
        </p>
      )}
      {offer.alternative === 'by-starts' && (
        <p className={pageStyles['soft']}>
          Cut by starts: each piece grows and shrinks with the percentage, and is as long as is set
          at 100 %.
        </p>
      )}
      {isWhole && <FindingsLeft title="Still to do" findings={offer.faults} />}
      {shown === 'words' ? (
        <Words sentences={sentences} />
      ) : (
        now && then && <TwoBoards now={now.board} then={then.board} thenTitle="As proposed" />
      )}
    </div>
  );
}

/** Whether something is wrong then that is not wrong now; without an answer for now, anything wrong. */
function isWorse(now: DeskModel | null, { findings }: DeskModel): boolean {
  const known = new Set(now?.findings.map(findingKey));
  return findings.some(
    (finding) =>
      finding.severity === 'error' &&
      (finding.code === 'collision' || !known.has(findingKey(finding))),
  );
}

function Words({ sentences }: { sentences: readonly string[] }) {
  const say = useSay();
  return (
    <ul className={styles['proposal-words']} aria-label="What would change">
      {sentences.map((sentence) => (
        <li key={sentence}>{say(sentence)}</li>
      ))}
    </ul>
  );
}
