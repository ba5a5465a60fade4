import { addDays, formatDate, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { changeOfDue, dueInWords, householdMessage } from '@water-clock/core/dues';
import { speakerOf } from '@water-clock/core/household-words';
import { HOUSEHOLD_LANGUAGES } from '@water-clock/core/property-file';
import { App, Button, Input } from 'antd';
import { useState } from 'react';
import { noteMessage, rolloutsKey } from '../api/rollouts';
import { answerDue, roundKey } from '../api/round';
import { propertiesKey } from '../api/properties';
import { useWrite } from '../api/use-write';
import { todayHere } from '../format/today';
import { useClock, useDayOrder, useSignedIn } from '../session/use-signed-in';
import { Choice } from '../ui/choice';
import { DateField } from '../ui/date-field';
import { Dialog } from '../ui/dialog';
import { Field } from '../ui/field';
import type { DueLine } from './due-line';
import styles from './round.module.css';

const WHAT = [
  { value: 'household', label: 'The household did it' },
  { value: 'firm', label: 'We did it' },
  { value: 'off', label: 'Put it off' },
  { value: 'message', label: 'Ask the household' },
] as const;
type What = (typeof WHAT)[number]['value'];

interface DueDialogProps {
  readonly line: DueLine;
  /** It is not to be done yet: it can only be put off. */
  readonly isOnlyPutOff?: boolean;
  readonly onClose: () => void;
  /** It was said, under this id. */
  readonly onSaid: (id: string, words: string) => void;
}

/** What becomes of a due that no visit is planned for: it was done, is put off, or the household is asked to do it. */
export function DueDialog({ line, isOnlyPutOff = false, onClose, onSaid }: DueDialogProps) {
  const { timer, due } = line;
  const order = useDayOrder();
  const today = parseDate(todayHere())!;
  const message = useMessage(line);
  // Sent again after no answer was heard, it counts once.
  const [id] = useState(() => crypto.randomUUID());
  const [what, setWhat] = useState<What>(() => {
    if (isOnlyPutOff) return 'off';
    return message === null ? 'firm' : 'household';
  });
  const [on, setOn] = useState<DayNumber>(today);
  const [until, setUntil] = useState<DayNumber>(addDays(today, 14));
  const [reason, setReason] = useState('');
  const [isAsked, setAsked] = useState(false);
  const { write, isWriting } = useWrite('answer-due', answerDue, {
    touches: [roundKey, propertiesKey, rolloutsKey],
    isOfFields: true,
  });
  const isOff = what === 'off';
  const save = async () => {
    setAsked(true);
    if (isOff && reason.trim() === '') return;
    const done = await write({
      ...{ timerId: timer.id, id, key: due.key, kind: due.kind },
      on: formatDate(isOff ? today : on),
      ...(isOff
        ? { until: formatDate(until), reason: reason.trim() }
        : { doneBy: what === 'firm' ? 'firm' : 'household', reason: '' }),
    });
    if (!done) return;
    onSaid(done.answer.id, `${dueInWords(due)}: ${isOff ? 'put off' : 'done'}.`);
    onClose();
  };
  return (
    <Dialog
      open
      title={dueInWords(due)}
      onCancel={onClose}
      okText={isOff ? 'Put it off' : 'Mark it done'}
      cancelText="Leave it due"
      confirmLoading={isWriting}
      onOk={() => void save()}
      {...(what === 'message' && { footer: <Button onClick={onClose}>Close</Button> })}
    >
      <div className={styles['due-dialog']}>
        <span>
          {timer.home.name} · {timer.name}
        </span>
        <Choice
          label="What becomes of it"
          value={what}
          options={WHAT.filter(({ value }) =>
            isOnlyPutOff ? value === 'off' : value !== 'message' || message !== null,
          )}
          onChange={setWhat}
        />
        {(what === 'household' || what === 'firm') && (
          <Field label="Done on">
            {(id) => <DateField id={id} day={on} order={order} onChange={setOn} />}
          </Field>
        )}
        {isOff && (
          <>
            <Field label="Until">
              {(id) => <DateField id={id} day={until} order={order} onChange={setUntil} />}
            </Field>
            <Field
              label="Why it is put off"
              fault={
                isAsked && reason.trim() === ''
                  ? 'Say why: whoever sees it on the new date will ask.'
                  : null
              }
            >
              {(id) => (
                <Input
                  id={id}
                  maxLength={500}
                  value={reason}
                  onChange={(event) => setReason(event.target.value)}
                />
              )}
            </Field>
          </>
        )}
        {what === 'message' && message !== null && <AskHousehold line={line} message={message} />}
      </div>
    </Dialog>
  );
}

/** What the household is asked to do, in its language; null: it cannot do it. */
function useMessage({ timer, due }: DueLine): string | null {
  const { firm } = useSignedIn();
  const clock = useClock();
  const language = HOUSEHOLD_LANGUAGES.find((one) => one === timer.language) ?? 'en';
  return householdMessage({
    ...{ speaker: speakerOf(language), due, timer: timer.name, clock },
    ...{ firm: firm.name, phone: firm.phone },
  });
}

interface AskHouseholdProps {
  readonly line: DueLine;
  readonly message: string;
}

/** What the household is asked to do, to be copied, texted or mailed. */
function AskHousehold({ line, message }: AskHouseholdProps) {
  const app = App.useApp();
  const { contactName, contactPhone, contactEmail } = line.timer.home;
  const [text, setText] = useState(message);
  const phone = contactPhone.replaceAll(/[^+\d]/g, '');
  const noting = useWrite('note-message', noteMessage, { touches: [rolloutsKey] });
  const note = () => {
    const id = changeOfDue(line.due);
    if (id !== null) void noting.write({ id, timerId: line.timer.id });
  };
  return (
    <>
      <Input.TextArea
        aria-label="What the household is asked"
        value={text}
        autoSize
        onChange={(event) => setText(event.target.value)}
      />
      <div className={styles['due-ways']}>
        <Button
          onClick={() =>
            void navigator.clipboard
              .writeText(text)
              .then(() => {
                note();
                void app.message.success('Copied.');
              })
              .catch(() => app.message.error('It could not be copied: select it by hand.'))
          }
        >
          Copy
        </Button>
        {phone !== '' && (
          <Button href={`sms:${phone}?body=${encodeURIComponent(text)}`} onClick={note}>
            Text {contactName || 'the household'}
          </Button>
        )}
        <Button
          href={`mailto:${encodeURIComponent(contactEmail)}?body=${encodeURIComponent(text)}`}
          onClick={note}
        >
          Mail
        </Button>
      </div>
      <span>
        It stays due until somebody says that it is done: nobody here can see whether a message was
        read.
      </span>
    </>
  );
}
