import { dayOf } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { Button } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Timer } from '../api/timers';
import { InTimerWords } from '../copies/in-timer-words';
import { nowIn } from '../format/now-in';
import { usePlanInTimer } from '../timer-records/use-plan-in-timer';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { UndoButtons } from '../ui/undo-buttons';
import { usePlace } from '../ui/use-place';
import { HouseholdTold } from './household-told';
import { Reasoning } from './reasoning';
import { useStory } from './use-story';

/** What was seen of a timer, on a week, and what would explain it. */
export function WrongPage() {
  const { timerId = '' } = useParams();
  const { queries, timer, plan } = usePlanInTimer(timerId);
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => <Wrong key={timerId} timer={timer!} plan={plan!} />}
    </Loaded>
  );
}

interface WrongProps {
  readonly timer: Timer;
  readonly plan: Plan;
}

function Wrong({ timer, plan }: WrongProps) {
  const zone = timer.property.timeZone ?? undefined;
  const now = () => nowIn(zone, new Date());
  const [openedAt] = useState(now);
  const { story, isBlank, edit, startOver, ...history } = useStory(timer.id, dayOf(openedAt));
  const [place, go] = usePlace();
  const stations = plan.stations.map(({ number, name = '' }) => ({ number, name }));
  return (
    <Page
      title="Something is wrong"
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/timers/${timer.id}`, name: timer.name },
      ]}
      actions={
        <>
          <UndoButtons {...history} />
          <Button disabled={isBlank} onClick={startOver}>
            Begin anew
          </Button>
        </>
      }
    >
      <HouseholdTold timerId={timer.id} {...{ stations, story, edit }} />
      <Reasoning
        {...{ timer, plan, now, openedAt }}
        heard={{ story, edit }}
        shown={Number(place.get('cause') ?? 0) || 0}
        onShow={(index) => go({ cause: index === 0 ? undefined : String(index) })}
      >
        Tried on what is in the timer: <InTimerWords timerId={timer.id} />
      </Reasoning>
    </Page>
  );
}
