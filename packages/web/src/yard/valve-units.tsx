import {
  assignAndAdd,
  assignInOrder,
  setStation,
  unitName,
  unitsFound,
  unitsTwice,
  type ValveUnit,
  type Yard,
  type YardStation,
} from '@water-clock/core/yards';
import type { Plan } from '@water-clock/core/settings';
import { counted, listInWords } from '@water-clock/core/words';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { oncePressed } from '../ui/once-pressed';
import { StationTable } from './station-table';
import type { TableOfYard } from './table-of-yard';
import { useCable } from './use-cable';
import { RESULT_NAMES } from './unit-words';
import pageStyles from '../ui/page.module.css';
import styles from './valve-units.module.css';

interface ValveUnitsProps extends TableOfYard {
  readonly timerId: string;
  readonly timeZone: string | undefined;
  readonly plan: Plan;
}

/** Which unit on the two wires opens which station, and what its last test said. */
export function ValveUnits(props: ValveUnitsProps) {
  const { timerId, timeZone, plan, ...table } = props;
  const { yard, isLocked, edit } = table;
  const cable = useCable(timerId, plan, timeZone);
  const withUnit = yard.stations.filter(({ valveUnit }) => valveUnit);
  const test = async (stations: readonly YardStation[]) => {
    for (const { number, valveUnit } of stations) {
      if (!valveUnit) continue;
      const lastTest = await cable.test(valveUnit.serial);
      if (!lastTest) return;
      edit(setStation(number, { valveUnit: { ...valveUnit, lastTest } }));
    }
  };
  return (
    <section className={styles['units']} aria-labelledby="valve-units">
      <div className={styles['units-head']}>
        <h2 id="valve-units">Valve units</h2>
        <span className={pageStyles['soft']} role="status">
          {unitsInWords(yard)}
        </span>
        {!isLocked && cable.isThere && (
          <>
            <Button size="small" onClick={oncePressed(() => void cable.search())}>
              Search the two wires
            </Button>
            <Button
              size="small"
              disabled={withUnit.length === 0}
              onClick={oncePressed(() => void test(withUnit))}
            >
              Test them all
            </Button>
          </>
        )}
        {!isLocked && !cable.isThere && (
          <span className={pageStyles['soft']}>
            Let the timer search, and type what it lists. No timer at hand?{' '}
            <Button size="small" onClick={() => void cable.hangUp()}>
              Use a simulated one
            </Button>
          </span>
        )}
      </div>
      {!isLocked && <Scan {...{ yard, edit }} />}
      {cable.found && (
        <Found {...{ yard, isLocked, edit }} found={cable.found} most={plan.timer.stations} />
      )}
      <Twice yard={yard} />
      <div className={styles['unit-scroll']}>
        <StationTable
          label="Valve units"
          {...table}
          headWidth={170}
          head={({ number, name }) => (
            <span className={styles['unit-station']}>
              <b className="figures">{number}</b> {name}
            </span>
          )}
          {...(cable.isThere && {
            actions: (station: YardStation) => (
              <Button
                size="small"
                aria-label={`Test the unit of station ${station.number}`}
                disabled={isLocked || !station.valveUnit}
                onClick={oncePressed(() => void test([station]))}
              >
                Test
              </Button>
            ),
          })}
        />
      </div>
    </section>
  );
}

function unitsInWords({ stations }: Yard): string {
  const with_ = stations.filter(({ valveUnit }) => valveUnit);
  const bad = with_.flatMap(({ number, valveUnit }) =>
    valveUnit?.lastTest && valveUnit.lastTest.result !== 'fine'
      ? [`${number} ${RESULT_NAMES[valveUnit.lastTest.result]}`]
      : [],
  );
  const count = `${with_.length} of ${counted(stations.length, 'station')} have one`;
  return bad.length > 0 ? `${count}. At the last test: ${listInWords(bad)}.` : `${count}.`;
}

/** A serial that is scanned or typed goes to the next station without a unit; a scanner ends it with Enter. */
function Scan({ yard, edit }: Pick<ValveUnitsProps, 'yard' | 'edit'>) {
  const [typed, setTyped] = useState('');
  const next = yard.stations.find(({ valveUnit }) => !valveUnit);
  const serial = typed.trim();
  const owner = yard.stations.find(
    ({ valveUnit }) => valveUnit && unitName(valveUnit) === unitName({ serial }),
  );
  const fault =
    serial.length > 40
      ? 'At most 40 characters'
      : serial && owner
        ? `That is the unit of station ${owner.number}.`
        : null;
  if (!next) return null;
  return (
    <label className={styles['scan']}>
      Scan or type the serial for station {next.number} {next.name}
      <Input
        size="small"
        value={typed}
        status={fault ? 'error' : ''}
        placeholder="then Enter"
        autoComplete="off"
        spellCheck={false}
        aria-invalid={fault !== null}
        onChange={({ target }) => setTyped(target.value)}
        onPressEnter={(event) => {
          event.preventDefault();
          if (!serial || fault) return;
          edit(setStation(next.number, { valveUnit: { serial } }));
          setTyped('');
        }}
      />
      {fault && <span role="alert">{fault}</span>}
    </label>
  );
}

interface FoundProps extends Pick<TableOfYard, 'yard' | 'isLocked' | 'edit'> {
  readonly found: readonly ValveUnit[];
  readonly most: number;
}

/** What a search found, against the stations here. */
function Found({ yard, found, most, isLocked, edit }: FoundProps) {
  const { free, silent } = unitsFound(yard, found);
  const waiting = yard.stations.filter(({ valveUnit }) => !valveUnit).length;
  const more = free.length - waiting;
  return (
    <div className={styles['found']} role="status">
      <span>
        {counted(found.length, 'unit')} answered
        {free.length > 0
          ? `; no station has ${listInWords(free.map(({ serial }) => serial))}.`
          : '; each has its station.'}
      </span>
      {silent.length > 0 && (
        <strong>
          No answer from{' '}
          {silent.map(({ number, valveUnit }) => `${number} (${valveUnit.serial})`).join(', ')}:
          look at the splice before it.
        </strong>
      )}
      {!isLocked && free.length > 0 && waiting > 0 && (
        <Button size="small" onClick={() => edit(assignInOrder(found))}>
          Assign in this order
        </Button>
      )}
      {!isLocked && more > 0 && (
        <Button size="small" onClick={() => edit(assignAndAdd(found, most))}>
          {waiting > 0 ? 'Assign, and add' : 'Add'} {counted(more, 'station')}
        </Button>
      )}
    </div>
  );
}

function Twice({ yard }: { yard: Yard }) {
  const twice = [...unitsTwice(yard).keys()];
  if (twice.length === 0) return null;
  return (
    <p role="alert" className={styles['twice']}>
      {twice.length === 1 ? 'Station' : 'Stations'} {listInWords(twice.map(String))}: another
      station has the same unit. Give each its own serial, or an address that tells them apart.
    </p>
  );
}
