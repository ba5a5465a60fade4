import { clsx } from 'clsx';
import { useQuery } from '@tanstack/react-query';
import type { Plan } from '@water-clock/core/settings';
import { listInWords, MONTHS, nearDate } from '@water-clock/core/words';
import type { Yard } from '@water-clock/core/yards';
import { Alert, App, Button, Spin } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { addCopy, copiesKey } from '../../api/copies';
import type { Timer } from '../../api/timers';
import { weatherQuery } from '../../api/weather';
import { useWrite } from '../../api/use-write';
import { Loaded } from '../../ui/loaded';
import { Caution } from '../../ui/page';
import type { Offer } from '@water-clock/core/proposals';
import { usePlanner, type Planner } from '../../computing/use-planner';
import { mowingSentence } from '../../format/mowing-words';
import { useSay, useSignedIn } from '../../session/use-signed-in';
import { useTimersOfHome } from '../../timer-records/use-timers-of-home';
import { useWeatherMonths } from '../../weather/use-weather-months';
import { DeskDates } from '../desk-dates';
import type { DeskPlace } from '../state/use-desk-place';
import type { SettingsOnDesk } from '../state/use-settings-on-desk';
import { ALTERNATIVE_NAMES } from './offer-words';
import { OffersTable } from './offers-table';
import { ProposalView } from './proposal-view';
import { useTargets } from './use-targets';
import { WantedForm } from './wanted-form';
import { TargetTable } from './target-table';
import styles from './plan-work.module.css';
import pageStyles from '../../ui/page.module.css';

interface PlanWorkProps extends Pick<SettingsOnDesk, 'plan' | 'edit'> {
  readonly timer: Timer;
  readonly yard: Yard;
  readonly place: DeskPlace;
  readonly leaders: ReadonlyMap<number, number>;
}

/** "Plan for me": need, rules and targets on the left; plans, beside what is set now, on the right. */
export function PlanWork(props: PlanWorkProps) {
  const { weatherId } = props.timer.property;
  const weather = useQuery(weatherQuery(weatherId));
  return (
    <Loaded what="The weather" missing="weather" queries={[weather]}>
      {() => <Work {...props} weather={weather.data?.document ?? null} />}
    </Loaded>
  );
}

type WorkProps = PlanWorkProps & { readonly weather: Parameters<typeof useWeatherMonths>[0] };

function Work({ timer, plan, yard, place, leaders, edit, weather }: WorkProps) {
  const { firm } = useSignedIn();
  const { message } = App.useApp();
  const months = useWeatherMonths(weather);
  const { since, night, winter, go } = place;
  const home = useTimersOfHome(timer);
  const beside = useMemo(
    () => (home.wanted ?? []).flatMap((other, at) => (at === home.place ? [] : [other.plan])),
    [home.wanted, home.place],
  );
  const targets = useTargets({
    ...{ plan, yard, leaders, months, beside, since, winter },
    timerId: timer.id,
    customary: firm.customary,
  });
  const planner = usePlanner(targets.asked);
  const [choice, setChoice] = useState<string | null>(null);
  const yardPlace = `/timers/${timer.id}/yard`;
  const mowing = mowingSentence(timer.property);
  const { offers } = planner;
  const offer = offers.find(({ key }) => key === choice) ?? offers[0];

  const take = (taken: Plan) => {
    edit(() => taken);
    go({ mode: 'desk' });
    void message.success('The plan is on the desk, not saved yet. Undo takes it back.');
  };
  const keeping = useWrite(
    'add-copy',
    (document: Plan) =>
      addCopy(timer.id, { reason: 'planned', name: `Winter: ${winterWords(winter)}`, document }),
    { touches: [copiesKey] },
  );
  const keep = async (document: Plan) => {
    const done = await keeping.write(document);
    if (done) void message.success(`Kept as copy № ${done.answer.number}, for winter.`);
  };

  return (
    <div className={styles['plan-work']}>
      <section className={styles['plan-wanted']} aria-label="What is wanted">
        <h2>
          {winter.length > 0 ? `What winter needs: ${winterWords(winter)}` : 'What is wanted'}
        </h2>
        <WantedForm plan={plan} timerId={timer.id} targets={targets} />
        <TargetTable
          stations={plan.stations}
          startsPerProgram={plan.timer.startsPerProgram}
          {...{ targets, leaders, yardPlace }}
        />
        {!weather && (
          <Alert
            type="info"
            showIcon
            title="This home has no weather: what cannot be measured goes by the minute, or stays as it is set."
            action={
              <Link to={`/properties/${timer.property.id}/edit?at=weatherId`}>
                Choose its weather
              </Link>
            }
          />
        )}
        <Caution>
          Local watering rules come first: those that are entered for this home are kept. Look at
          the plants and the ground again after a week.
        </Caution>
        {mowing && <p className={pageStyles['soft']}>{mowing}</p>}
      </section>
      <section className={styles['plan-offers']} aria-label="Plans">
        <DeskDates night={night} go={go} />
        <p className={clsx(pageStyles['soft'], styles['plan-dates'])}>
          For {nearDate(targets.dates.from, since)} to {nearDate(targets.dates.until, since)}: plans
          keep the rules of those dates, and what is left is found from{' '}
          {nearDate(targets.dates.from, since)} on.
        </p>
        <PlanState
          {...{ planner, offer, yardPlace }}
          hasTargets={targets.asked.targets.length > 0}
        />
        {planner.now && offers.length > 0 && (
          <div className={styles['offers-scroll']}>
            <OffersTable
              now={planner.now}
              hasPercent={plan.timer.season !== null}
              offers={offers}
              chosen={offer?.key ?? null}
              onChoose={setChoice}
            />
          </div>
        )}
        {offer && (
          <ProposalView
            key={offer.key}
            {...{ plan, offer, since, night }}
            onTake={take}
            onKeep={winter.length > 0 ? (kept) => void keep(kept) : null}
          />
        )}
      </section>
    </div>
  );
}

