import { CARE_NAMES } from '@water-clock/core/care';
import { clsx } from 'clsx';
import { useQuery } from '@tanstack/react-query';
import {
  circuitsInWords,
  FAULT_NAMES,
  jobInWords,
  STEP_NAMES,
  VISIT_STEPS,
} from '@water-clock/core/visits';
import type { MadeEntry, Statement, StepWork } from '@water-clock/core/visits';
import { Button, Tag } from 'antd';
import { Link, useParams } from 'react-router';
import { visitsQuery } from '../api/visits';
import { CAUSE_NAMES } from '../diagnosis/cause-names';
import { Loaded } from '../ui/loaded';
import { Page, Foot } from '../ui/page';
import { copyWords } from '../copies/copy-words';
import { InTimerWords } from '../copies/in-timer-words';
import { momentWords } from '../format/moment-words';
import { useClock, useMayChange, useSay, useSignedIn } from '../session/use-signed-in';
import { PhotoStrip } from '../photos/photo-strip';
import { Jobs } from './jobs';
import { STEP_PURPOSES, stepPlace } from './step-places';
import { useTimerOnDevice } from '../timer-records/use-timer-on-device';
import { useStepWork, workWords } from './use-step-work';
import { useBeginVisit, useOpenVisit, type OpenVisit } from '../timer-records/use-visit';
import { stateOf } from './visit-bar';
import type { Timer } from '../api/timers';
import type { CopyListing } from '../api/copies';
import pageStyles from '../ui/page.module.css';
import styles from './visit-page.module.css';

/** A visit at a glance: its steps, what is here, the jobs, what two said differently. */
export function VisitPage() {
  const { timerId = '' } = useParams();
  const device = useTimerOnDevice(timerId);
  const open = useOpenVisit(timerId);
  return (
    <Loaded what="The timer" missing="timer" queries={device.queries}>
      {() => (
        <Page
          title="Visit"
          crumbs={[
            {
              to: `/properties/${device.timer!.property.id}`,
              name: device.timer!.property.name,
            },
            { to: `/timers/${timerId}`, name: device.timer!.name },
          ]}
        >
          {open ? (
            <>
              <Steps open={open} />
              <Conflicts open={open} />
              <WasWrong open={open} />
              <p className={pageStyles['way']}>
                <Link to={`/timers/${timerId}/visit/circuits`}>
                  Check the circuits, or note what is broken of the timer
                </Link>
                {' · '}
                <Link to={`/timers/${timerId}/visit/care`}>Care, winter and spring</Link>
              </p>
              <Meanwhile open={open} copies={device.copies} />
              <section className={pageStyles['sheet']} aria-label="Photos of this visit">
                <PhotoStrip
                  propertyId={device.timer!.property.id}
                  label="Photos of this visit"
                  isShown={({ visitId }) => visitId === open.id}
                  of={{ timerId, about: 'visit', visitId: open.id }}
                />
              </section>
            </>
          ) : (
            open === null && <Begin timerId={timerId} />
          )}
          <div className={pageStyles['sheets']}>
            <Here timer={device.timer!} />
            <Jobs propertyId={device.timer!.property.id} />
            {!open && <PastVisits timerId={timerId} />}
          </div>
        </Page>
      )}
    </Loaded>
  );
}

function Begin({ timerId }: { timerId: string }) {
  const begin = useBeginVisit(timerId);
  const mayChange = useMayChange();
  return (
    <section className={pageStyles['sheet']}>
      <h2>No visit goes on here</h2>
      <p className={pageStyles['soft']}>
        A visit leads from the timer as found to the sheet at the door. It can be put down, and
        taken up by somebody else.
      </p>
      {mayChange && (
        <Foot>
          <Button
            type="primary"
            size="large"
            loading={begin.isWriting}
            onClick={() => void begin.write()}
          >
            Begin a visit
          </Button>
        </Foot>
      )}
    </section>
  );
}

