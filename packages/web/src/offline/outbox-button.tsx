import { CloudSyncOutlined, WarningFilled } from '@ant-design/icons';
import { App, Button, Drawer } from 'antd';
import { useState } from 'react';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import { outbox, type OutboxItem } from './outbox';
import './outbox.css';
import { useFlush, useFlushing, useOutbox } from './use-outbox';

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
        <span className="outbox-count figures" aria-hidden="true">
          {items.length}
        </span>
        <span role="status" className="outbox-words">
          {words}
        </span>
      </Button>
      <Drawer title="On this device only" open={isOpen} onClose={() => setOpen(false)} size={420}>
        <p className="soft">
          What is done without signal is kept here, and goes up by itself when the connection is
          back.
        </p>
        <ul className="outbox">
          {items.map((item) => (
            <Item key={item.id} item={item} />
          ))}
        </ul>
      </Drawer>
    </>
  );
}

function Item({ item }: { item: OutboxItem }) {
  const clock = useClock();
  const flush = useFlush();
  const { modal } = App.useApp();
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
      <span className="soft">{momentWords(item.madeAt, clock)}</span>
      {item.trouble && (
        <>
          <span role="alert">Refused: {item.trouble}</span>
          <span>
            <Button size="small" onClick={() => void outbox.retry(item.id).then(flush)}>
              Try again
            </Button>{' '}
            <Button size="small" danger onClick={discard}>
              Throw away…
            </Button>
          </span>
        </>
      )}
    </li>
  );
}
