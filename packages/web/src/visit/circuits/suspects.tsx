import {
  hardwareFault,
  hardwareFaultsOf,
  type Suspect,
  type Wiring,
} from '@water-clock/core/faults';
import { HardwareEntry, jobInWords, stationsInWords } from '@water-clock/core/visits';
import { Button, Input, Tag } from 'antd';
import { useKeptForm } from '../../offline/use-kept-form';
import type { OpenVisit } from '../../timer-records/use-visit';
import { oncePressed } from '../../ui/once-pressed';
import { Caution } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import styles from './circuits.module.css';

interface SuspectsProps {
  readonly open: OpenVisit;
  readonly suspects: readonly Suspect[];
  readonly wiring: Wiring;
  readonly power: 'mains' | 'battery';
}

const isSame = (one: Suspect, other: Suspect): boolean =>
  one.code === other.code && one.stations.join() === other.stations.join();

/** What it can be, what to try in which order before parts are ordered, and what becomes a job. */
export function Suspects({ open, suspects, wiring, power }: SuspectsProps) {
  const found = open.visit.hardware.map(({ latest }) => latest.entry);
  const shown = [
    ...found.filter((one) => !suspects.some((suspect) => isSame(suspect, one))),
    ...suspects,
  ];
  const others = hardwareFaultsOf(wiring, power).filter(
    ({ code }) => !shown.some((one) => one.code === code),
  );
  return (
    <div className={styles['suspects']}>
      <section className={pageStyles['sheet']} aria-labelledby="suspects">
        <h2 id="suspects">What it can be</h2>
        {shown.length === 0 && (
          <p className={pageStyles['soft']}>
            Nothing that was checked points to a wire, a coil or the timer. What fits comes here as
            the check is entered.
          </p>
        )}
        {shown.map((suspect, index) => (
          <Fault
            key={`${suspect.code} ${suspect.stations.join()}`}
            {...{ open, suspect }}
            isOpen={index === 0}
            found={found.find((one) => isSame(one, suspect))}
          />
        ))}
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="others">
        <h2 id="others">Something else of the timer</h2>
        {others.map(({ code }) => (
          <Fault
            key={code}
            {...{ open, suspect: { code, stations: [] } }}
            isOpen={false}
            found={undefined}
          />
        ))}
      </section>
    </div>
  );
}

interface FaultProps {
  readonly open: OpenVisit;
  readonly suspect: Suspect;
  readonly isOpen: boolean;
  /** It was found at this visit. */
  readonly found: HardwareEntry | undefined;
}

function Fault({ open, suspect, isOpen, found }: FaultProps) {
  const { code, stations } = suspect;
  const { name, shows, tells, tries, mend, part, caution } = hardwareFault(code);
  const kept = useKeptForm(
    `hardware.${open.id}.${code}.${stations.join('-')}`,
    (text) => (typeof text === 'string' ? text : null),
    found?.note ?? '',
  );
  const note = kept.form;
  const say = async (isFound: boolean) => {
    const words = jobInWords({ station: null, stations, fault: code });
    const entry = Object.assign(new HardwareEntry(), {
      ...{ code, stations: [...stations], note: note.trim(), isFound },
    });
    if (!(await open.add(entry, isFound ? words : `${words}: it was not that`))) return;
    kept.restart(note);
    kept.forget();
  };
  return (
    <details className={styles['fault']} open={isOpen} data-fault={code}>
      <summary>
        {name}
        {stations.length > 0 && `, ${stationsInWords(stations)}`}
        {found && <Tag color="error">found: a job</Tag>}
      </summary>
      <p>{shows}</p>
      <p>
        <strong>What tells it:</strong> {tells}
      </p>
      <strong>Try in this order</strong>
      <ol>
        {tries.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ol>
      <p>
        <strong>To fix it:</strong> {mend} <strong>Only then order:</strong> {part}.
      </p>
      <Caution>{caution}</Caution>
      <div className={styles['ways']}>
        <Input
          aria-label={`Note on: ${name}`}
          placeholder="Note: where, what was tried"
          maxLength={500}
          value={note}
          onChange={({ target }) => kept.set(() => target.value)}
        />
        {found ? (
          <>
            {kept.isChanged && (
              <Button onClick={oncePressed(() => void say(true))}>Keep the note</Button>
            )}
            <Button onClick={oncePressed(() => void say(false))}>It was not that</Button>
          </>
        ) : (
          <Button onClick={oncePressed(() => void say(true))}>It is this: a job</Button>
        )}
      </div>
    </details>
  );
}