const winterWords = (months: readonly number[]): string =>
  months.map((month) => MONTHS[month - 1]).join(', ');

interface PlanStateProps {
  readonly planner: Planner;
  readonly offer: Offer | undefined;
  readonly hasTargets: boolean;
  readonly yardPlace: string;
}

/** How far the planning is, why there is no plan, and what would help. */
function PlanState({ planner, offer, hasTargets, yardPlace }: PlanStateProps) {
  const { state, trying, refusals, same, stop, again } = planner;
  const say = useSay();
  const refused = refusals.find(({ alternative }) => alternative === 'fewest');
  // Where there is no plan at all, that one way has none either is no news.
  const others = refused ? [] : refusals;
  return (
    <div className={styles['plan-state']} data-planning={state} aria-live="polite">
      {state === 'busy' && (
        <p>
          <Spin size="small" />{' '}
          {trying
            ? `${ALTERNATIVE_NAMES[trying.alternative]}: trying ${trying.programs === 1 ? 'one program' : `${trying.programs} programs`} …`
            : 'Planning …'}{' '}
          <Button size="small" onClick={stop}>
            Stop
          </Button>
        </p>
      )}
      {(state === 'stopped' || state === 'failed') && (
        <p>
          {state === 'stopped'
            ? 'Stopped before every way was tried.'
            : 'This could not be planned: the planner stopped.'}{' '}
          <Button size="small" onClick={again}>
            Plan again
          </Button>
        </p>
      )}
      {!hasTargets && (
        <p>
          There is nothing to plan: every station is kept, left out, or needs nothing.{' '}
          <Link to={yardPlace}>Say what the stations water</Link>, or keep fewer of them.
        </p>
      )}
      {refused && <Refused refusal={refused} hasNearest={offer !== undefined} />}
      {others.map(({ alternative, reasons }) => (
        <p key={alternative} className={pageStyles['soft']}>
          {ALTERNATIVE_NAMES[alternative]}: no plan. {say(reasons[0]?.message ?? '')}
        </p>
      ))}
      {same.length > 0 && (
        <p className={pageStyles['soft']}>
          {listInWords(same.map((alternative) => ALTERNATIVE_NAMES[alternative]))}: the same plan.
        </p>
      )}
      {state === 'done' && offer && !offer.isProven && offer.change === null && (
        <p className={pageStyles['soft']}>
          Best found. Whether fewer programs would do is not proven.
        </p>
      )}
    </div>
  );
}

interface RefusedProps {
  readonly refusal: Planner['refusals'][number];
  /** Whether a plan for something near to it is shown. */
  readonly hasNearest: boolean;
}

/** Why there is no plan. */
function Refused({ refusal, hasNearest }: RefusedProps) {
  const say = useSay();
  return (
    <Alert
      type="warning"
      showIcon
      title={`There is no plan for all of this.${hasNearest ? ' Nearest to it:' : ''}`}
      description={
        <ul>
          {refusal.reasons.map(({ message }) => (
            <li key={message}>{say(message)}</li>
          ))}
          {refusal.isCutShort && <li>Time was up before every way had been tried.</li>}
        </ul>
      }
    />
  );
}
