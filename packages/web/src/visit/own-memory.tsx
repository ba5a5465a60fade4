import { parseDate } from '@water-clock/core/civil-time';
import { setFields } from '@water-clock/core/yards';
import { App, Button } from 'antd';
import type { Timer } from '../api/timers';
import { todayHere } from '../format/today';
import { useYardFact } from '../offline/use-yard-fact';
import { useSignedIn } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';
import { ownMemoryWords } from '../timer-records/own-memory-words';

const NOT_WRITTEN = 'Nobody has written down how for this type.';

interface OwnMemoryProps {
  readonly timer: Timer;
  /** What is in the timer now, in words: what would be stored. */
  readonly inTimer: string;
}

/** What the timer's own memory holds, and how this kind stores and brings back; nothing where it has none. */
export function OwnMemorySheet({ timer, inTimer }: OwnMemoryProps) {
  const { id, handling, hasOwnBackup } = timer;
  const { person } = useSignedIn();
  const { modal } = App.useApp();
  const { yard, put, isPutting } = useYardFact(id, 'Not noted.');
  // It keeps its room until the yard is there: what stands below it is pressed meanwhile.
  if (hasOwnBackup === false) return null;
  const today = todayHere();
  const store = () =>
    put(
      setFields({ ownMemory: { storedOn: today, storedBy: person.name, copy: inTimer } }),
      'Noted: its own memory holds what is in it now.',
    );
  const bringBack = () =>
    void modal.info({
      title: 'Bring back what it stored',
      content: (
        <>
          <p>
            <strong>This erases what is in it. Save an as-found copy first.</strong>
          </p>
          <p>{handling.bringBackCopy || NOT_WRITTEN}</p>
          <p>Then read it as found: what came back is what it holds.</p>
        </>
      ),
      okText: 'Close',
    });
  return (
    <section className={pageStyles['sheet']} aria-labelledby="own-memory">
      <h2 id="own-memory">Its own memory</h2>
      <p>{yard ? ownMemoryWords(yard.ownMemory, parseDate(today)!) : '…'}</p>
      <p className={pageStyles['soft']}>To store: {handling.storeCopy || NOT_WRITTEN}</p>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
        <Button loading={isPutting} disabled={!yard} onClick={() => void store()}>
          I stored what is in it now
        </Button>
        <Button onClick={bringBack}>How to bring back…</Button>
        <Button
          disabled={!yard?.ownMemory}
          onClick={() =>
            void put(setFields({ ownMemory: undefined }), 'Noted: it holds nothing of its own.')
          }
        >
          It holds nothing
        </Button>
      </div>
    </section>
  );
}
