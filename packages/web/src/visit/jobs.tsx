import { useQuery } from '@tanstack/react-query';
import { jobInWords } from '@water-clock/core/visits';
import { Checkbox } from 'antd';
import { useWrite } from '../api/use-write';
import { changeJob, jobsKey, jobsQuery } from '../api/visits';
import { momentWords } from '../format/moment-words';
import { useClock, useMayChange } from '../session/use-signed-in';
import { PhotoStrip } from '../photos/photo-strip';
import pageStyles from '../ui/page.module.css';
import styles from './jobs.module.css';

/** Faults that were found at a property, to be ticked off. */
export function Jobs({ propertyId }: { propertyId: string }) {
  const jobs = useQuery(jobsQuery(propertyId));
  const clock = useClock();
  const mayChange = useMayChange();
  const { write, isWriting } = useWrite(
    'change-job',
    ({ id, isDone }: { id: string; isDone: boolean }) => changeJob(id, isDone),
    { touches: [jobsKey] },
  );
  return (
    <section className={pageStyles['sheet']} aria-labelledby="jobs">
      <h2 id="jobs">Jobs</h2>
      {jobs.data?.length === 0 && (
        <p className={pageStyles['soft']} style={{ margin: 0 }}>
          Nothing is known. Faults found on a walk are listed here.
        </p>
      )}
      <ul className={styles['visit-jobs']}>
        {(jobs.data ?? []).map((job) => (
          <li key={job.id} data-done={job.doneAt !== null}>
            <Checkbox
              checked={job.doneAt !== null}
              disabled={!mayChange || isWriting}
              onChange={(event) => void write({ id: job.id, isDone: event.target.checked })}
            >
              {jobInWords(job)}
              {job.note && ` (${job.note})`}
            </Checkbox>
            <span className={pageStyles['soft']}>
              {job.timer}, {momentWords(job.foundAt, clock)}
              {job.doneBy && `, done by ${job.doneBy}`}
            </span>
            <PhotoStrip
              {...{ propertyId }}
              label={`Photos of the job: ${jobInWords(job)}`}
              isShown={({ jobId, visitId, document }) =>
                jobId === job.id ||
                (job.station !== null &&
                  visitId === job.visitId &&
                  document.station === job.station)
              }
              of={{
                ...{ timerId: job.timerId, about: 'job', jobId: job.id },
                ...(job.station !== null && { station: job.station }),
              }}
              words="Photo"
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
