import { suspectsOf } from '@water-clock/core/faults';
import { Button } from 'antd';
import { Link } from 'react-router';
import { useKeptForm } from '../../offline/use-kept-form';
import { Choice } from '../../ui/choice';
import { oncePressed } from '../../ui/once-pressed';
import { Caution, Foot } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import { VisitFrame, type VisitHere } from '../visit-frame';
import { CircuitRows } from './circuit-rows';
import styles from './circuits.module.css';
import { circuitsIn, entryOf, typedOf } from './circuits-typed';
import { Suspects } from './suspects';

/** What is broken of a timer, its wires and what hangs on them: what it says itself, a check of the circuits, causes. */
export function CircuitsPage() {
  return <VisitFrame title="Circuits">{(here) => <Circuits {...here} />}</VisitFrame>;
}

const LAMP_CHOICES = [
  { value: 'none', label: 'nothing' },
  { value: 'program', label: 'a program fault' },
  { value: 'wiring', label: 'a wiring fault' },
  { value: 'dark', label: 'display is dark' },
] as const;

function Circuits({ open, timer, inTimer: { plan } }: VisitHere) {
  const { wiring } = timer.handling;
  const { power } = plan.timer;
  const stations = plan.stations.filter(({ enabled }) => enabled);
  const before = open.visit.circuits?.latest.entry;
  const kept = useKeptForm(`circuits.${open.id}`, circuitsIn, typedOf(before));
  const { form, set } = kept;
  const shut = [...open.visit.stations.values()]
    .filter(({ latest }) => latest.entry.faults.includes('no-valve'))
    .map(({ latest }) => latest.entry.station);
  const checked = stations.flatMap(({ number }) => {
    const circuit = form.circuits[String(number)];
    return circuit ? ([[number, circuit]] as const) : [];
  });
  const suspects = suspectsOf({
    ...{ wiring, power, shut, lamp: form.lamp, pump: form.pump },
    stations: stations.map(({ number }) => number),
    circuits: new Map(checked),
  });
  const keep = async () => {
    const words = `Circuits: ${checked.length} of ${stations.length} checked`;
    if (!(await open.add(entryOf(form), words))) return;
    kept.restart(form);
    kept.forget();
  };
  return (
    <>
      <Caution>
        Stop all watering, and take the power off, before a wire is touched or its ohms are read.
        The mains side is for a licensed electrician. The valve&rsquo;s own sheet goes before these
        limits.
      </Caution>
      <div className={styles['circuits']}>
        <section className={pageStyles['sheet']} aria-labelledby="check">
          <h2 id="check">The check</h2>
          <h3 className={styles['asked']}>The timer itself says</h3>
          <Choice
            label="The timer itself says"
            className={styles['lamps']!}
            value={form.lamp}
            options={LAMP_CHOICES}
            onChange={(lamp) => set((now) => ({ ...now, lamp }))}
          />
          {form.lamp === 'program' && (
            <p className={styles['says']} role="status">
              Then no wire is at fault: a program has no start time, no run time or no day.{' '}
              <Link to={`/timers/${timer.id}/as-found`}>Read it as found</Link>
            </p>
          )}
          {form.lamp === 'wiring' && checked.length === 0 && (
            <p className={styles['says']} role="status">
              It let a station go that drew too much, or none at all: check each, and the pump.
            </p>
          )}
          <CircuitRows
            {...{ timer, plan, stations, form, shut }}
            onSet={(circuits) =>
              set((now) => ({ ...now, circuits: { ...now.circuits, ...circuits } }))
            }
            onPump={(pump) => set((now) => ({ ...now, pump }))}
          />
          <Foot>
            <Button
              type={kept.isChanged ? 'primary' : 'default'}
              disabled={!kept.isChanged}
              onClick={oncePressed(() => void keep())}
            >
              {kept.isChanged || !before ? 'Keep the check' : 'The check is kept'}
            </Button>
          </Foot>
        </section>
        <Suspects {...{ open, suspects, wiring, power }} />
      </div>
      <p className={pageStyles['way']}>
        <Link to={`/timers/${timer.id}/visit/walk`}>To the walk</Link>
      </p>
    </>
  );
}
