import { formatDate, type DayNumber } from '@water-clock/core/civil-time';
import type { LengthsInForce } from '@water-clock/core/engine';
import { setWeatherPercent, type Plan, type PlanEdit } from '@water-clock/core/settings';
import { listInWords, shortDate } from '@water-clock/core/words';
import { memo, useId, useState } from 'react';
import { Button } from 'antd';
import { NumberInput } from '../../ui/number-input';
import { later } from '../../ui/later';
import pageStyles from '../../ui/page.module.css';
import styles from './in-force.module.css';

const InForceTable = later(() => import('./in-force-table'), 'InForceTable');

interface InForceProps {
  readonly plan: Plan;
  readonly programs: readonly LengthsInForce[];
  /** Stations that a moisture sensor may hold back. */
  readonly moistureHeld: readonly number[];
  readonly onEdit: (edit: PlanEdit, key?: string) => void;
  /** The date judged from. */
  readonly since: DayNumber;
}

/** What the percentages in force make of every run time, as the display shows it, and when each start is over. */
export const InForce = memo(function InForce(props: InForceProps) {
  const { plan, programs, since, moistureHeld, onEdit } = props;
  const [isOpen, setOpen] = useState(false);
  const id = useId();
  if (programs.length === 0) return null;
  return (
    <section className={styles['in-force']} aria-labelledby={`${id} head`}>
      <h2 id={`${id} head`}>
        In force on {shortDate(since)}
        <span>{inWords(programs, plan)}</span>
        <Button
          size="small"
          type="text"
          aria-expanded={isOpen}
          aria-controls={id}
          onClick={() => setOpen(!isOpen)}
        >
          {isOpen ? 'Fold' : 'Run times and ends…'}
        </Button>
      </h2>
      {moistureHeld.length > 0 && (
        <p className={pageStyles['soft']}>
          {moistureHeld.length === 1 ? 'Station' : 'Stations'}{' '}
          {listInWords(moistureHeld.map(String))}{' '}
          {moistureHeld.length === 1
            ? 'waters only while its moisture sensor lets it'
            : 'water only while a moisture sensor lets them'}
          : what it holds back is not known here.
        </p>
      )}
      {plan.controller.season.mode === 'weather' && <AskedByWeather {...{ plan, since, onEdit }} />}
      {isOpen && (
        <div id={id}>
          <InForceTable {...{ plan, programs }} />
        </div>
      )}
    </section>
  );
});

/** @example "80 %, at most 120 %" */
function inWords(programs: readonly LengthsInForce[], { controller: { season } }: Plan): string {
  const most = Math.max(...programs.map(({ mostPercent }) => mostPercent));
  const percents = new Set(programs.map(({ percent }) => percent));
  const now =
    season.mode === 'program'
      ? programs.map(({ program, percent }) => `${program} ${percent} %`).join(', ')
      : `${[...percents][0]!} %`;
  const isHighest = season.mode === 'program' || percents.has(most);
  return isHighest ? now : `${now}, at most ${most} %`;
}

/** What the weather asks for on the date, as read off the display: nobody but the timer knows it. */
function AskedByWeather({ plan, since, onEdit }: Pick<InForceProps, 'plan' | 'since' | 'onEdit'>) {
  const date = formatDate(since);
  const read = plan.weather?.percents.find((one) => one.date === date)?.percent ?? null;
  const set = (percent: number | null) =>
    onEdit(setWeatherPercent(date, percent), `weather ${date}`);
  return (
    <p className={pageStyles['soft']}>
      The weather asks for{' '}
      <NumberInput
        label={`What the weather asks for on ${shortDate(since)}, as read off the display`}
        isSmall
        isWhole
        least={0}
        most={1000}
        suffix="%"
        width={84}
        placeholder="100"
        value={read}
        onChange={set}
        onEmpty={() => set(null)}
      />{' '}
      {read === null
        ? 'on this date: nobody has read it, so 100 % is used.'
        : 'on this date, as read off the display.'}
    </p>
  );
}
