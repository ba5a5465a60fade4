import { dueInWords } from '@water-clock/core/dues';
import { parseDate } from '@water-clock/core/civil-time';
import { reasonInWords } from '@water-clock/core/standing';
import { longDate } from '@water-clock/core/words';
import { Button, Skeleton } from 'antd';
import { useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import type { Round, TimerToDo } from '../api/round';
import { todayHere } from '../format/today';
import { useSay } from '../session/use-signed-in';
import { SaveForOffline } from '../timer-records/save-for-offline';
import { later } from '../ui/later';
import { LoadError, Page } from '../ui/page';
import pageStyles from '../ui/page.module.css';
import { Attention } from './attention';
import { Dues } from './dues';
import type { VisitToPlan } from './plan-visit-dialog';
import { Tellings } from './tellings';
import { Today } from './today';
import { useRound, useWhose } from './use-round';
import { WhoseChoice } from './whose-choice';
import styles from './round.module.css';

// The first page after the door: what opens when it is asked for comes then.
const PlanVisitDialog = later(() => import('./plan-visit-dialog'), 'PlanVisitDialog');

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
          <WhoseChoice whose={whose} onChange={setWhose} />
          {data && data.visits.length > 0 && (
            <SaveForOffline
              timerIds={data.visits.flatMap(({ timers }) => timers.map(({ id }) => id))}
            >
              Save the day for offline
            </SaveForOffline>
          )}
          <Button onClick={() => void navigate('/round/homes')}>Many homes</Button>
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
                isWhole={data.pending === 0}
                onPlan={({ home }, dues) =>
                  setToPlan({ home, reason: dues.map(dueInWords).join('; ').slice(0, MOST_REASON) })
                }
              />
            </div>
            <div className={styles['first']}>
              <Tellings
                onPlan={({ propertyId, home, document }) =>
                  setToPlan({
                    home: { id: propertyId, name: home },
                    reason: (document.words || 'The household saw something').slice(0, MOST_REASON),
                  })
                }
              />
              <Attention
                timers={data.timers}
                nothing={nothingIn(data, isOfFirm)}
                onPlan={planFor}
              />
            </div>
          </div>
        </>
      )}
      {toPlan && <PlanVisitDialog visit={toPlan} onClose={() => setToPlan(null)} />}
    </Page>
  );
}

/** What is said where nothing needs somebody; while it is not known yet of all timers, nothing is. */
function nothingIn({ pending }: Round, isOfFirm: boolean): string {
  if (pending > 0) return '';
  return isOfFirm ? 'Nothing: every timer is well.' : 'Nothing at the homes where you go.';
}
