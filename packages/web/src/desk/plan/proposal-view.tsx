import { WarningFilled } from '@ant-design/icons';
import type { DayNumber } from '@water-clock/core/civil-time';
import { changeSentences } from '@water-clock/core/compare';
import { findingKey } from '@water-clock/core/findings';
import { changedPrograms, withPrograms } from '@water-clock/core/proposals';
import type { Plan } from '@water-clock/core/settings';
import { listInWords } from '@water-clock/core/words';
import { Button, Checkbox, Segmented } from 'antd';
import { useState } from 'react';
import type { BoardModel } from '../../computing/board-model';
import { NightBoard } from '../board/night-board';
import { SeldomWords } from '../board/seldom-words';
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
    <div className={styles['proposal']}>
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
      {isWhole && <Left faults={offer.faults} />}
      {shown === 'words' ? (
        <Words sentences={sentences} />
      ) : (
        now &&
        then && (
          <div className={styles['proposal-boards']}>
            <OneBoard title="Set now" model={now.board} like={then.board} />
            <OneBoard title="As proposed" model={then.board} like={now.board} />
          </div>
        )
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

/** Errors and warnings that a plan cannot fix, to be seen to by hand. */
function Left({ faults }: Pick<Offer, 'faults'>) {
  const say = useSay();
  if (faults.length === 0) return null;
  return (
    <ul className={styles['proposal-left']} aria-label="Still to do">
      {faults.slice(0, MOST_LEFT).map((fault) => (
        <li key={findingKey(fault)} data-severity={fault.severity}>
          <WarningFilled aria-hidden="true" /> {say(fault.message)}
        </li>
      ))}
      {faults.length > MOST_LEFT && <li>And {faults.length - MOST_LEFT} more.</li>}
    </ul>
  );
}

const MOST_LEFT = 3;

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

interface OneBoardProps {
  readonly title: string;
  readonly model: BoardModel;
  /** Another board, on whose hours too it is drawn. */
  readonly like: BoardModel;
}

function OneBoard({ title, model, like }: OneBoardProps) {
  const [selected, setSelected] = useState<string | null>(null);
  const axis = {
    from: Math.min(model.axis.from, like.axis.from),
    to: Math.max(model.axis.to, like.axis.to),
  };
  return (
    <section aria-label={title}>
      <h3>{title}</h3>
      <NightBoard
        className={styles['proposal-board']}
        model={{ ...model, axis }}
        hasLegend={false}
        label={`${title}: fourteen nights, noon to noon`}
        selected={selected}
        onSelect={(run) => setSelected(run?.key ?? null)}
      />
      <SeldomWords {...model} />
    </section>
  );
}
