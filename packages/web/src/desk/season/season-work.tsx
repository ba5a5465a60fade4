import { clsx } from 'clsx';
import { useQuery } from '@tanstack/react-query';
import { civilDateOf, parseDate } from '@water-clock/core/civil-time';
import {
  monthTargets,
  withPercents,
  type SeasonMonth,
  type SeasonTable,
  type TableMode,
} from '@water-clock/core/season-steps';
import { MonthlySeason, type Plan } from '@water-clock/core/settings';
import { longDate, MONTHS } from '@water-clock/core/words';
import { highestMonth, monthPercents } from '@water-clock/core/needs';
import type { Yard } from '@water-clock/core/yards';
import { Alert, App, Button, Segmented, Select, Skeleton } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Timer } from '../../api/timers';
import { weatherQuery } from '../../api/weather';
import { Loaded } from '../../ui/loaded';
import { useSeason } from '../../computing/use-season';
import { useMayChange, useSay, useSignedIn } from '../../session/use-signed-in';
import { useWeatherMonths } from '../../weather/use-weather-months';
import type { DeskPlace } from '../state/use-desk-place';
import type { SettingsOnDesk } from '../state/use-settings-on-desk';
import { firstMode, tableModes } from './first-mode';
import { nowWords, setWords, troubleWords, wantedWords } from './month-words';
import styles from './season-work.module.css';
import pageStyles from '../../ui/page.module.css';
import gridTableStyles from '../../ui/grid-table.module.css';

interface SeasonWorkProps extends Pick<SettingsOnDesk, 'plan' | 'edit'> {
  readonly timer: Timer;
  readonly yard: Yard;
  readonly place: DeskPlace;
}

/** Percentages by month for the settings on the desk. */
export function SeasonWork(props: SeasonWorkProps) {
  const weather = useQuery(weatherQuery(props.timer.property.weatherId));
  return (
    <Loaded what="The weather" missing="weather" queries={[weather]}>
      {() => <Work {...props} weather={weather.data?.document ?? null} />}
    </Loaded>
  );
}

const MODE_NAMES: Record<TableMode, string> = {
  whole: 'One for the timer',
  program: 'By program',
  monthly: 'A table by month',
};

interface NoTableProps {
  readonly title: string;
  readonly why: string;
  readonly onPlan: () => void;
}

/** Where no percentages are to be set: why, and what is done instead. */
const NoTable = ({ title, why, onPlan }: NoTableProps) => (
  <div className={styles['season-work']}>
    <Alert
      type="info"
      showIcon
      title={title}
      description={why}
      action={<Button onClick={onPlan}>Plan for a month</Button>}
    />
  </div>
);

type WorkProps = SeasonWorkProps & { readonly weather: Parameters<typeof useWeatherMonths>[0] };

