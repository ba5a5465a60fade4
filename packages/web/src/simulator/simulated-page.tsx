import type { Plan } from '@water-clock/core/settings';
import { Button } from 'antd';
import { useParams } from 'react-router';
import type { Timer } from '../api/timers';
import { useStoredSettings } from '../offline/use-stored';
import { useMayChange } from '../session/use-signed-in';
import { usePlanInTimer } from '../timer-records/use-plan-in-timer';
import { EmptyState } from '../ui/empty-state';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { ByHand } from './by-hand';
import { FrontPanel } from './front-panel';
import { Surroundings } from './surroundings';
import { useSimulated, type Simulated } from './use-simulated';
import { WateredStrip } from './watered-strip';
import pageStyles from '../ui/page.module.css';
import styles from './simulator.module.css';

/** A simulated timer with a front of its own, and everything that can happen to one. */
export function SimulatedPage() {
  const { timerId = '' } = useParams();
  const { queries, timer, plan } = usePlanInTimer(timerId);
  const settings = useStoredSettings(timerId, { isToRead: true });
  return (
    <Loaded what="The timer" missing="timer" queries={[...queries, settings]}>
      {() => (
        <SimulatedTimer
          key={timerId}
          timer={timer!}
          inTimer={plan!}
          onDesk={settings.data!.document}
        />
      )}
    </Loaded>
  );
}

interface SimulatedTimerProps {
  readonly timer: Timer;
  readonly inTimer: Plan;
  readonly onDesk: Plan;
}

function SimulatedTimer({ timer, inTimer, onDesk }: SimulatedTimerProps) {
  const simulated = useSimulated(timer);
  const { state } = simulated;
  return (
    <Page
      title="Simulated timer"
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/timers/${timer.id}`, name: timer.name },
      ]}
      actions={
        state && (
          <>
            <Button onClick={() => void simulated.hangUp(inTimer)}>
              Put in what is in the timer
            </Button>
            <Button onClick={() => void simulated.hangUp(onDesk)}>
              Put in what is on the desk
            </Button>
          </>
        )
      }
    >
      {state === null && <NoneYet {...{ simulated, inTimer }} />}
      {state && (
        <div className={styles['simulated']}>
          <div className={styles['column']}>
            <FrontPanel {...{ state, simulated }} stations={onDesk.stations} />
            <ByHand {...{ state, simulated }} plan={onDesk} />
          </div>
          <div className={styles['column']}>
            <WateredStrip {...{ state }} timerId={timer.id} plan={onDesk} />
            <Surroundings {...{ state, simulated }} timerId={timer.id} plan={onDesk} />
          </div>
        </div>
      )}
    </Page>
  );
}

function NoneYet({ simulated, inTimer }: { simulated: Simulated; inTimer: Plan }) {
  const mayChange = useMayChange();
  return (
    <section className={pageStyles['sheet']} aria-labelledby="none">
      <h2 id="none">No simulated timer hangs here</h2>
      <EmptyState
        title="Try it without the wall"
        text="A simulated timer takes the settings that are believed to be in the real one. Press its buttons, let its clock run fast, cut its power, break its wires: nothing of it touches the home."
      >
        {mayChange && (
          <Button
            type="primary"
            loading={simulated.isHanging}
            onClick={() => void simulated.hangUp(inTimer)}
          >
            Hang one up
          </Button>
        )}
      </EmptyState>
    </section>
  );
}
