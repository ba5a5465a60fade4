import { clsx } from 'clsx';
import type { Circuit } from '@water-clock/core/faults';
import type { Plan, StationSettings } from '@water-clock/core/settings';
import { circuitOf, judgeReading } from '@water-clock/core/visits';
import { App, Button, Tag } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useEffectEvent, useRef } from 'react';
import { troubleInWords } from '../../api/client';
import { readSimulator, simulatorQuery } from '../../api/simulator';
import type { Timer } from '../../api/timers';
import { useSignedIn } from '../../session/use-signed-in';
import { Choice } from '../../ui/choice';
import styles from './circuits.module.css';
import type { CircuitsTyped } from './circuits-typed';

const ON_VALVE_WIRES = [
  { value: 'fine', label: 'fine', key: 'f' },
  { value: 'open', label: 'open', key: 'o' },
  { value: 'short', label: 'short', key: 's' },
] as const;
const ON_TWO_WIRES = [
  { value: 'fine', label: 'answers', key: 'a' },
  { value: 'silent', label: 'silent', key: 's' },
] as const;
const UNSET = '';

interface CircuitRowsProps {
  readonly timer: Timer;
  readonly plan: Plan;
  readonly stations: readonly StationSettings[];
  readonly form: CircuitsTyped;
  /** Where no valve opened on the walk. */
  readonly shut: readonly number[];
  readonly onSet: (circuits: Readonly<Record<string, Circuit>>) => void;
  readonly onPump: (pump: Circuit | null) => void;
}

/** Which row somebody is in; -1: in none. */
const rowOf = (list: HTMLElement | null, target: EventTarget | null): number =>
  [...(list?.children ?? [])].findIndex((row) => target instanceof Node && row.contains(target));

function focusRow(list: HTMLElement | null, row: number): void {
  const radios = list?.children[row]?.querySelectorAll<HTMLInputElement>('input') ?? [];
  ([...radios].find(({ checked }) => checked) ?? radios[0])?.focus();
}

/** The circuit of each station, and of pump or master valve, in one pass: a letter sets one and goes on to the next. */
export function CircuitRows(props: CircuitRowsProps) {
  const { timer, plan, stations, form, shut, onSet, onPump } = props;
  const list = useRef<HTMLOListElement>(null);
  const isTwoWire = timer.handling.wiring === 'two-wire';
  const choices = isTwoWire ? ON_TWO_WIRES : ON_VALVE_WIRES;
  const unset = stations.filter(({ number }) => !form.circuits[String(number)]);
  const byKey = useEffectEvent((event: KeyboardEvent) => {
    const row = rowOf(list.current, event.target);
    const station = stations[row];
    const pressed = choices.find(({ key }) => key === event.key.toLowerCase());
    if (!station || !pressed || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    onSet({ [station.number]: pressed.value });
    focusRow(list.current, row + 1);
  });
  useEffect(() => {
    const { current } = list;
    current?.addEventListener('keydown', byKey);
    return () => current?.removeEventListener('keydown', byKey);
  }, []);
  const keys = choices.map(({ key, label }) => `${key.toUpperCase()} ${label}`).join(', ');
  return (
    <>
      <h3 className={styles['asked']}>
        {isTwoWire ? 'Each unit, by the timer’s own search' : 'Each circuit, at the terminals'}
      </h3>
      <p className={clsx(styles['says'], styles['keys'])}>
        Keys: {keys}; each goes on to the next station.
      </p>
      <ol className={styles['rows']} ref={list} aria-label="Circuits of the stations">
        {stations.map(({ number, name }) => (
          <li key={number}>
            <span>
              {number} {name}
              {shut.includes(number) && <Tag>did not open on the walk</Tag>}
            </span>
            <Choice
              label={`Station ${number}`}
              optionType="button"
              value={form.circuits[String(number)] ?? UNSET}
              options={choices}
              onChange={(circuit) => circuit !== UNSET && onSet({ [number]: circuit })}
            />
          </li>
        ))}
        {plan.timer.power === 'mains' && (
          <li>
            <span>Pump relay or master valve, if there is one</span>
            <Choice
              label="Pump relay or master valve"
              optionType="button"
              value={form.pump ?? UNSET}
              options={ON_VALVE_WIRES}
              onChange={(circuit) => circuit !== UNSET && onPump(circuit)}
            />
          </li>
        )}
      </ol>
      <div className={styles['ways']}>
        <Button
          disabled={unset.length === 0}
          onClick={() => onSet(Object.fromEntries(unset.map(({ number }) => [number, 'fine'])))}
        >
          {isTwoWire ? 'All others answer' : 'All others are fine'}
        </Button>
        {!isTwoWire && <AtSimulated {...{ timer, plan, stations, onSet }} />}
      </div>
    </>
  );
}

type AtSimulatedProps = Pick<CircuitRowsProps, 'timer' | 'plan' | 'stations' | 'onSet'>;

/** Reads the terminals of a simulated timer, where one hangs in place of the one on the wall. */
function AtSimulated({ timer, plan, stations, onSet }: AtSimulatedProps) {
  const { data } = useQuery(simulatorQuery(timer.id));
  const { coilLimits } = useSignedIn().firm;
  const { message } = App.useApp();
  if (!data) return null;
  const read = async () => {
    try {
      const circuits: Record<string, Circuit> = {};
      for (const { number } of stations) {
        const { ohms } = await readSimulator(timer.id, number);
        const reading = { ohms: ohms ?? Infinity };
        const circuit = circuitOf(judgeReading(reading, plan.timer.power, coilLimits));
        if (circuit) circuits[String(number)] = circuit;
      }
      onSet(circuits);
    } catch (error) {
      void message.error(troubleInWords(error));
    }
  };
  return <Button onClick={() => void read()}>Read the simulated timer</Button>;
}
