import { lowQuarterUniformity } from '@water-clock/core/agronomy';
import type { CatchReading, YardStation } from '@water-clock/core/yards';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { todayHere } from '../format/today';
import { setStation, type YardEdit } from '@water-clock/core/yards';
import { BigInput } from './big-input';
import { CupPlan } from './cup-plan';
import { dryPlace } from './dry-place';
import { amountOf, faultOf, readAmount } from './read-amount';
import styles from './measure-page.module.css';
import pageStyles from '../ui/page.module.css';

interface CatchTestFormProps {
  readonly station: YardStation;
  readonly edit: (edit: YardEdit, key?: string) => void;
}

const MOUTH = { least: 0, isAbove: true, most: 10_000 };
const MINUTES = { least: 0, isAbove: true, most: 600 };
const CAUGHT = { least: 0, most: 10_000 };
const IN_ROW = { least: 1, most: 200 };

interface Draft {
  readonly mouth: string;
  readonly minutes: string;
  readonly inRow: string;
  readonly cups: readonly number[];
}

const draftOf = (test: CatchReading | undefined): Draft => ({
  mouth: test ? String(test.mouthSquareCentimetres) : '',
  minutes: test ? String(test.minutes) : '',
  inRow: String(test?.cupsInRow ?? 4),
  cups: test?.millilitres ?? [],
});

/** Cups, minutes and millilitres, typed in as they are read in the yard. */
export function CatchTestForm({ station, edit }: CatchTestFormProps) {
  const [draft, setDraft] = useState(() => draftOf(station.catchTest));
  const [caught, setCaught] = useState('');
  const [chosen, setChosen] = useState<number | null>(null);
  const form = useRef<HTMLDivElement>(null);
  const mouth = readAmount(draft.mouth, MOUTH);
  const minutes = readAmount(draft.minutes, MINUTES);
  const inRow = readAmount(draft.inRow, IN_ROW);
  const cup = readAmount(caught, CAUGHT);
  const place = chosen ?? draft.cups.length;

  /** Keeps the draft; as soon as it is whole, the station has it. */
  const change = (fields: Partial<Draft>) => {
    const next = { ...draft, ...fields };
    setDraft(next);
    const read = {
      mouthSquareCentimetres: amountOf(readAmount(next.mouth, MOUTH)),
      minutes: amountOf(readAmount(next.minutes, MINUTES)),
      cupsInRow: amountOf(readAmount(next.inRow, IN_ROW)),
    };
    const { mouthSquareCentimetres, minutes: on, cupsInRow } = read;
    const isWhole =
      mouthSquareCentimetres !== null && on !== null && cupsInRow !== null && next.cups.length > 0;
    if (!isWhole && !station.catchTest) return;
    const catchTest: CatchReading | undefined = isWhole
      ? {
          millilitres: [...next.cups],
          mouthSquareCentimetres,
          minutes: on,
          cupsInRow: Math.round(cupsInRow),
          on: todayHere(),
        }
      : undefined;
    if (isWhole || next.cups.length === 0)
      edit(setStation(station.number, { catchTest }), `catch ${station.number}`);
  };
  const takeCup = () => {
    if (typeof cup !== 'number') return;
    const cups = [...draft.cups];
    cups[place] = cup;
    change({ cups });
    setCaught('');
    setChosen(null);
    form.current?.querySelector<HTMLInputElement>('[data-cup-input] input')?.focus();
  };
  const choose = (at: number) => {
    setChosen(at);
    setCaught(String(draft.cups[at]));
    form.current?.querySelector<HTMLInputElement>('[data-cup-input] input')?.focus();
  };
  const takeOut = () => {
    change({ cups: draft.cups.filter((_, index) => index !== chosen) });
    setChosen(null);
    setCaught('');
  };

  return (
    <div ref={form} className={styles['measure-form']}>
      <p className={pageStyles['soft']}>
        Set the cups in rows, run the station, read them in the order in which they stand: the row
        nearest to the house first, from left to right.
      </p>
      <div className={styles['measure-pair']}>
        <BigInput
          label="Minutes on"
          value={draft.minutes}
          fault={faultOf(minutes)}
          onType={(text) => change({ minutes: text })}
        />
        <BigInput
          label="Cups in a row"
          value={draft.inRow}
          fault={faultOf(inRow)}
          onType={(text) => change({ inRow: text })}
        />
      </div>
      <MouthInput
        text={draft.mouth}
        fault={faultOf(mouth)}
        onType={(text) => change({ mouth: text })}
      />
      <div className={styles['measure-pair']} data-cup-input>
        <BigInput
          label={chosen === null ? `Cup ${place + 1}, mL` : `Correct cup ${place + 1}, mL`}
          value={caught}
          fault={faultOf(cup)}
          onType={setCaught}
          onEnter={takeCup}
        />
        <div className={styles['measure-take']}>
          <Button size="large" type="primary" disabled={typeof cup !== 'number'} onClick={takeCup}>
            {chosen === null ? 'Next cup' : 'Correct it'}
          </Button>
          {chosen !== null && (
            <Button size="large" onClick={takeOut}>
              Remove it
            </Button>
          )}
        </div>
      </div>
      {draft.cups.length > 0 && (
        <>
          <CupPlan
            millilitres={draft.cups}
            cupsInRow={Math.round(amountOf(inRow) ?? 4)}
            chosen={chosen}
            onChoose={choose}
          />
          <p aria-live="polite">
            {cupWords(draft.cups, Math.round(amountOf(inRow) ?? 4))}
            {(mouth === null || minutes === null) && ' Give minutes and mouth for the rate.'}
          </p>
          <Button size="large" onClick={() => change({ cups: [] })}>
            Empty all cups: a new test
          </Button>
        </>
      )}
    </div>
  );
}

function cupWords(cups: readonly number[], cupsInRow: number): string {
  if (cups.every((caught) => caught === 0)) return 'All cups are dry: was the station on?';
  const share = Math.round(lowQuarterUniformity(cups) * 100);
  const place = dryPlace(cups, cupsInRow);
  return `The driest quarter, hatched, gets ${share} % of the mean.${place ? ` The ${place} is dry: look at its heads.` : ''}`;
}

interface MouthInputProps {
  readonly text: string;
  readonly fault: string | null;
  readonly onType: (text: string) => void;
}

/** The mouth of a cup: its area, or the width of a round one. */
function MouthInput({ text, fault, onType }: MouthInputProps) {
  const [across, setAcross] = useState('');
  const width = readAmount(across, { least: 0, isAbove: true, most: 100 });
  return (
    <div className={styles['measure-pair']}>
      <BigInput
        label="Mouth of a cup, cm²"
        value={text}
        fault={fault}
        onType={(typed) => {
          setAcross('');
          onType(typed);
        }}
      />
      <BigInput
        label="or a round one, cm across"
        value={across}
        fault={faultOf(width)}
        onType={(typed) => {
          setAcross(typed);
          const read = readAmount(typed, { least: 0, isAbove: true, most: 100 });
          if (typeof read === 'number') onType(((Math.PI * read ** 2) / 4).toFixed(1));
        }}
      />
    </div>
  );
}
