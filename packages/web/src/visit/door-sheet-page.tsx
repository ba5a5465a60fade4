import { PrinterOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { confirmedNow, inTimerNow } from '@water-clock/core/visits';
import { Button } from 'antd';
import { clsx } from 'clsx';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { copyQuery, type Copy } from '../api/copies';
import { useMayChange } from '../session/use-signed-in';
import { SheetHere } from '../sheet/sheet-here';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import styles from './leave-page.module.css';
import { SheetLinks } from './sheet-links';
import { useDoorSheet, useLeaveSheet, type DoorSheetAsked } from './use-door-sheet';
import { useTimerOnDevice } from '../timer-records/use-timer-on-device';
import { useInTimer } from '../timer-records/use-in-timer';
import { useOpenVisit } from '../timer-records/use-visit';
import pageStyles from '../ui/page.module.css';

const NO_CARES: DoorSheetAsked['cares'] = new Map();

/** The sheet for the door of what stands in a timer, at any time. */
export function DoorSheetPage() {
  const { timerId = '' } = useParams();
  const { queries, timer, target, reading, readingConfirmed } = useTimerOnDevice(timerId);
  const open = useOpenVisit(timerId);
  const inTimer = useMemo(
    () => target && inTimerNow(target, reading, open ? [open.visit] : []),
    [target, reading, open],
  );
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => (
        <DoorSheet
          timer={timer!}
          plan={inTimer!.plan}
          confirmed={confirmedNow(inTimer!, readingConfirmed)}
          cares={open?.visit.cares ?? NO_CARES}
          isInTimer
        />
      )}
    </Loaded>
  );
}

/** The sheet for the door of a saved copy, as if the timer held it. */
export function CopyDoorSheetPage() {
  const { copyId = '' } = useParams();
  const copy = useQuery(copyQuery(copyId));
  return (
    <Loaded what="The copy" missing="copy" queries={[copy]}>
      {() => <CopyDoorSheet copy={copy.data!} />}
    </Loaded>
  );
}

function CopyDoorSheet({ copy }: { copy: Copy }) {
  const { queries, timer } = useTimerOnDevice(copy.timer.id);
  const keyedIn = useInTimer(copy.timer.id)?.keyedIn ?? 0;
  return (
    <Loaded what="The timer" missing="timer" queries={queries}>
      {() => (
        <DoorSheet
          timer={timer!}
          plan={copy.document}
          confirmed={copy.confirmed}
          cares={NO_CARES}
          isInTimer={copy.isInTimer && keyedIn === 0}
        />
      )}
    </Loaded>
  );
}

interface DoorSheetProps extends DoorSheetAsked {
  readonly isInTimer: boolean;
}

function DoorSheet({ isInTimer, ...asked }: DoorSheetProps) {
  const { timer, confirmed } = asked;
  const sheet = useDoorSheet(asked);
  const mayChange = useMayChange();
  const { leave, isLeaving, leftId } = useLeaveSheet(timer, sheet);
  return (
    <Page
      title="Sheet for the door"
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/timers/${timer.id}`, name: timer.name },
      ]}
      actions={
        <Button icon={<PrinterOutlined />} onClick={() => window.print()}>
          Print
        </Button>
      }
    >
      <div className={styles['leave']}>
        <div className={clsx('not-on-paper', styles['leave-side'])}>
          {!isInTimer && (
            <section className={pageStyles['sheet']}>
              <p style={{ marginTop: 0 }}>This copy is not what the timer is believed to hold.</p>
              <Link to={`/timers/${timer.id}/sheet`}>The sheet of what it holds</Link>
            </section>
          )}
          {confirmed.keyedIn + confirmed.unknown > 0 && (
            <section className={pageStyles['sheet']}>
              <p style={{ marginTop: 0 }}>Not everything on this sheet was read off the timer.</p>
              <Link to={`/timers/${timer.id}/as-found`}>Read it off</Link>
            </section>
          )}
          {mayChange && (
            <section className={pageStyles['sheet']} aria-labelledby="behind">
              <h2 id="behind">Leave behind</h2>
              <Button type="primary" loading={isLeaving} onClick={() => void leave()}>
                Leave this sheet
              </Button>
              <SheetLinks timer={timer} leftId={leftId} isLeaving={isLeaving} />
            </section>
          )}
        </div>
        <SheetHere sheet={sheet} />
      </div>
    </Page>
  );
}
