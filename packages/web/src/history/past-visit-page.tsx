import { useQuery } from '@tanstack/react-query';
import {
  careInWords,
  circuitsInWords,
  FAULT_NAMES,
  jobInWords,
  STEP_NAMES,
  VISIT_STEPS,
  visitOf,
  type StationEntry,
  type Visit,
} from '@water-clock/core/visits';
import { Button } from 'antd';
import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { copiesQuery } from '../api/copies';
import { pdfAddress, sheetsQuery } from '../api/sheets';
import { timerQuery, type Timer } from '../api/timers';
import { visitQuery, type StoredVisit } from '../api/visits';
import { CAUSE_NAMES } from '../diagnosis/cause-names';
import { momentWords } from '../format/moment-words';
import { shownAmount } from '../format/quantities';
import { PhotoRow } from '../photos/photo-strip';
import { usePhotos } from '../photos/use-photos';
import { useClock, useQuantity, useSay } from '../session/use-signed-in';
import { DataTable, type DataColumn } from '../ui/data-table';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import pageStyles from '../ui/page.module.css';

/** A visit as it was. */
export function PastVisitPage() {
  const { visitId = '' } = useParams();
  const visit = useQuery(visitQuery(visitId));
  const timerId = visit.data?.timerId;
  const timer = useQuery({ ...timerQuery(timerId ?? ''), enabled: timerId !== undefined });
  return (
    <Loaded what="The visit" missing="visit" queries={[visit, timer]}>
      {() => <PastVisit stored={visit.data!} timer={timer.data!} />}
    </Loaded>
  );
}

interface PastVisitProps {
  readonly stored: StoredVisit;
  readonly timer: Timer;
}

function PastVisit({ stored, timer }: PastVisitProps) {
  const clock = useClock();
  const navigate = useNavigate();
  const visit = useMemo(() => visitOf(stored.entries), [stored]);
  const all = usePhotos(
    timer.property.id,
    useMemo(() => [timer.id], [timer.id]),
  );
  const photos = all?.filter(({ visitId }) => visitId === stored.id) ?? [];
  return (
    <Page
      title={`Visit of ${momentWords(stored.startedAt, clock)}`}
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/properties/${timer.property.id}/history`, name: 'History' },
        { to: `/timers/${timer.id}`, name: timer.name },
      ]}
      actions={
        stored.endedAt === null && (
          <Button onClick={() => void navigate(`/timers/${timer.id}/visit`)}>It goes on</Button>
        )
      }
    >
      <p className={pageStyles['soft']}>
        {stored.startedBy}
        {stored.endedAt !== null && `, ended ${momentWords(stored.endedAt, clock)}`}
        {stored.endedBy && stored.endedBy !== stored.startedBy && ` by ${stored.endedBy}`}
      </p>
      <Steps visit={visit} />
      <Stations visit={visit} />
      <WasFound visit={visit} />
      <LeftBehind {...{ stored, timer }} />
      {photos.length > 0 && (
        <section className={pageStyles['sheet']} aria-labelledby="photos">
          <h2 id="photos">Photos</h2>
          <PhotoRow isCards label="Photos of this visit" photos={photos} />
        </section>
      )}
    </Page>
  );
}

function Steps({ visit }: { readonly visit: Visit }) {
  const stepsOf = (state: 'done' | 'skipped') =>
    VISIT_STEPS.filter((step) => visit.steps.get(step)?.latest.entry.state === state);
  const [done, skipped] = [stepsOf('done'), stepsOf('skipped')];
  if (done.length + skipped.length === 0) return null;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="steps">
      <h2 id="steps">Steps</h2>
      {done.length > 0 && <p>Done: {done.map((step) => STEP_NAMES[step]).join(', ')}.</p>}
      <ul>
        {skipped.map((step) => (
          <li key={step}>
            {STEP_NAMES[step]}, skipped: {visit.steps.get(step)!.latest.entry.reason}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Stations({ visit }: { readonly visit: Visit }) {
  const [flow, pressure] = [useQuantity('flow'), useQuantity('pressure')];
  const rows = [...visit.stations.values()]
    .map(({ latest }) => latest.entry)
    .sort((a, b) => a.station - b.station);
  if (rows.length === 0) return null;
  const columns: readonly DataColumn<StationEntry>[] = [
    { title: 'Station', cell: ({ station }) => station },
    {
      title: 'Seen',
      cell: ({ faults }) => faults.map((fault) => FAULT_NAMES[fault]).join(', ') || 'fine',
    },
    {
      title: 'Flow',
      cell: ({ flowLpm }) =>
        flowLpm === undefined ? '' : `${shownAmount(flowLpm, flow)} ${flow.label}`,
    },
    {
      title: 'Meter',
      cell: ({ ohms, amps }) =>
        ohms !== undefined ? `${ohms} Ω` : amps !== undefined ? `${amps} A` : '',
    },
    {
      title: 'Pressure',
      cell: ({ pressureKpa }) =>
        pressureKpa === undefined ? '' : `${shownAmount(pressureKpa, pressure)} ${pressure.label}`,
    },
    { title: 'Note', cell: ({ note }) => note },
  ];
  // What nobody read takes no room.
  const shown = columns.filter(
    ({ cell }, index) => index < 2 || rows.some((row) => cell(row) !== ''),
  );
  return (
    <section className={pageStyles['sheet']} aria-labelledby="stations">
      <h2 id="stations">Stations</h2>
      <DataTable
        label="What was seen of stations"
        columns={shown}
        {...{ rows }}
        keyOf={({ station }) => String(station)}
        nothing="None was seen."
      />
    </section>
  );
}

function WasFound({ visit }: { readonly visit: Visit }) {
  const say = useSay();
  const { causes, cares, circuits, hardware } = visit;
  if (causes.length + cares.size + hardware.length === 0 && !circuits) return null;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="found">
      <h2 id="found">Found and cared for</h2>
      <ul>
        {circuits && <li>Circuits: {circuitsInWords(circuits.latest.entry)}</li>}
        {hardware.map(({ latest: { id, entry } }) => (
          <li key={id}>
            {jobInWords({ station: null, stations: entry.stations, fault: entry.code })}
            {entry.note && ` (${entry.note})`}
          </li>
        ))}
        {causes.map(({ latest: { id, entry } }) => (
          <li key={id}>
            {CAUSE_NAMES[entry.code]}: {say(entry.says)}
          </li>
        ))}
        {[...cares.values()].map(({ latest: { id, entry } }) => (
          <li key={id}>{say(careInWords(entry))}</li>
        ))}
      </ul>
    </section>
  );
}

/** The copies that were made during the visit, and the sheet that was left. */
function LeftBehind({ stored: { startedAt, endedAt }, timer }: PastVisitProps) {
  const navigate = useNavigate();
  const isWithin = (at: string) => at >= startedAt && (endedAt === null || at <= endedAt);
  const copies = useQuery(copiesQuery(timer.id)).data?.filter(({ madeAt }) => isWithin(madeAt));
  const sheets = useQuery(sheetsQuery(timer.id)).data?.filter(({ madeAt }) => isWithin(madeAt));
  if (!copies?.length && !sheets?.length) return null;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="left">
      <h2 id="left">Read, and left behind</h2>
      <div className={pageStyles['way']}>
        {copies?.map(({ id, number }) => (
          <Button key={id} onClick={() => void navigate(`/copies/${id}`)}>
            Copy № {number}
          </Button>
        ))}
        {sheets?.map(({ id }) => (
          <Button key={id} href={pdfAddress(id)} target="_blank">
            Sheet at the door
          </Button>
        ))}
      </div>
    </section>
  );
}
