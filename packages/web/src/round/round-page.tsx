import { dueInWords } from '@water-clock/core/dues';
import { parseDate } from '@water-clock/core/civil-time';
import { reasonInWords } from '@water-clock/core/standing';
import { longDate } from '@water-clock/core/words';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Skeleton } from 'antd';
import { useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import { troubleInWords } from '../api/client';
import type { TimerToDo, VisitToday } from '../api/round';
import { todayHere } from '../format/today';
import { appOnDevice } from '../offline/app-on-device';
import { useSay } from '../session/use-signed-in';
import { saveForOffline } from '../timer-records/use-timer-on-device';
import { Choice } from '../ui/choice';
import { LoadError, Page } from '../ui/page';
import pageStyles from '../ui/page.module.css';
import { Attention } from './attention';
import { Dues } from './dues';
import { PlanVisitDialog, type VisitToPlan } from './plan-visit-dialog';
import { Today } from './today';
import { useRound, useWhose } from './use-round';
import styles from './round.module.css';

const WHOSE = [
  { value: 'mine', label: 'Mine' },
  { value: 'firm', label: 'The firm’s' },
] as const;

/** As the server takes it. */
const MOST_REASON = 500;

/** What there is to do: today's visits, what needs somebody, what falls due. */
export function RoundPage() {
  const [whose, setWhose] = useWhose();
  const round = useRound(whose);
  const navigate = useNavigate();
  const say = useSay();
  const [toPlan, setToPlan] = useState<VisitToPlan | null>(null);
  const { data, error } = round;
  const today = parseDate(todayHere())!;
  const isOfFirm = whose === 'firm';
  // A firm without a timer begins where it gets one.
  if (data?.of === 0 && data.visits.length === 0 && isOfFirm)
    return <Navigate to="/properties" replace />;
  const planFor = ({ home, standing }: TimerToDo) =>
    setToPlan({
      home,
      reason: standing.reasons
        .slice(0, 3)
        .map((reason) => reasonInWords(reason, today, say))
        .join('; ')
        .slice(0, MOST_REASON),
    });
  return (
    <Page
      title={
        <>
          Round <span className={pageStyles['soft']}>{longDate(today)}</span>
        </>
      }
      actions={
        <>
          <Choice
            label="Whose"
            optionType="button"
            value={whose}
            options={WHOSE}
            onChange={setWhose}
          />
          {data && data.visits.length > 0 && <SaveTheDay visits={data.visits} />}
          <Button onClick={() => void navigate('/round/jobs')}>Jobs</Button>
          <Button onClick={() => void navigate('/round/plan')}>Plan the weeks</Button>
        </>
      }
    >
      {error && !data && (
        <LoadError what="The round" error={error} onRetry={() => void round.refetch()} />
      )}
      {!data && !error && <Skeleton active />}
      {data && (
        <>
          {data.pending > 0 && (
            <span role="status" className={pageStyles['soft']}>
              {data.of - data.pending} of {data.of} timers are worked out: the rest follows.
            </span>
          )}
          <div className={styles['round']}>
            <div className={styles['first']}>
              <Today
                visits={data.visits}
                isOfFirm={isOfFirm}
                onChange={(planned) =>
                  setToPlan({
                    ...{ home: planned.home, reason: planned.reason },
                    ...{ onDate: planned.onDate, planned },
                  })
                }
              />
              <Dues
                timers={data.timers}
                onPlan={({ home }, dues) =>
                  setToPlan({ home, reason: dues.map(dueInWords).join('; ').slice(0, MOST_REASON) })
                }
              />
            </div>
            <Attention timers={data.timers} onPlan={planFor} />
          </div>
        </>
      )}
      {toPlan && <PlanVisitDialog visit={toPlan} onClose={() => setToPlan(null)} />}
    </Page>
  );
}

/** Brings all that the visits of the day need onto the device, for use without signal. */
function SaveTheDay({ visits }: { visits: readonly VisitToday[] }) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const [saved, setSaved] = useState<number | null>(null);
  const ids = visits.flatMap(({ timers }) => timers.map(({ id }) => id));
  const save = async () => {
    setSaved(0);
    try {
      await saveForOffline(client, ids, { onSaved: setSaved });
      await appOnDevice();
      void message.success('The day is on this device, for visits without signal.');
    } catch (error) {
      void message.error(`Not all of the day is on this device. ${troubleInWords(error)}`);
    } finally {
      setSaved(null);
    }
  };
  return (
    <Button loading={saved !== null} onClick={() => void save()}>
      {saved === null ? 'Save the day for offline' : `${saved} of ${ids.length} timers saved`}
    </Button>
  );
}
