import { useQuery } from '@tanstack/react-query';
import { Button, Skeleton } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { allJobsQuery, changeJob, jobsKey, type JobOfFirm } from '../../api/visits';
import { roundKey } from '../../api/round';
import { useWrite } from '../../api/use-write';
import { dayWords } from '../../format/day-words';
import { momentWords } from '../../format/moment-words';
import { useClock, useMayChange, useSignedIn } from '../../session/use-signed-in';
import { Choice } from '../../ui/choice';
import { DataTable, type DataColumn } from '../../ui/data-table';
import { LoadError, Page } from '../../ui/page';
import pageStyles from '../../ui/page.module.css';
import { usePlace } from '../../ui/use-place';
import { JobDialog } from './job-dialog';
import { jobName, priceWords } from './job-words';
import styles from './jobs-page.module.css';

const STATES = [
  ['open', 'Open'],
  ['planned', 'Planned'],
  ['done', 'Done'],
] as const;
const VIEWS = [
  { value: 'board', label: 'Board' },
  { value: 'table', label: 'Table' },
] as const;

/** The jobs of all homes: open, planned for a visit, and done; as a board, or as a table. */
export function JobsPage() {
  const [place, go] = usePlace();
  const jobs = useQuery(allJobsQuery);
  const [opened, setOpened] = useState<JobOfFirm | null>(null);
  const view = place.get('view') === 'table' ? 'table' : 'board';
  const { data, error } = jobs;
  return (
    <Page
      title="Jobs"
      crumbs={[{ to: '/round', name: 'Round' }]}
      actions={
        <Choice
          label="Shown as"
          optionType="button"
          value={view}
          options={VIEWS}
          onChange={(next) => go({ view: next === 'board' ? undefined : next })}
        />
      }
    >
      {error && !data && (
        <LoadError what="The jobs" error={error} onRetry={() => void jobs.refetch()} />
      )}
      {!data && !error && <Skeleton active />}
      {data &&
        (view === 'board' ? (
          <Board jobs={data} onOpen={setOpened} />
        ) : (
          <Table jobs={data} onOpen={setOpened} />
        ))}
      {opened && <JobDialog job={opened} onClose={() => setOpened(null)} />}
    </Page>
  );
}

interface JobsProps {
  readonly jobs: readonly JobOfFirm[];
  readonly onOpen: (job: JobOfFirm) => void;
}

function Board({ jobs, onOpen }: JobsProps) {
  const mayChange = useMayChange();
  const [dragged, setDragged] = useState<JobOfFirm | null>(null);
  const { write, isWriting } = useWrite(
    'change-job',
    ({ id, isDone }: { id: string; isDone: boolean }) => changeJob(id, isDone),
    { touches: [jobsKey, roundKey] },
  );
  const drop = (state: JobOfFirm['state']) => {
    if (dragged && dragged.state !== state) {
      if (state === 'done') void write({ id: dragged.id, isDone: true });
      else if (dragged.state === 'done') void write({ id: dragged.id, isDone: false });
      // On which visit it is planned is asked.
      else onOpen(dragged);
    }
    setDragged(null);
  };
  return (
    <div className={styles['board']}>
      {STATES.map(([state, name]) => {
        const own = jobs.filter((job) => job.state === state);
        return (
          <section
            key={state}
            className={pageStyles['sheet']}
            aria-label={name}
            onDragOver={(event) => {
              if (dragged) event.preventDefault();
            }}
            onDrop={(event) => {
              event.preventDefault();
              drop(state);
            }}
          >
            <h2>
              {name} <span className={pageStyles['soft']}>{own.length}</span>
            </h2>
            {own.length === 0 && (
              <p className={pageStyles['soft']}>
                {state === 'open' ? 'None. Faults that are found on a walk come here.' : 'None.'}
              </p>
            )}
            <ul className={styles['cards']}>
              {own.map((job) => (
                <li
                  key={job.id}
                  data-job={job.state}
                  draggable={mayChange && !isWriting}
                  onDragStart={(event) => {
                    event.dataTransfer.effectAllowed = 'move';
                    setDragged(job);
                  }}
                  onDragEnd={() => setDragged(null)}
                >
                  <Card job={job} onOpen={() => onOpen(job)} />
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}

function Card({ job, onOpen }: { job: JobOfFirm; onOpen: () => void }) {
  const clock = useClock();
  const { currency } = useSignedIn().firm;
  const { home, propertyId, timer, timerId, note, parts, price } = job;
  return (
    <>
      <strong>{jobName(job)}</strong>
      <span>
        <Link to={`/properties/${propertyId}`}>{home}</Link>
        {' · '}
        <Link to={`/timers/${timerId}`}>{timer}</Link>
      </span>
      {note !== '' && <span>{note}</span>}
      <span className={pageStyles['soft']}>
        found {momentWords(job.foundAt, clock)}
        {job.foundBy && `, ${job.foundBy}`}
      </span>
      <WhenWords job={job} />
      {(parts !== '' || price !== null) && (
        <span>{[parts, priceWords(price, currency)].filter(Boolean).join(', ')}</span>
      )}
      <Button
        size="small"
        aria-label={`Change: ${jobName(job)}, ${home}`}
        style={{ justifySelf: 'start' }}
        onClick={onOpen}
      >
        Change…
      </Button>
    </>
  );
}

/** When it is to be done, or was, and by whom. */
function WhenWords({ job }: { job: JobOfFirm }) {
  const clock = useClock();
  if (job.doneAt !== null)
    return (
      <span>
        done {momentWords(job.doneAt, clock)}, {job.doneBy}
      </span>
    );
  if (job.state !== 'planned' || job.plannedOn === null) return null;
  return (
    <span>
      visit {dayWords(job.plannedOn)}, {job.plannedFor}
    </span>
  );
}

function Table({ jobs, onOpen }: JobsProps) {
  const clock = useClock();
  const { currency } = useSignedIn().firm;
  const columns: readonly DataColumn<JobOfFirm>[] = [
    { title: 'State', cell: ({ state }) => state },
    {
      title: 'Home',
      cell: ({ propertyId, home, timerId, timer }) => (
        <>
          <Link to={`/properties/${propertyId}`}>{home}</Link>
          {' · '}
          <Link to={`/timers/${timerId}`}>{timer}</Link>
        </>
      ),
    },
    {
      title: 'Job',
      cell: (job) => (
        <Button
          type="link"
          size="small"
          style={{ padding: 0 }}
          data-job={job.state}
          onClick={() => onOpen(job)}
        >
          {jobName(job)}
        </Button>
      ),
    },
    { title: 'Note', cell: ({ note }) => note, from: 'md' },
    { title: 'Found', cell: ({ foundAt }) => momentWords(foundAt, clock), from: 'md' },
    { title: 'When', cell: (job) => <WhenWords job={job} /> },
    { title: 'Parts', cell: ({ parts }) => parts, from: 'md' },
    { title: 'Price', cell: ({ price }) => priceWords(price, currency), align: 'right' },
  ];
  return (
    <DataTable
      label="Jobs"
      isCards
      columns={columns}
      rows={jobs}
      keyOf={({ id }) => id}
      nothing="No job is known. Faults that are found on a walk come here."
    />
  );
}