function Work({ timer, plan, yard, place, edit, weather }: WorkProps) {
  const { firm } = useSignedIn();
  const months = useWeatherMonths(weather);
  const modes = tableModes(plan);
  const [asked, setMode] = useState(() => firstMode(plan));
  const highest = highestMonth(months);
  const [base, setBase] = useState(plan.timer.season ? highest : civilDateOf(place.since).month);
  const isKnown = monthPercents(yard, months, null).from !== 'unknown';
  const hasRuns = plan.programs.some(({ runs }) => runs.some(({ seconds }) => seconds > 0));
  const targets = useMemo(
    () =>
      isKnown && hasRuns
        ? monthTargets(plan, { yard, months, customary: firm.customary }, base)
        : null,
    [isKnown, hasRuns, plan, yard, months, firm.customary, base],
  );
  const { answer: table, hasFailed } = useSeason(plan, targets, asked, place.since);
  const { property } = timer;

  const planIt = () => place.go({ mode: 'plan' });
  if (!plan.timer.season)
    return (
      <NoTable
        title="This timer has no season percentage"
        why="Run times themselves are changed with the season: plan them for a month, and keep the plan as a copy."
        onPlan={planIt}
      />
    );
  if (modes.length === 0)
    return (
      <NoTable
        title="The weather sets the percentage of this timer"
        why="Day by day, between the least and the greatest that are set on the desk. There is no table to key in: plan the run times at 100 %."
        onPlan={planIt}
      />
    );
  return (
    <div className={styles['season-work']}>
      <div className={styles['season-bar']}>
        {modes.length > 1 && (
          <Segmented<TableMode>
            aria-label="How the percentage is set"
            value={asked}
            options={modes.map((value) => ({ value, label: MODE_NAMES[value] }))}
            onChange={setMode}
          />
        )}
        <label>
          Run times are for{' '}
          <Select
            aria-label="The month that the run times are for"
            value={base}
            style={{ width: 128 }}
            options={MONTHS.map((label, index) => ({ value: index + 1, label }))}
            onChange={setBase}
          />
        </label>
        <span className={pageStyles['soft']}>
          What each month needs{' '}
          {yard.monthPercents ? (
            <>was typed at the need.</>
          ) : weather ? (
            <>
              goes by <Link to={`/weather/${property.weatherId}`}>{weather.name}</Link>.
            </>
          ) : (
            <>
              is not known:{' '}
              <Link to={`/properties/${property.id}/edit`}>choose this home&apos;s weather</Link> or{' '}
              <Link to={`/timers/${timer.id}/need`}>type the percentages</Link>.
            </>
          )}
        </span>
      </div>
      {hasFailed && <Alert type="error" title="The percentages could not be worked out." />}
      {!targets && <Missing isKnown={isKnown} onPlan={() => place.go({ mode: 'plan' })} />}
      {targets && !table && !hasFailed && <Skeleton active />}
      {targets && table && (
        <div className={styles['season-body']}>
          <MonthTable table={table} plan={plan} />
          <Steps {...{ table, plan, place, edit }} />
        </div>
      )}
    </div>
  );
}

/** Why there are no percentages: nobody knows what is wanted, or there is nothing to take them of. */
const Missing = ({ isKnown, onPlan }: { isKnown: boolean; onPlan: () => void }) =>
  isKnown ? (
    <Alert
      type="info"
      showIcon
      title="Nothing is set yet"
      description="A percentage is one of run times: set them on the desk, or have them planned."
      action={<Button onClick={onPlan}>Plan for me</Button>}
    />
  ) : (
    <Alert
      type="info"
      showIcon
      title="Nobody knows yet what each month needs"
      description="This home's weather says it, or percentages that somebody types at the need."
    />
  );

