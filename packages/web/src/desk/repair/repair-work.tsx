import type { Finding } from '@water-clock/core/findings';
import { valuesToKeyIn } from '@water-clock/core/key-in';
import { documentWith, pathOf } from '@water-clock/core/repair';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { counted } from '@water-clock/core/words';
import { withFollowers, type Yard } from '@water-clock/core/yards';
import { App, Button, Checkbox, Spin } from 'antd';
import { useMemo, useState } from 'react';
import type { Timer } from '../../api/timers';
import type { RepairFound } from '../../computing/repair.worker';
import { useDeskWorker } from '../../computing/use-desk-worker';
import { useRepair } from '../../computing/use-repair';
import { useMayChange, useSay } from '../../session/use-signed-in';
import foot from '../../ui/foot.module.css';
import pageStyles from '../../ui/page.module.css';
import { TwoBoards } from '../board/two-boards';
import { DeskDates } from '../desk-dates';
import { FindingsLeft } from '../findings/findings-left';
import type { DeskPlace } from '../state/use-desk-place';
import type { SettingsOnDesk } from '../state/use-settings-on-desk';
import { verdict, verdictKind } from '../verdict';
import { NOT_FOUND_WORDS, repairWords } from './repair-words';
import styles from './repair-work.module.css';

interface RepairWorkProps extends Pick<SettingsOnDesk, 'plan' | 'edit'> {
  readonly timer: Timer;
  readonly yard: Yard;
  readonly place: DeskPlace;
}

/** "Fix all": the fewest settings to change on the left, each may be left out; the nights now and then on the right. */
export function RepairWork(props: RepairWorkProps) {
  const { plan, place } = props;
  const { found, stop } = useRepair(plan, place.since);
  if (typeof found !== 'string') return <Changes {...props} found={found} />;
  return (
    <div className={styles['repair']}>
      <section aria-label="What to change">
        <h2>Fix all</h2>
        <p role="status" data-repairing={found}>
          {found === 'busy' && <Spin size="small" />} {NOT_FOUND_WORDS[found]}{' '}
          {found === 'busy' && (
            <Button size="small" onClick={stop}>
              Stop
            </Button>
          )}
        </p>
        <Back place={place} />
      </section>
    </div>
  );
}

const Back = ({ place: { go } }: Pick<RepairWorkProps, 'place'>) => (
  <Button onClick={() => go({ mode: 'desk' })}>Leave as it is</Button>
);

interface ChangesProps extends RepairWorkProps {
  readonly found: RepairFound;
}

function Changes({ plan, edit, timer, yard, place, found }: ChangesProps) {
  const { since, night, go } = place;
  const { message } = App.useApp();
  const mayChange = useMayChange();
  const say = useSay();
  /** Paths of the changes that are left out. */
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const taken = found.changes.filter(({ keys }) => !left.has(pathOf(keys)));
  const result = useMemo(
    () => withFollowers(planWith(plan, found, left), yard),
    [plan, found, left, yard],
  );
  const view = { night, since, isTrueTime: false };
  const { model: now } = useDeskWorker(plan, view);
  const { model: then } = useDeskWorker(result, view);
  const stays = then?.findings.filter(({ severity }) => severity !== 'info') ?? [];
  const order = timer.handling.keyInOrder;
  const take = () => {
    edit(() => result);
    go({ mode: 'desk' });
    void message.success('The changes are on the desk, not saved yet. Undo takes them back.');
  };
  const toggle = (path: string, isTaken: boolean) => {
    const next = new Set(left);
    if (isTaken) next.delete(path);
    else next.add(path);
    setLeft(next);
  };
  return (
    <div className={styles['repair']}>
      <section aria-label="What to change">
        <h2>Fix all</h2>
        <p role="status" data-repairing="done">
          <strong>{repairWords(found)}</strong>
        </p>
        {found.changes.length > 0 && (
          <>
            <ul className={styles['changes']} aria-label="Changes">
              {found.changes.map(({ says, keys }) => (
                <li key={pathOf(keys)}>
                  <Checkbox
                    checked={!left.has(pathOf(keys))}
                    onChange={(event) => toggle(pathOf(keys), event.target.checked)}
                  >
                    {say(says)}
                  </Checkbox>
                </li>
              ))}
            </ul>
            <p className={pageStyles['soft']} data-values>
              {counted(valuesToKeyIn(result, plan, order), 'value')} to key in; the whole timer anew
              would be {valuesToKeyIn(result, null, order)}.
            </p>
          </>
        )}
        {then && <Stays findings={stays} isPart={left.size > 0} />}
        <p className={foot['foot']} data-take>
          <Button type="primary" disabled={!mayChange || taken.length === 0} onClick={take}>
            {taken.length === found.changes.length
              ? 'Take these changes'
              : `Take ${taken.length} of ${counted(found.changes.length, 'change')}`}
          </Button>
          <Back place={place} />
        </p>
      </section>
      <section aria-label="Nights">
        <DeskDates night={night} go={go} />
        {then && (
          <p
            className={styles['verdict']}
            role="status"
            data-kind={verdictKind(then) === 'error' ? 'error' : 'clear'}
          >
            {say(`Then: ${verdict(then)}`)}
          </p>
        )}
        {now && then && (
          <TwoBoards now={now.board} then={then.board} thenTitle="With the changes" />
        )}
      </section>
    </div>
  );
}

/** What is found after the changes that are taken. */
function Stays({ findings, isPart }: { findings: readonly Finding[]; isPart: boolean }) {
  if (findings.length === 0)
    return isPart ? <p>Even so, no error and no warning is left.</p> : null;
  return (
    <>
      <h3>What stays</h3>
      <FindingsLeft title="What stays" findings={findings} />
    </>
  );
}

/** The settings with the changes made that are not left out. */
function planWith(plan: Plan, { changes }: RepairFound, left: ReadonlySet<string>): Plan {
  const read = readPlan(
    documentWith(
      plan,
      changes.filter(({ keys }) => !left.has(pathOf(keys))),
    ),
  );
  if (!read.ok) throw new Error('Changed settings cannot be read.');
  return read.value;
}
