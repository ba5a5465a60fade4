import { useQuery } from '@tanstack/react-query';
import { Alert, Button, Skeleton } from 'antd';
import { useParams } from 'react-router';
import { ApiError } from '../../api/client';
import { settingsQuery, timerQuery } from '../../api/timers';
import { NotFound } from '../../app/not-found';
import { Desk } from './desk';

/** The desk of one timer: loads it, or says why it cannot. */
export function DeskPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const settings = useQuery(settingsQuery(timerId));

  const error = timer.error ?? settings.error;
  if (error instanceof ApiError && error.status === 404) return <NotFound what="timer" />;
  if (error)
    return (
      <Alert
        type="error"
        showIcon
        style={{ margin: 24 }}
        title="The timer could not be loaded."
        description={error.message}
        action={
          <Button
            onClick={() => {
              void timer.refetch();
              void settings.refetch();
            }}
          >
            Try again
          </Button>
        }
      />
    );
  if (!timer.data || !settings.data)
    return <Skeleton active style={{ padding: 24 }} title paragraph={{ rows: 10 }} />;
  return <Desk key={timerId} timer={timer.data} stored={settings.data} />;
}
