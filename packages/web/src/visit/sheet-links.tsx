import { counted } from '@water-clock/core/words';
import { useQuery } from '@tanstack/react-query';
import { App, Button, Select } from 'antd';
import { useState } from 'react';
import { pdfAddress, sheetsKey, sheetsQuery, shareSheet, withdrawLink } from '../api/sheets';
import { useWrite } from '../api/use-write';
import type { Timer } from '../api/timers';
import { PhotoChoice } from '../photos/photo-choice';
import { momentWords } from '../format/moment-words';
import { useOutbox } from '../offline/use-outbox';
import { useClock } from '../session/use-signed-in';
import pageStyles from '../ui/page.module.css';
import styles from './leave-page.module.css';

const LINK_DAYS = [
  { value: 30, label: '30 days' },
  { value: 180, label: 'half a year' },
  { value: 365, label: 'a year' },
];

interface SheetLinksProps {
  readonly timer: Timer;
  /** The sheet that was left from here; null while none was. */
  readonly leftId: string | null;
  readonly isLeaving: boolean;
}

/** Links for the household to the sheet that was left last; each can be withdrawn. */
export function SheetLinks({ timer, leftId, isLeaving }: SheetLinksProps) {
  const { message, modal } = App.useApp();
  const clock = useClock();
  const sheets = useQuery(sheetsQuery(timer.id));
  const waits = useOutbox().some(({ id }) => id === leftId);
  const [days, setDays] = useState(180);
  const [photoIds, setPhotoIds] = useState<readonly string[]>([]);
  const [made, setMade] = useState<{ id: string; address: string } | null>(null);
  const sharing = useWrite(
    'share-sheet',
    async (id: string) => {
      const { id: linkId, token } = await shareSheet(id, days, photoIds);
      // Before the list below it is asked for anew: what could be pressed there would move away under the finger.
      setMade({ id: linkId, address: `${window.location.origin}/s/${token}` });
    },
    { touches: [sheetsKey] },
  );
  const withdrawing = useWrite('withdraw-link', withdrawLink, { touches: [sheetsKey] });
  // Never a link to the sheet before, while the one that was just left is still on its way.
  const last = sheets.data?.find(({ id }) => leftId === null || id === leftId);
  if (waits || isLeaving || (leftId !== null && !last))
    return (
      <p className={pageStyles['soft']}>The PDF and the link come as soon as the sheet is sent.</p>
    );
  if (!last)
    return (
      <p className={pageStyles['soft']}>Leave the sheet first: then it has a PDF and a link.</p>
    );
  // Once it is withdrawn it leads nowhere.
  const isGood = sharing.isWriting || last.links.some(({ id }) => id === made?.id);
  const askToWithdraw = (id: string) =>
    void modal.confirm({
      title: 'Withdraw the link?',
      content: 'Whoever has it can no longer see the sheet.',
      okText: 'Withdraw it',
      onOk: async () => {
        await withdrawing.write(id);
      },
    });
  return (
    <div className={styles['leave-links']}>
      <span>
        Left {momentWords(last.madeAt, clock)}, {last.person}:{' '}
        <a href={pdfAddress(last.id)} target="_blank" rel="noreferrer">
          PDF
        </a>
      </span>
      <PhotoChoice
        propertyId={timer.property.id}
        timerId={timer.id}
        chosen={photoIds}
        onChange={setPhotoIds}
      />
      <span>
        <Button loading={sharing.isWriting} onClick={() => void sharing.write(last.id)}>
          Make a link
        </Button>{' '}
        for{' '}
        <Select
          aria-label="How long the link leads to it"
          value={days}
          options={LINK_DAYS}
          onChange={setDays}
        />
      </span>
      {made && isGood && (
        <span>
          <a href={made.address} className={styles['leave-link']} data-testid="share-link">
            {made.address}
          </a>{' '}
          <Button
            size="small"
            onClick={() =>
              void navigator.clipboard
                .writeText(made.address)
                .then(() => message.success('Copied.'))
                .catch(() => message.error('It could not be copied: select it by hand.'))
            }
          >
            Copy
          </Button>{' '}
          <span className={pageStyles['soft']}>It is shown this once.</span>
        </span>
      )}
      <ul>
        {last.links.map(({ id, expiresAt, madeBy, opened, lastOpenedAt, photos }) => (
          <li key={id}>
            A link until {momentWords(expiresAt, clock).split(',')[0]}
            {madeBy && `, made by ${madeBy}`}
            {photos > 0 && `, with ${counted(photos, 'photo')}`},{' '}
            {lastOpenedAt === null
              ? 'not opened yet'
              : `opened ${counted(opened, 'time')}, last ${momentWords(lastOpenedAt, clock)}`}{' '}
            <Button size="small" onClick={() => askToWithdraw(id)}>
              Withdraw…
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
