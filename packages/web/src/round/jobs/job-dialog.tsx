import { useQuery } from '@tanstack/react-query';
import { addDays, formatDate, parseDate } from '@water-clock/core/civil-time';
import { Button, Checkbox, Input, Select } from 'antd';
import { useState } from 'react';
import { plannedVisitsQuery, roundKey } from '../../api/round';
import { changeJob, changeJobWork, jobsKey, type JobOfFirm } from '../../api/visits';
import { useWrite } from '../../api/use-write';
import { dayWords } from '../../format/day-words';
import { todayHere } from '../../format/today';
import { useMayChange, useSignedIn } from '../../session/use-signed-in';
import { Dialog } from '../../ui/dialog';
import { Field } from '../../ui/field';
import { NumberInput } from '../../ui/number-input';
import { PlanVisitDialog } from '../plan-visit-dialog';
import styles from '../round.module.css';
import { jobName } from './job-words';

/** Visits are looked for so long ahead; those that were not held before are carried over. */
const AHEAD_DAYS = 120;
const BACK_DAYS = 60;
const MOST_PRICE = 1_000_000;

interface JobDialogProps {
  readonly job: JobOfFirm;
  readonly onClose: () => void;
}

/** What a job takes, at which visit it is to be done, and whether it is. */
export function JobDialog({ job, onClose }: JobDialogProps) {
  const { currency } = useSignedIn().firm;
  const mayChange = useMayChange();
  const today = parseDate(todayHere())!;
  const planned = useQuery(
    plannedVisitsQuery(
      formatDate(addDays(today, -BACK_DAYS)),
      formatDate(addDays(today, AHEAD_DAYS)),
      'firm',
    ),
  );
  const [parts, setParts] = useState(job.parts);
  const [price, setPrice] = useState(job.price);
  const [visitId, setVisitId] = useState(job.plannedVisitId);
  const [isDone, setDone] = useState(job.doneAt !== null);
  const [isPlanning, setPlanning] = useState(false);
  const touches = [jobsKey, roundKey];
  const saving = useWrite('change-job-work', changeJobWork, { touches, isOfFields: true });
  const ticking = useWrite('change-job', (done: boolean) => changeJob(job.id, done), { touches });
  const visits = (planned.data ?? [])
    .filter(({ home, isHeld }) => home.id === job.propertyId && !isHeld)
    .map(({ id, onDate, person }) => ({ value: id, label: `${dayWords(onDate)}, ${person}` }));
  // That of the job itself is there before the others have come, and where it was held already.
  const own =
    job.plannedVisitId !== null && job.plannedOn !== null
      ? [{ value: job.plannedVisitId, label: `${dayWords(job.plannedOn)}, ${job.plannedFor}` }]
      : [];
  const others = visits.filter(({ value }) => value !== job.plannedVisitId);
  const save = async () => {
    const isSame = parts === job.parts && price === job.price && visitId === job.plannedVisitId;
    const done =
      isSame ||
      (await saving.write({
        ...{ id: job.id, version: job.version, parts },
        ...(price !== null && { price }),
        ...(visitId !== null && { plannedVisitId: visitId }),
      }));
    if (!done) return;
    if (isDone !== (job.doneAt !== null) && !(await ticking.write(isDone))) return;
    onClose();
  };
  return (
    <Dialog
      open
      title={`${jobName(job)}, ${job.home}`}
      onCancel={onClose}
      okText="Save the job"
      cancelText="Leave it as it was"
      confirmLoading={saving.isWriting || ticking.isWriting}
      onOk={() => void save()}
    >
      <div className={styles['plan-visit']}>
        <Field label="Parts">
          {(id) => (
            <Input
              id={id}
              maxLength={1000}
              value={parts}
              onChange={(event) => setParts(event.target.value)}
            />
          )}
        </Field>
        <Field label={`Price, ${currency}`}>
          {(id) => (
            <NumberInput
              id={id}
              least={0}
              most={MOST_PRICE}
              width={140}
              value={price}
              onChange={setPrice}
              onEmpty={() => setPrice(null)}
            />
          )}
        </Field>
        <Field label="At which visit">
          {(id) => (
            <Select
              id={id}
              value={visitId ?? ''}
              options={[{ value: '', label: 'no visit is planned for it' }, ...own, ...others]}
              onChange={(next) => setVisitId(next === '' ? null : next)}
            />
          )}
        </Field>
        <Button style={{ justifySelf: 'start' }} onClick={() => setPlanning(true)}>
          Plan another visit there…
        </Button>
        {mayChange && (
          <Checkbox checked={isDone} onChange={(event) => setDone(event.target.checked)}>
            It is done
          </Checkbox>
        )}
      </div>
      {isPlanning && (
        <PlanVisitDialog
          visit={{ home: { id: job.propertyId, name: job.home }, reason: jobName(job) }}
          onClose={() => setPlanning(false)}
          onPlanned={({ id }) => setVisitId(id)}
        />
      )}
    </Dialog>
  );
}
