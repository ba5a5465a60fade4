import { PlusOutlined } from '@ant-design/icons';
import {
  setFields,
  setModule,
  setWire,
  wiringOf,
  type Yard,
  type YardEdit,
} from '@water-clock/core/yards';
import { counted, listInWords } from '@water-clock/core/words';
import { Button } from 'antd';
import { useState } from 'react';
import { NumberInput } from '../ui/number-input';
import pageStyles from '../ui/page.module.css';
import styles from './modules.module.css';

interface ModulesProps {
  readonly yard: Yard;
  /** The stations that the timer can have. */
  readonly most: number;
  /** Valves hang on two wires: there is no terminal for each. */
  readonly isTwoWire: boolean;
  readonly isLocked: boolean;
  readonly edit: (edit: YardEdit, key?: string) => void;
}

/** The stations that the fitted modules give, against those that are wired; by slot and by wire where somebody looked. */
export function Modules({ yard, most, isTwoWire, isLocked, edit }: ModulesProps) {
  const wiring = wiringOf(yard, most);
  const { modules, stationsFitted = null } = yard;
  const [isOpen, setOpen] = useState(Boolean(modules ?? yard.wires));
  const wired = yard.stations.length;
  const { gives, stationsWithoutTerminal: without } = wiring;
  return (
    <section className={styles['modules']} aria-label="Modules and wires">
      <div className={styles['modules-sum']} data-short={without.length > 0}>
        {modules ? (
          <span>
            {counted(modules.length, 'module')} for {counted(gives, 'station')}
          </span>
        ) : (
          <label>
            The modules fitted give{' '}
            <NumberInput
              isSmall
              least={1}
              most={256}
              isWhole
              disabled={isLocked}
              placeholder={String(most)}
              value={stationsFitted}
              onChange={(fitted) => edit(setFields({ stationsFitted: fitted }), 'fitted')}
              onEmpty={() => edit(setFields({ stationsFitted: undefined }), 'fitted')}
              width={72}
            />{' '}
            stations
          </label>
        )}
        <span>of at most {most}.</span>
        <strong role="status">{againstFitted(wired, gives)}</strong>
        <Button
          size="small"
          type="text"
          aria-expanded={isOpen}
          aria-controls="modules-by-slot"
          onClick={() => setOpen(!isOpen)}
        >
          {isTwoWire ? 'By slot…' : 'By slot and wire…'}
        </Button>
      </div>
      {isOpen && (
        <div id="modules-by-slot" className={styles['modules-more']}>
          <Slots {...{ yard, most, isLocked, edit }} />
          {!isTwoWire && <Terminals {...{ yard, gives, isLocked, edit }} />}
        </div>
      )}
    </section>
  );
}

const againstFitted = (wired: number, gives: number): string =>
  wired > gives
    ? `${counted(wired, 'station')} here, ${wired - gives} more than it gives: another module is needed.`
    : `${counted(wired, 'station')} here, ${wired < gives ? gives - wired : 'none'} free.`;

type SlotsProps = Pick<ModulesProps, 'yard' | 'most' | 'isLocked' | 'edit'>;

function Slots({ yard, most, isLocked, edit }: SlotsProps) {
  const { modules: fitted } = wiringOf(yard, most);
  const slots = fitted.map(({ slot }) => slot);
  const next = Math.max(0, ...slots) + 1;
  return (
    <ol className={styles['slots']} aria-label="Modules by slot">
      {fitted.map(({ slot, from, to }) => (
        <li key={slot}>
          <label>
            Slot {slot}{' '}
            <NumberInput
              isSmall
              label={`Slot ${slot}, stations; 0: empty`}
              least={0}
              most={64}
              isWhole
              width={56}
              disabled={isLocked}
              value={to - from + 1}
              onChange={(gives) => edit(setModule(slot, gives), `slot ${slot}`)}
            />
          </label>
          <span className={pageStyles['soft']}>
            {from === to ? `station ${from}` : `stations ${from} to ${to}`}
          </span>
        </li>
      ))}
      {!isLocked && (
        <li>
          <Button
            size="small"
            icon={<PlusOutlined />}
            onClick={() => edit(setModule(next, fitted.length > 0 ? sizeOf(fitted.at(-1)!) : 4))}
          >
            Module in slot {next}
          </Button>
        </li>
      )}
    </ol>
  );
}

const sizeOf = ({ from, to }: { from: number; to: number }): number => to - from + 1;

interface TerminalsProps extends Pick<ModulesProps, 'yard' | 'isLocked' | 'edit'> {
  readonly gives: number;
}

/** The terminal strip: which terminals have a wire, and which wires and stations do not fit together. */
function Terminals({ yard, gives, isLocked, edit }: TerminalsProps) {
  const { wires, stations } = yard;
  const { wiresWithoutStation, stationsWithoutWire } = wiringOf(yard, gives);
  const last = Math.max(gives, ...(wires ?? []));
  const names = new Map(stations.map(({ number, name }) => [number, name ?? 'no name']));
  return (
    <div>
      <p className={pageStyles['soft']}>
        {wires
          ? 'Tap a terminal that has a wire on it.'
          : 'Nobody has looked at the wires. Tap each terminal that has one, power off first.'}
        {!isLocked && !wires && stations.length > 0 && (
          <>
            {' '}
            <Button
              size="small"
              onClick={() => edit(setFields({ wires: stations.map(({ number }) => number) }))}
            >
              Each station here has one
            </Button>
          </>
        )}
      </p>
      <div className={styles['terminals']} role="group" aria-label="Station terminals">
        {Array.from({ length: last }, (_, index) => index + 1).map((terminal) => {
          const isWired = wires?.includes(terminal) ?? false;
          return (
            <button
              key={terminal}
              type="button"
              aria-pressed={isWired}
              aria-label={`Terminal ${terminal}, ${names.get(terminal) ?? 'no station'}`}
              title={names.get(terminal) ?? 'no station'}
              disabled={isLocked}
              data-station={names.has(terminal)}
              onClick={() => edit(setWire(terminal, !isWired))}
            >
              {terminal}
              <span aria-hidden="true" />
            </button>
          );
        })}
      </div>
      <ul className={styles['wires-told']} aria-label="What does not fit together">
        {wiresWithoutStation.length > 0 && (
          <li>
            A wire and no station: {listInWords(wiresWithoutStation.map(String))}. Add the station,
            or find out where the wire goes.
          </li>
        )}
        {stationsWithoutWire.length > 0 && (
          <li>A station and no wire: {listInWords(stationsWithoutWire.map(String))}.</li>
        )}
      </ul>
    </div>
  );
}
