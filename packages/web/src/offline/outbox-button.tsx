import { clsx } from 'clsx';
import { CloudSyncOutlined, WarningFilled } from '@ant-design/icons';
import { App, Button, Drawer } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import { downloadText } from '../ui/text-files';
import { outbox } from './browser-outbox';
import type { OutboxItem } from './outbox-item';
import { useFlush, useFlushing, useOutbox } from './use-outbox';
import styles from './outbox.module.css';
import pageStyles from '../ui/page.module.css';

/** How many changes wait on this device; opens their list. Nothing where none do. */
export function OutboxButton() {
  useFlushing();
  const items = useOutbox();
  const [isOpen, setOpen] = useState(false);
  const refused = items.filter(({ trouble }) => trouble).length;
  if (items.length === 0) return <span role="status" />;
  const words =
    refused > 0
      ? `${refused} refused, ${items.length - refused} waiting`
      : `${items.length} waiting to be sent`;
  return (
    <>
      <Button
        type="text"
        icon={refused > 0 ? <WarningFilled /> : <CloudSyncOutlined />}
        onClick={() => setOpen(true)}
      >
        <span className={clsx(styles['outbox-count'], 'figures')} aria-hidden="true">
          {items.length}
        </span>
        <span role="status" className={styles['outbox-words']}>
          {words}
        </span>
      </Button>
      <Drawer title="On this device only" open={isOpen} onClose={() => setOpen(false)} size={420}>
        <p className={pageStyles['soft']}>
          What is done without signal is kept here, and is sent by itself when the connection is
          back.
        </p>
        <Button onClick={() => downloadText('waiting-to-be-sent.json', fileOf(items))}>
          Export what waits
        </Button>
        <ul className={styles['outbox']}>
          {items.map((item) => (
            <Item key={item.id} item={item} onLeave={() => setOpen(false)} />
          ))}
        </ul>
      </Drawer>
    </>
  );
}

/** What waits, as somebody can send it by hand: what it is, and where it was to go. */
const fileOf = (items: readonly OutboxItem[]): string =>
  JSON.stringify(
    items.map(({ madeAt, words, method, path, body, trouble, delay }) => ({
      ...{ madeAt, words, method, path, body },
      ...((trouble ?? delay) !== undefined && { reason: trouble ?? delay }),
    })),
    null,
    2,
  );

/** Where what was saved can be looked at, and saved again. */
const placeOf = ({ lane, save }: OutboxItem): string | null =>
  save ? `/timers/${lane}${save.what === 'yard' ? '/yard' : ''}` : null;

interface ItemProps {
  readonly item: OutboxItem;
  readonly onLeave: () => void;
}

function Item({ item, onLeave }: ItemProps) {
  const clock = useClock();
  const flush = useFlush();
  const { modal } = App.useApp();
  const { trouble, delay, nextAt } = item;
  const place = placeOf(item);
  const discard = () =>
    void modal.confirm({
      title: 'Throw it away?',
      content: `"${item.words}" was refused, and is nowhere but here.`,
      okText: 'Throw it away',
      okButtonProps: { danger: true },
      onOk: () => outbox.discard(item.id),
    });
  return (
    <li>
      <strong>{item.words}</strong>
      <span className={pageStyles['soft']}>{momentWords(item.madeAt, clock)}</span>
      {trouble && <span role="alert">Refused: {trouble}</span>}
      {!trouble && delay && (
        <span>
          Not sent yet: {delay}
          {nextAt !== undefined &&
            ` It is tried again at ${momentWords(new Date(nextAt).toISOString(), clock).split(', ')[1]}.`}
        </span>
      )}
      {trouble && place && (
        <Link to={place} onClick={onLeave}>
          Open it: yours is there, unsaved
        </Link>
      )}
      {(trouble ?? delay) !== undefined && (
        <span>
          <Button size="small" onClick={() => void outbox.retry(item.id).then(flush)}>
            {trouble ? 'Try again' : 'Send now'}
          </Button>{' '}
          {trouble && (
            <Button size="small" danger onClick={discard}>
              Throw away…
            </Button>
          )}
        </span>
      )}
    </li>
  );
}