/** The visits that were made and ended, the newest first; nothing where there are none. */
function PastVisits({ timerId }: { timerId: string }) {
  const visits = useQuery(visitsQuery(timerId));
  const clock = useClock();
  const past = visits.data?.filter(({ endedAt }) => endedAt !== null) ?? [];
  if (past.length === 0) return null;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="past">
      <h2 id="past">Visits before</h2>
      <ul className={styles['visit-past']}>
        {past.map(({ id, startedAt, startedBy, endedBy }) => (
          <li key={id}>
            <Link to={`/visits/${id}`}>{momentWords(startedAt, clock)}</Link>, {startedBy}
            {endedBy && endedBy !== startedBy && `, ended by ${endedBy}`}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Steps({ open }: { open: OpenVisit }) {
  const clock = useClock();
  const workAt = useStepWork(open);
  return (
    <section className={pageStyles['sheet']} aria-labelledby="steps">
      <h2 id="steps">
        {momentWords(open.startedAt, clock)}, {open.startedBy}
      </h2>
      <ol className={styles['visit-steps']}>
        {VISIT_STEPS.map((step) => {
          const state = stateOf(open, step);
          const statement = open.visit.steps.get(step)?.latest;
          return (
            <li key={step} data-state={state}>
              <Link to={stepPlace(step, open.timerId)}>{STEP_NAMES[step]}</Link>
              <span className={pageStyles['soft']}>
                {statement?.entry.reason ?? STEP_PURPOSES[step]}
              </span>
              <span className={styles['visit-state']}>
                <Tag>{stateWords(state, workAt(step))}</Tag>
                {statement && state !== 'open' && (
                  <span className={pageStyles['soft']}>
                    {statement.person}, {momentWords(statement.observedAt, clock).split(', ')[1]}
                  </span>
                )}
                {state !== 'open' && (
                  <Button
                    size="small"
                    onClick={() =>
                      void open.add(
                        { kind: 'step', step, state: 'open' },
                        `${STEP_NAMES[step]}: open again`,
                      )
                    }
                  >
                    Open again
                  </Button>
                )}
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** A step that is called done while its work is not says so; an open one, how far it is. */
function stateWords(state: string, work: StepWork | null): string {
  if (state === 'open') return workWords(work) || state;
  return state === 'done' && work?.open.length ? `done, ${workWords(work)}` : state;
}

function entryWords({ entry }: MadeEntry): string {
  switch (entry.kind) {
    case 'step':
      return `${STEP_NAMES[entry.step]}: ${entry.state}${entry.reason ? `, ${entry.reason}` : ''}`;
    case 'key-in':
      return `${entry.key}: ${entry.isTicked ? 'keyed in' : 'not keyed in'}`;
    case 'station': {
      const faults = entry.faults.map((fault) => FAULT_NAMES[fault]).join(', ') || 'fine';
      return `Station ${entry.station}: ${faults}${entry.note ? ` (${entry.note})` : ''}`;
    }
    case 'care':
      return `${CARE_NAMES[entry.what]}: ${entry.isDone ? 'done' : 'begun'}`;
    case 'cause':
      return `${CAUSE_NAMES[entry.code]}${entry.isFound ? '' : ': it was not that'}`;
    case 'circuits':
      return `Circuits: ${circuitsInWords(entry)}`;
    case 'hardware':
      return `${jobInWords({ station: null, stations: entry.stations, fault: entry.code })}${entry.isFound ? '' : ': it was not that'}`;
  }
}

/** What two people observed differently, not knowing of each other; nothing is overwritten. */
function Conflicts({ open }: { open: OpenVisit }) {
  const clock = useClock();
  if (open.visit.conflicts.length === 0) return null;
  const settle = (statement: Statement, made: MadeEntry) =>
    open.add(made.entry, `Settled: ${entryWords(statement.latest)}`);
  return (
    <section className={clsx(pageStyles['sheet'], styles['visit-conflicts'])} role="alert">
      <h2>Two of you say different things</h2>
      <ul>
        {open.visit.conflicts.map((statement) =>
          [statement.latest, ...statement.otherwise].map((made) => (
            <li key={made.id}>
              <span>
                <strong>{made.person}</strong>, {momentWords(made.observedAt, clock)}:{' '}
                {entryWords(made)}
              </span>
              <Button size="small" onClick={() => void settle(statement, made)}>
                This is right
              </Button>
            </li>
          )),
        )}
      </ul>
    </section>
  );
}

/** What was found to be wrong with the timer, from what was seen. */
function WasWrong({ open }: { open: OpenVisit }) {
  const clock = useClock();
  const say = useSay();
  const { causes } = open.visit;
  if (causes.length === 0) return null;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="wrong">
      <h2 id="wrong">What was wrong</h2>
      <ul className={styles['visit-past']}>
        {causes.map(({ latest: { id, entry, person, observedAt } }) => (
          <li key={id}>
            <strong>{CAUSE_NAMES[entry.code]}.</strong> {say(entry.says)}{' '}
            <span className={pageStyles['soft']}>
              {person}, {momentWords(observedAt, clock)}
            </span>
          </li>
        ))}
      </ul>
      <p className={pageStyles['way']}>
        <Link to={`/timers/${open.timerId}/wrong`}>What was seen, and other causes</Link>
      </p>
    </section>
  );
}

interface CopiesProps {
  readonly copies: readonly CopyListing[];
}

/** Copies that others saved of this timer since the visit began. */
function Meanwhile({ open, copies }: CopiesProps & { open: OpenVisit }) {
  const { person } = useSignedIn();
  const clock = useClock();
  const others = copies.filter(
    (copy) =>
      copy.reason !== 'planned' && copy.person !== person.name && copy.madeAt > open.startedAt,
  );
  if (others.length === 0) return null;
  return (
    <section className={clsx(pageStyles['sheet'], styles['visit-conflicts'])} role="alert">
      <h2>Somebody else saved what is in this timer meanwhile</h2>
      <ul>
        {others.map((copy) => (
          <li key={copy.id}>
            <Link to={`/copies/${copy.id}`}>{copyWords(copy, clock)}</Link>
          </li>
        ))}
      </ul>
      <Link to={`/timers/${open.timerId}/copies`}>Compare them</Link>
    </section>
  );
}

function Here({ timer }: { timer: Timer }) {
  const { property } = timer;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="here">
      <h2 id="here">Here</h2>
      <dl className={pageStyles['facts']}>
        <dt>Where</dt>
        <dd>{[property.address, property.town].filter(Boolean).join(', ') || 'not known'}</dd>
        {property.gateNotes && (
          <>
            <dt>Gate</dt>
            <dd>{property.gateNotes}</dd>
          </>
        )}
        {property.contactName && (
          <>
            <dt>Contact</dt>
            <dd>
              {property.contactName} {property.contactPhone}
            </dd>
          </>
        )}
        <dt>In the timer</dt>
        <dd>
          <InTimerWords timerId={timer.id} />
        </dd>
      </dl>
    </section>
  );
}
