import { useQuery } from '@tanstack/react-query';
import { Skeleton } from 'antd';
import { outboxQuery } from '../api/account';
import { EmptyState } from '../ui/empty-state';
import { LoadError, Page } from '../ui/page';
import pageStyles from '../ui/page.module.css';

/** The mail that the demo wrote, which nobody is sent. */
export function OutboxPage() {
  const mails = useQuery(outboxQuery);
  return (
    <Page title="Mail that the demo wrote" crumbs={[{ to: '/firm', name: 'Firm' }]}>
      {mails.error && !mails.data && (
        <LoadError what="The mail" error={mails.error} onRetry={() => void mails.refetch()} />
      )}
      {mails.isPending && <Skeleton active />}
      {mails.data?.length === 0 && (
        <EmptyState
          title="No mail yet"
          text="Invite somebody to the firm, and the mail to them is here."
        />
      )}
      {mails.data?.map(({ to, subject, text, writtenAt }) => (
        <section key={`${writtenAt} ${to}`} className={pageStyles['sheet']} aria-label={subject}>
          <h2>{subject}</h2>
          <p className={pageStyles['soft']}>To {to}</p>
          <p style={{ overflowWrap: 'anywhere' }}>{text}</p>
        </section>
      ))}
    </Page>
  );
}
