import { Input, type InputRef } from 'antd';
import { Dialog } from '../ui/dialog';
import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import type { Timer } from '../api/timers';
import styles from './find.module.css';
import type { Line } from './line';
import { useLines } from './use-lines';

interface FinderProps {
  /** The timer that one is at. */
  readonly here: Timer | null;
  readonly onClose: () => void;
}

const STEPS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1 };

/** Finds homes, timers, stations, jobs, people, pages and what can be done; all of it by keys. */
export function Finder({ here, onClose }: FinderProps) {
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState(0);
  const { groups, isAsking, trouble } = useLines(typed, here);
  const lines = groups.flatMap((group) => group.lines);
  const at = Math.min(chosen, lines.length - 1);
  const input = useRef<InputRef>(null);
  const list = useId();
  const navigate = useNavigate();
  const idOf = (line: Line | undefined) => line && `${list}-${lines.indexOf(line)}`;
  const go = ({ act }: Line) => {
    onClose();
    if (typeof act === 'string') void navigate(act);
    else act();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (step !== undefined) setChosen((lines.length + at + step) % Math.max(1, lines.length));
    else if (event.key === 'Enter' && lines[at]) go(lines[at]);
    else return;
    event.preventDefault();
  };
  const idOfChosen = idOf(lines[at]);
  useEffect(() => {
    if (idOfChosen) document.getElementById(idOfChosen)?.scrollIntoView({ block: 'nearest' });
  }, [idOfChosen]);
  return (
    <Dialog
      open
      title="Find anything"
      footer={null}
      width={620}
      style={{ top: 56 }}
      onCancel={onClose}
      afterOpenChange={(isOpen) => isOpen && input.current?.focus()}
    >
      <Input
        ref={input}
        autoFocus
        allowClear
        value={typed}
        role="combobox"
        aria-label="What to find"
        aria-expanded={lines.length > 0}
        aria-controls={list}
        aria-activedescendant={idOfChosen}
        aria-autocomplete="list"
        placeholder="Home, address, telephone, timer, station, job, person, page"
        onChange={(event) => {
          setTyped(event.target.value);
          setChosen(0);
        }}
        onKeyDown={onKeyDown}
      />
      <div id={list} role="listbox" aria-label="Found" className={styles['found']}>
        {groups.map(({ name, lines: own }) => (
          <div key={name} role="group" aria-label={name}>
            <h3 aria-hidden="true">{name}</h3>
            {own.map((line) => (
              <button
                type="button"
                tabIndex={-1}
                key={line.key}
                id={idOf(line)}
                role="option"
                aria-selected={line === lines[at]}
                className={styles['found-line']}
                onMouseMove={() => setChosen(lines.indexOf(line))}
                onClick={() => go(line)}
              >
                <span>
                  <strong>{line.title}</strong> <span>{line.where}</span>
                </span>
                <span>{line.sort}</span>
              </button>
            ))}
          </div>
        ))}
      </div>
      <p role="status" className={styles['found-status']}>
        {trouble
          ? `Homes could not be looked through: ${trouble} What you were at last, and pages, are found all the same.`
          : isAsking
            ? 'Looking…'
            : lines.length === 0
              ? `Nothing has all the words of "${typed.trim()}". Part of a word is enough.`
              : 'Arrow keys choose, Enter opens, Escape closes.'}
      </p>
    </Dialog>
  );
}
