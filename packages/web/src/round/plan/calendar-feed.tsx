import { useQuery } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useState } from 'react';
import { calendarLinkQuery, renewCalendarLink, withdrawCalendarLink } from '../../api/round';
import { useWrite } from '../../api/use-write';
import { momentWords } from '../../format/moment-words';
import { useClock } from '../../session/use-signed-in';
import pageStyles from '../../ui/page.module.css';
import styles from './plan-page.module.css';

/** The secret link by which any calendar shows one's own planned visits. */
export function CalendarFeed() {
  const { message, modal } = App.useApp();
  const clock = useClock();
  const link = useQuery(calendarLinkQuery);
  const [address, setAddress] = useState<string | null>(null);
  const options = { touches: [calendarLinkQuery.queryKey] };
  const renewing = useWrite('renew-calendar-link', renewCalendarLink, options);
  const withdrawing = useWrite('withdraw-calendar-link', withdrawCalendarLink, options);
  const [known] = link.data ?? [];
  const renew = async () => {
    const done = await renewing.write();
    if (done) setAddress(`${window.location.origin}/api/calendars/${done.answer.token}.ics`);
  };
  const withdraw = async () => {
    if (await withdrawing.write()) setAddress(null);
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="feed">
      <h2 id="feed">In your own calendar</h2>
      <p className={pageStyles['soft']}>
        A secret link by which your calendar shows your planned visits: date and address, and
        nothing of who lives there or how one gets in.
        {known && ` It was made ${momentWords(known.madeAt, clock)}.`}
      </p>
      {address !== null && known && (
        <p>
          <span className={styles['feed-link']} data-testid="calendar-link">
            {address}
          </span>{' '}
          <Button
            size="small"
            onClick={() =>
              void navigator.clipboard
                .writeText(address)
                .then(() => message.success('Copied.'))
                .catch(() => message.error('It could not be copied: select it by hand.'))
            }
          >
            Copy
          </Button>{' '}
          <span className={pageStyles['soft']}>It is shown this once.</span>
        </p>
      )}
      <div className={styles['feed-ways']}>
        <Button loading={renewing.isWriting} onClick={() => void renew()}>
          {known ? 'Make another link' : 'Make a link'}
        </Button>
        {known && (
          <Button
            loading={withdrawing.isWriting}
            onClick={() =>
              void modal.confirm({
                title: 'Withdraw the link?',
                content: 'Calendars that have it show your visits no longer.',
                okText: 'Withdraw it',
                cancelText: 'Keep it',
                onOk: withdraw,
              })
            }
          >
            Withdraw…
          </Button>
        )}
      </div>
    </section>
  );
}
