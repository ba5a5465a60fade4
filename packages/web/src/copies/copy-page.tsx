import { PrinterOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { changeCopy, copiesKey, copyQuery, type Copy } from '../api/copies';
import { useWrite } from '../api/use-write';
import { PhotoStrip } from '../photos/photo-strip';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { NotConfirmed, sinceWords } from './in-timer-words';
import { copyWords } from './copy-words';
import { SettingsSheet } from './settings-sheet';
import { downloadText, fileNameOf } from '../ui/text-files';
import { useClock, useMayChange } from '../session/use-signed-in';
import { useInTimer } from '../timer-records/use-in-timer';
import pageStyles from '../ui/page.module.css';

/** One saved copy, to be read out, printed, named, or brought back. */
export function CopyPage() {
  const { copyId = '' } = useParams();
  const copy = useQuery(copyQuery(copyId));
  return (
    <Loaded what="The copy" missing="copy" queries={[copy]}>
      {() => <CopySheet key={copyId} copy={copy.data!} />}
    </Loaded>
  );
}

function CopySheet({ copy }: { copy: Copy }) {
  const { id, timer, document, isInTimer } = copy;
  const clock = useClock();
  const mayChange = useMayChange();
  const navigate = useNavigate();
  const [name, setName] = useState(copy.name);
  const believed = useInTimer(timer.id);
  const keyedIn = (isInTimer && believed?.keyedIn) || 0;
  const { write: change, isWriting } = useWrite(
    'change-copy',
    (fields: Parameters<typeof changeCopy>[1]) => changeCopy(id, fields),
    { touches: [copiesKey] },
  );
  return (
    <Page
      title={`Copy № ${copy.number}`}
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/timers/${timer.id}`, name: timer.name },
        { to: `/timers/${timer.id}/copies`, name: 'Saved copies' },
      ]}
      actions={
        <>
          <Button
            onClick={() =>
              downloadText(
                `${fileNameOf(timer.property.name, timer.name, `copy ${copy.number}`)}.plan.json`,
                JSON.stringify(document, null, 2),
              )
            }
          >
            Save as a plan file
          </Button>
          <Button onClick={() => void navigate(`/copies/${id}/sheet`)}>Sheet for the door</Button>
          <Button icon={<PrinterOutlined />} onClick={() => window.print()}>
            Print
          </Button>
          {mayChange && (
            <>
              <Button
                disabled={isInTimer}
                loading={isWriting}
                onClick={() => void change({ isInTimer: true })}
              >
                {isInTimer ? 'This is in the timer' : 'The timer holds this one'}
              </Button>
              <Button
                type="primary"
                onClick={() => void navigate(`/timers/${timer.id}?bring=${id}`)}
              >
                Bring back to the desk
              </Button>
            </>
          )}
        </>
      }
    >
      <p className={pageStyles['soft']} style={{ margin: 0 }}>
        {copyWords(copy, clock)}
        {isInTimer && ' · believed to be in the timer now'}
        {keyedIn > 0 && `, but for ${sinceWords(keyedIn)}`}
        <NotConfirmed timerId={timer.id} {...copy.confirmed} />
      </p>
      {mayChange && (
        <label className="not-on-paper">
          Name{' '}
          <Input
            maxLength={200}
            value={name}
            placeholder="such as: June, before the holidays"
            style={{ maxWidth: 320 }}
            onChange={(event) => setName(event.target.value)}
            onPressEnter={(event) => event.currentTarget.blur()}
            onBlur={() => name !== copy.name && void change({ name })}
          />
        </label>
      )}
      <PhotoStrip
        propertyId={timer.property.id}
        label="Photos of this reading"
        isShown={({ copyId }) => copyId === id}
        of={{ timerId: timer.id, about: 'reading', copyId: id }}
        words="Photo of the display"
      />
      <section className={pageStyles['sheet']} aria-label="Settings">
        <SettingsSheet plan={document} />
      </section>
    </Page>
  );
}