function MonthTable({ table, plan }: { table: SeasonTable; plan: Plan }) {
  const say = useSay();
  const most = Math.max(100, ...table.months.map(({ wanted }) => wanted.percent));
  return (
    <table
      className={clsx(gridTableStyles['settings-grid'], styles['season-table'])}
      aria-label="Percentage by month"
    >
      <thead>
        <tr>
          <th scope="col" className={gridTableStyles['row-name']}>
            month
          </th>
          <th scope="col" className={gridTableStyles['column-name']}>
            needed
          </th>
          <th scope="col" className={gridTableStyles['column-name']}>
            set
          </th>
          <th scope="col" className={gridTableStyles['row-name']}>
            what that does
          </th>
        </tr>
      </thead>
      <tbody>
        {table.months.map((month) => {
          const troubles = troubleWords(month, plan);
          const isError = month.findings.some(({ severity }) => severity === 'error');
          return (
            <tr key={month.month} data-month={month.month}>
              <th scope="row" className={gridTableStyles['row-name']}>
                {MONTHS[month.month - 1]}
              </th>
              <td className={styles['season-wanted']}>
                <span className="figures">{wantedWords(month)}</span>
                <span
                  className={styles['season-bar-of']}
                  aria-hidden="true"
                  style={{ width: `${(58 * month.wanted.percent) / most}%` }}
                />
              </td>
              <td className={clsx('figures', styles['season-set'])}>{setWords(month)}</td>
              <td
                className={styles['season-words']}
                data-kind={isError ? 'error' : troubles.length > 0 ? 'caution' : 'clear'}
              >
                {month.isDry
                  ? 'It needs no water: off, or on hold.'
                  : troubles.map(say).join(' ') || 'No collision, and no rule broken.'}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

interface StepsProps extends Pick<SeasonWorkProps, 'plan' | 'place' | 'edit'> {
  readonly table: SeasonTable;
}

/** The dates on which to set another percentage, or the table to key in; and what needs a copy of its own. */
function Steps({ table, plan, place, edit }: StepsProps) {
  const { message } = App.useApp();
  const mayChange = useMayChange();
  const now = civilDateOf(place.since).month;
  const set = (what: string, changed: (plan: Plan) => Plan) => {
    edit(changed);
    place.go({ mode: 'desk' });
    void message.success(`${what} is on the desk, not saved yet. Undo takes it back.`);
  };
  const current = table.months[now - 1]!;
  return (
    <section className={styles['season-steps']} aria-label="What to set, and when">
      <p>
        On the desk for {MONTHS[now - 1]}: <strong>{nowWords(plan, now)}</strong>
      </p>
      {table.mode === 'monthly' ? (
        <>
          <h2>Key in once</h2>
          <p>The timer changes the percentage by itself on the first of each month.</p>
          <Button
            type="primary"
            disabled={!mayChange}
            onClick={() => set('The table', (before) => withTable(before, table.months))}
          >
            Set these twelve
          </Button>
        </>
      ) : (
        <>
          <h2>Dates to change it</h2>
          <ol>
            {table.steps.map(({ date, month }) => (
              <li key={date}>
                <span>{longDate(parseDate(date)!)}</span> <strong>{setWords(month)}</strong>
              </li>
            ))}
          </ol>
          {!current.isDry && (
            <Button
              disabled={!mayChange}
              onClick={() =>
                set(`${MONTHS[now - 1]}'s percentage`, (before) =>
                  withPercents(before, current.percents),
                )
              }
            >
              Set {setWords(current)} now
            </Button>
          )}
        </>
      )}
      {table.winter.length > 0 && (
        <Alert
          type="warning"
          showIcon
          title={`${monthsWords(table.winter)}: the percentage cannot do it`}
          description={
            <>
              <p>
                Run times that are made for these months do: plan a copy of its own, to be keyed in
                for them.
              </p>
              <Button onClick={() => place.go({ mode: 'plan', winter: byNeed(table) })}>
                Plan the winter copy
              </Button>
            </>
          }
        />
      )}
      {table.months.some(({ troubles }) => troubles.includes('above-most')) && (
        <Alert
          type="warning"
          showIcon
          title="Some months need more than the timer's most"
          description={
            <>
              <p>
                Plan the run times for the month that needs most water, and set less in the others.
              </p>
              <Button onClick={() => place.go({ mode: 'plan' })}>Plan for me</Button>
            </>
          }
        />
      )}
    </section>
  );
}

const monthsWords = (months: readonly number[]): string =>
  months.map((month) => MONTHS[month - 1]).join(', ');

/** The months that need a copy of their own, the one that wants most first: it is planned for. */
const byNeed = ({ months, winter }: SeasonTable): number[] =>
  [...winter].sort((a, b) => months[b - 1]!.wanted.percent - months[a - 1]!.wanted.percent);

/** The settings with a percentage for each month; a month that wants nothing gets the timer's least. */
function withTable(plan: Plan, months: readonly SeasonMonth[]): Plan {
  const percents = months.map(({ percents: all }) => Object.values(all)[0] ?? 100);
  const season = Object.assign(new MonthlySeason(), { percents });
  return { ...plan, controller: { ...plan.controller, season } };
}
