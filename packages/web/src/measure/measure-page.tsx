import { UndoOutlined } from '@ant-design/icons';
import { MONTHS } from '@water-clock/core/words';
import { Button, Segmented } from 'antd';
import { Link } from 'react-router';
import { EmptyState } from '../ui/empty-state';
import { LeaveGuard } from '../ui/leave-guard';
import { Page } from '../ui/page';
import { usePlace } from '../ui/use-place';
import { useEditKeys } from '../ui/use-edit-keys';
import { useMayChange, useQuantity, useSignedIn } from '../session/use-signed-in';
import { shownAmount } from '../format/quantities';
import { LoadedYard, type YardAtHome } from '../yard/loaded-yard';
import { MeanwhileNote } from '../yard/meanwhile-note';
import { exactTime, oftenWords, pieceWords, wholeMinutes } from '../yard/need-words';
import { useWeatherMonths } from '../weather/use-weather-months';
import { useYardOnDesk } from '../yard/use-yard-on-desk';
import { todayHere } from '../format/today';
import { stationAsked } from '../yard/station-asked';
import { StationStepper } from '../yard/station-stepper';
import { yardColumns } from '../yard/yard-columns';
import { yardNeeds, type YardNeeds } from '@water-clock/core/needs';
import { CatchTestForm } from './catch-test-form';
import { MeterForm } from './meter-form';
import { RunOffForm } from './run-off-form';
import styles from './measure-page.module.css';

const WAYS = [
  { value: 'cups', label: 'Catch test' },
  { value: 'run-off', label: 'Run-off' },
  { value: 'meter', label: 'Meter' },
];

/** Measuring in the yard, with one hand: cups, a stopwatch, a meter; and what they make of the need. */
export function MeasurePage() {
  return (
    <LoadedYard what="The yard">
      {(loaded) => <Measure key={loaded.timer.id} {...loaded} />}
    </LoadedYard>
  );
}

function Measure({ timer, stored, settings, weather }: YardAtHome) {
  const desk = useYardOnDesk(stored);
  const { yard, edit } = desk;
  const { firm } = useSignedIn();
  const mayChange = useMayChange();
  const [search, go] = usePlace();
  const months = useWeatherMonths(weather);
  useEditKeys(desk);
  const needs = yardNeeds({
    yard,
    timer: settings.document.timer,
    months,
    month: null,
    customary: firm.customary,
  });
  const { property } = timer;
  const crumbs = [
    { to: `/properties/${property.id}`, name: property.name },
    { to: `/timers/${timer.id}`, name: timer.name },
  ];
  const { rows } = needs;
  if (rows.length === 0 || !mayChange)
    return (
      <Page title="Measure" crumbs={crumbs}>
        <EmptyState
          title={mayChange ? 'No stations yet' : 'Measuring is for technicians'}
          text={
            mayChange
              ? 'Enter the stations in the yard first: then each can be measured.'
              : 'Your role looks at the yard, and does not change it.'
          }
        >
          <Link to={`/timers/${timer.id}/yard`}>To the yard</Link>
        </EmptyState>
      </Page>
    );
  const stations = rows.map((row) => row.station);
  const station = stationAsked(stations, search.get('station'))!;
  const at = stations.indexOf(station);
  const way = search.get('way') ?? 'cups';
  return (
    <Page title="Measure" crumbs={crumbs}>
      {desk.meanwhile && (
        <MeanwhileNote
          meanwhile={desk.meanwhile}
          columns={yardColumns(firm.units, todayHere())}
          onTake={edit}
        />
      )}
      <div className={styles['measure']}>
        <StationStepper
          stations={stations}
          station={station.number}
          onGo={(number) => go({ station: String(number) })}
        >
          <Button
            size="large"
            aria-label="Undo"
            icon={<UndoOutlined />}
            disabled={!desk.canUndo}
            onClick={desk.undo}
          />
        </StationStepper>
        <Segmented
          block
          size="large"
          aria-label="What is measured"
          value={way}
          options={WAYS}
          onChange={(value) => go({ way: value })}
        />
        {/* A station, and what undo brings back, begins with what the yard has. */}
        {way === 'cups' && (
          <CatchTestForm key={`${station.number} ${desk.undone}`} station={station} edit={edit} />
        )}
        {way === 'run-off' && (
          <RunOffForm key={station.number} timerId={timer.id} station={station} edit={edit} />
        )}
        {way === 'meter' && (
          <MeterForm
            key={`${station.number} ${desk.undone}`}
            timerId={timer.id}
            station={station}
            edit={edit}
          />
        )}
      </div>
      <div className={styles['measure-bar']} data-saving>
        <Chain needs={needs} at={at} />
        <Button
          type="primary"
          size="large"
          loading={desk.isSaving}
          disabled={!desk.isChanged}
          onClick={() => void desk.save()}
        >
          {desk.isChanged ? 'Save' : 'Saved'}
        </Button>
      </div>
      <LeaveGuard
        isChanged={desk.isChanged}
        isSaving={desk.isSaving}
        save={desk.save}
        what="The yard has"
      />
    </Page>
  );
}

/** What the readings make: rate, minutes a week, minutes each, pieces. */
function Chain({ needs, at }: { needs: YardNeeds; at: number }) {
  const rate = useQuantity('rate');
  const { need } = needs.rows[at]!;
  const known = need.facts.rate;
  const said = need.measurement;
  const links = [
    {
      name: 'rate',
      title: known?.from === 'head' ? 'rate, by head' : 'rate',
      words: known ? `${shownAmount(known.mmPerHour, rate)} ${rate.label}` : '?',
    },
    {
      name: 'week',
      title: 'a week',
      words: said ? `${wholeMinutes(said.weeklySeconds)} min` : '?',
    },
    {
      name: 'each',
      title: said ? oftenWords(said) : 'each',
      words: said ? exactTime(said.eachSeconds) : '?',
    },
    {
      name: 'pieces',
      title: said?.pieces.soakSeconds
        ? `at once, soak ${wholeMinutes(said.pieces.soakSeconds)} min`
        : 'at once',
      words: said ? pieceWords(said.pieces) : '?',
    },
  ];
  return (
    <dl
      className={styles['measure-chain']}
      aria-label={`What it makes in ${MONTHS[needs.month - 1]}`}
      aria-live="polite"
    >
      {links.map(({ name, title, words }) => (
        <div key={name} data-number={name}>
          <dt>{title}</dt>
          <dd>{words}</dd>
        </div>
      ))}
    </dl>
  );
}
