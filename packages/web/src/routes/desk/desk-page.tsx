import { useQuery } from '@tanstack/react-query';
import { Skeleton } from 'antd';
import { useParams } from 'react-router';
import { ApiError } from '../../api/client';
import { settingsQuery, timerQuery, yardQuery } from '../../api/timers';
import { NotFound } from '../../app/not-found';
import { LoadError } from '../../app/page';
import { todayHere } from '../../words/today';
import { Desk } from './desk';

/** The desk of one timer: loads it, or says why it cannot. */
export function DeskPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const settings = useQuery(settingsQuery(timerId, todayHere()));
  const yard = useQuery(yardQuery(timerId));

  const error = timer.error ?? settings.error ?? yard.error;
  if (error instanceof ApiError && error.status === 404) return <NotFound what="timer" />;
  if (error)
    return (
      <LoadError
        what="The timer"
        error={error}
        onRetry={() => void Promise.all([timer.refetch(), settings.refetch(), yard.refetch()])}
      />
    );
  if (!timer.data || !settings.data || !yard.data)
    return <Skeleton active style={{ padding: 24 }} title paragraph={{ rows: 10 }} />;
  return <Desk key={timerId} timer={timer.data} stored={settings.data} yard={yard.data.document} />;
}
