import { MONTHS } from '@water-clock/core/words';
import type { School } from '@water-clock/core/yards';
import { Alert, Segmented, Select } from 'antd';
import { Link } from 'react-router';
import { EmptyState } from '../ui/empty-state';
import { LeaveGuard } from '../ui/leave-guard';
import { Caution, Page } from '../ui/page';
import { usePlace } from '../ui/use-place';
import { useEditKeys } from '../ui/use-edit-keys';
import { useIsNarrow } from '../ui/use-matches';
import { useMayChange, useQuantity, useSignedIn } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import { todayHere } from '../format/today';
import { LoadedYard, type YardAtHome } from '../yard/loaded-yard';
import { MeanwhileNote } from '../yard/meanwhile-note';
import { SCHOOL_NAMES } from '../yard/need-words';
import { useWeatherMonths } from '../weather/use-weather-months';
import { useYardOnDesk } from '../yard/use-yard-on-desk';
import { YardActions } from '../yard/yard-actions';
import { StationStepper } from '../yard/station-stepper';
import { yardColumns } from '../yard/yard-columns';
import { setFields, setStation } from '@water-clock/core/yards';
import { civilDateOf, parseDate } from '@water-clock/core/civil-time';
import { monthAhead, yardNeeds } from '@water-clock/core/needs';
import { MonthStrip } from './month-strip';
import { NeedCard } from './need-card';
import { NeedPanel } from './need-panel';
import { NeedTable } from './need-table';
import styles from './need-page.module.css';
import pageStyles from '../ui/page.module.css';

const thisMonth = (): number => civilDateOf(parseDate(todayHere())!).month;

/** How much, how seldom and how long at once: both schools for every station of a timer. */
export function NeedPage() {
  return (
    <LoadedYard what="The need">
      {(loaded) => <Need key={loaded.timer.id} {...loaded} />}
    </LoadedYard>
  );
}

function Need({ timer, stored, settings, weather }: YardAtHome) {
  const desk = useYardOnDesk(stored);
  const { yard, edit } = desk;
  const { firm } = useSignedIn();
  const mayChange = useMayChange();
  const depth = useQuantity('depth');
  const [search, go] = usePlace();
  const isNarrow = useIsNarrow();
  const months = useWeatherMonths(weather);
  const asked = Number(search.get('month'));
  const needs = yardNeeds({
    yard,
    timer: settings.document.timer,
    months,
    month: asked >= 1 && asked <= 12 ? asked : monthAhead(months, thisMonth()),
    customary: firm.customary,
  });
  const chosen = Number(search.get('station'));
  const row = needs.rows.find(({ station }) => station.number === chosen) ?? needs.rows[0];
  const school = yard.school ?? 'measurement';
  useEditKeys(desk);

  const { property } = timer;
  const crumbs = [
    { to: `/properties/${property.id}`, name: property.name },
    { to: `/timers/${timer.id}`, name: timer.name },
  ];
  if (!row)
    return (
      <Page title="Need" crumbs={crumbs}>
        <EmptyState
          title="No stations yet"
          text="What a station needs depends on what it waters: enter the stations in the yard first."
        >
          <Link to={`/timers/${timer.id}/yard`}>To the yard</Link>
        </EmptyState>
      </Page>
    );
  const telling = { ...needs, customary: firm.customary };
  const choose = (station: number) => go({ station: String(station) });
  const common = {
    yardSchool: school,
    telling,
    isLocked: !mayChange,
    onTake: (number: number, taken: School) =>
      edit(setStation(number, { school: taken === school ? undefined : taken })),
  };
  return (
    <Page title="Need" crumbs={crumbs} saving={<YardActions desk={desk} />}>
      {desk.meanwhile && (
        <MeanwhileNote
          meanwhile={desk.meanwhile}
          columns={yardColumns(firm.units, todayHere())}
          onTake={edit}
        />
      )}
      {!weather && (
        <Alert
          type="info"
          showIcon
          title="This home has no weather yet, so there is no answer by measurement."
          action={
            <Link to={`/properties/${property.id}/edit?at=weatherId`}>Choose its weather</Link>
          }
        />
      )}
      <div className={styles['need-bar']}>
        <label>
          Month{' '}
          <Select
            aria-label="Month"
            value={needs.month}
            style={{ width: 128 }}
            options={MONTHS.map((label, index) => ({ value: index + 1, label }))}
            onChange={(month) => go({ month: String(month) })}
          />
        </label>
        <span className={pageStyles['soft']}>
          {needs.weather &&
            `${shownAmount(needs.weather.et0Mm, depth)} ${depth.label} a day evaporate; `}
          {weather && <Link to={`/weather/${property.weatherId}`}>{weather.name}</Link>}
          {weather && '. '}
          By the minute: {needs.percent} %.
        </span>
        <span className={styles['need-school']}>
          Take{' '}
          <Segmented<School>
            aria-label="The school that run times are taken from"
            disabled={!mayChange}
            value={school}
            options={[
              { value: 'measurement', label: SCHOOL_NAMES.measurement },
              { value: 'minute', label: SCHOOL_NAMES.minute },
            ]}
            onChange={(value) => edit(setFields({ school: value }))}
          />{' '}
          for the yard
        </span>
      </div>
      {isNarrow && (
        <StationStepper
          stations={needs.rows.map(({ station }) => station)}
          station={row.station.number}
          onGo={choose}
        />
      )}
      <div className={styles['need-body']}>
        <div>
          {isNarrow ? (
            <NeedCard row={row} {...common} />
          ) : (
            <NeedTable
              rows={needs.rows}
              chosen={row.station.number}
              {...common}
              onChoose={choose}
            />
          )}
          <MonthStrip
            months={months}
            percents={needs.percents}
            month={needs.month}
            isLocked={!mayChange}
            onChange={(monthPercents) => edit(setFields({ monthPercents }), 'percents')}
            onSettle={desk.settle}
          />
        </div>
        <NeedPanel
          key={row.station.number}
          timerId={timer.id}
          row={row}
          telling={telling}
          edit={edit}
          settle={desk.settle}
          isLocked={!mayChange}
        />
      </div>
      <Caution>
        These are starting values. Local watering rules and guidance come first; look at the plants
        and the ground again after a week.
      </Caution>
      <LeaveGuard
        isChanged={desk.isChanged}
        isSaving={desk.isSaving}
        save={desk.save}
        what="The yard has"
      />
    </Page>
  );
}
