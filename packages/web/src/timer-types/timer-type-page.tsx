import { useQuery } from '@tanstack/react-query';
import { GENERIC_TYPES, TimerCapability, TimerHandling } from '@water-clock/core/timer-types';
import { counted } from '@water-clock/core/words';
import { Alert, App, Button, Input, Modal, Skeleton } from 'antd';
import { useId, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { usePlace } from '../ui/use-place';
import { troubleInWords } from '../api/client';
import {
  addTimerType,
  changeTimerType,
  timerTypeNow,
  timerTypesQuery,
  previewTimerType,
  removeTimerType,
  type TimerType,
  type TimerTypeBreak,
} from '../api/timer-types';
import { propertiesKey } from '../api/properties';
import { timersKey } from '../api/timers';
import { useVersionedSave } from '../api/use-versioned-save';
import { useWrite } from '../api/use-write';
import { Meanwhile } from '../ui/meanwhile';
import { NotFound } from '../ui/not-found';
import { LoadError, Page } from '../ui/page';
import { HandlingQuestions } from './handling-questions';
import { TypeQuestions } from './type-questions';
import { useMayChange } from '../session/use-signed-in';
import { todayHere } from '../format/today';
import pageStyles from '../ui/page.module.css';
import listPageStyles from '../ui/list-page.module.css';

/** One type of timer: made, or changed, by answering questions. */
export function TimerTypePage() {
  const { timerTypeId = '' } = useParams();
  const [search] = usePlace();
  const timerTypes = useQuery(timerTypesQuery);
  if (timerTypes.error)
    return (
      <LoadError
        what="The timer type"
        error={timerTypes.error}
        onRetry={() => void timerTypes.refetch()}
      />
    );
  if (!timerTypes.data) return <Skeleton active style={{ padding: 24 }} />;
  if (timerTypeId === 'new') {
    const like = GENERIC_TYPES.find(({ key }) => key === search.get('like'));
    const { name: _name, ...timer } = like?.timer ?? new TimerCapability();
    const handling = like?.handling ?? new TimerHandling();
    return (
      <Editor timerType={null} first={timer} used={handling} forProperty={search.get('for')} />
    );
  }
  const timerType = timerTypes.data.find(({ id }) => id === timerTypeId);
  if (!timerType) return <NotFound what="timer type" />;
  const { id, capability, handling } = timerType;
  return (
    <Editor key={id} timerType={timerType} first={capability} used={handling} forProperty={null} />
  );
}

interface Sureness {
  /** What the change breaks is known, and it is made all the same. */
  readonly isSure: boolean;
  /** The version that is changed. */
  readonly over: number;
}

interface EditorProps {
  readonly timerType: TimerType | null;
  readonly first: TimerCapability;
  readonly used: TimerHandling;
  /** The property that a new timer type is wanted for. */
  readonly forProperty: string | null;
}

function Editor({ timerType, first, used, forProperty }: EditorProps) {
  const [timer, setTimer] = useState(first);
  const [handling, setHandling] = useState(used);
  const [name, setName] = useState(timerType?.name ?? '');
  const [summary, setSummary] = useState(timerType?.summary ?? '');
  const [breaks, setBreaks] = useState<readonly TimerTypeBreak[] | null>(null);
  const navigate = useNavigate();
  const { modal, message } = App.useApp();
  const mayChange = useMayChange();
  const [nameId, summaryId] = [useId(), useId()];
  const fields = { name: name.trim(), summary: summary.trim(), capability: timer, handling };

  const touches = [timerTypesQuery.queryKey, timersKey, propertiesKey];
  const adding = useWrite('add-timer-type', addTimerType, {
    ...{ touches, isToldHere: true, isOfFields: true },
  });
  const [theirs, setTheirs] = useState<TimerType | null>(null);
  const [version, setVersion] = useState(timerType?.version ?? 0);
  const changing = useVersionedSave({
    name: 'change-timer-type',
    save: async ({ isSure, over }: Sureness): Promise<readonly TimerTypeBreak[]> => {
      const { id, timers } = timerType!;
      const found = timers > 0 && !isSure ? await previewTimerType(id, timer, todayHere()) : [];
      if (found.length === 0) await changeTimerType(id, over, fields);
      return found;
    },
    newest: () => timerTypeNow(timerType!.id),
    touches,
    isToldHere: true,
  });
  const removing = useWrite('remove-timer-type', removeTimerType, { touches });
  const error = adding.error ?? changing.error;

  const save = async () => {
    if (timerType) return change({ isSure: false, over: version });
    if (await adding.write(fields))
      await navigate(forProperty ? `/properties/${forProperty}` : '/timer-types');
  };
  /** Changes it, once it is known what that would break. */
  const change = async (sureness: Sureness) => {
    const done = await changing.write(sureness);
    if (!done) return;
    if ('theirs' in done.answer) {
      setTheirs(done.answer.theirs);
      return;
    }
    if (done.answer.saved.length > 0) {
      setVersion(sureness.over);
      setBreaks(done.answer.saved);
      return;
    }
    void message.success(
      `${fields.name} is changed, and ${counted(timerType!.timers, 'timer')} with it.`,
    );
    await navigate('/timer-types');
  };
  const takeTheirs = (now: TimerType) => {
    setName(now.name);
    setSummary(now.summary);
    setTimer(now.capability);
    setHandling(now.handling);
    setVersion(now.version);
    setTheirs(null);
  };
  const askToRemove = () =>
    void modal.confirm({
      title: `Take ${timerType!.name} out of the library?`,
      content: 'Its timers stay as they are.',
      okText: 'Take it out',
      okButtonProps: { danger: true },
      onOk: async () => {
        if (await removing.write(timerType!.id)) await navigate('/timer-types');
      },
    });

  return (
    <Page
      title={timerType ? timerType.name : 'New type'}
      crumbs={[{ to: '/timer-types', name: 'Timer types' }]}
      actions={
        mayChange && (
          <>
            {timerType && (
              <Button danger onClick={askToRemove}>
                Take out…
              </Button>
            )}
            <Button
              type="primary"
              loading={adding.isWriting || changing.isWriting}
              onClick={() => void save()}
            >
              {timerType ? 'Save the type' : 'Add the type'}
            </Button>
          </>
        )
      }
    >
      {theirs && (
        <Meanwhile
          what="This type"
          isWriting={changing.isWriting}
          onTakeTheirs={() => takeTheirs(theirs)}
          onSaveMine={() => {
            setTheirs(null);
            void change({ isSure: false, over: theirs.version });
          }}
        />
      )}
      {error && <Alert type="error" showIcon title={troubleInWords(error)} />}
      <div className={pageStyles['form-grid']}>
        <div>
          <label htmlFor={nameId}>Name you will know it by</label>
          <Input
            id={nameId}
            autoFocus
            maxLength={200}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </div>
        <div>
          <label htmlFor={summaryId}>How to tell it from others</label>
          <Input
            id={summaryId}
            maxLength={500}
            value={summary}
            onChange={(event) => setSummary(event.target.value)}
          />
        </div>
      </div>
      <TypeQuestions
        timer={timer}
        onChange={(changed) => setTimer((before) => ({ ...before, ...changed }))}
      />
      <HandlingQuestions handling={handling} onChange={setHandling} />
      {breaks && (
        <BreaksDialog
          breaks={breaks}
          isChanging={changing.isWriting}
          onClose={() => setBreaks(null)}
          onChange={() =>
            void change({ isSure: true, over: version }).finally(() => setBreaks(null))
          }
        />
      )}
    </Page>
  );
}

interface BreaksDialogProps {
  readonly breaks: readonly TimerTypeBreak[];
  readonly isChanging: boolean;
  readonly onClose: () => void;
  readonly onChange: () => void;
}

/** Which timers a change of their type would break, before it is made. */
function BreaksDialog({ breaks, isChanging, onClose, onChange }: BreaksDialogProps) {
  return (
    <Modal
      open
      title="This change breaks timers"
      okText="Change it all the same"
      okButtonProps={{ danger: true }}
      cancelText="Leave it as it was"
      onCancel={onClose}
      confirmLoading={isChanging}
      onOk={onChange}
    >
      <p>
        {counted(breaks.length, 'timer')} would not do what{' '}
        {breaks.length === 1 ? 'it is' : 'they are'} meant to. What they hold now stays among their
        saved copies.
      </p>
      <ul className={listPageStyles['type-breaks']} aria-label="Timers that would do otherwise">
        {breaks.map(({ timerId, timer: called, property, programsLost, findings }) => (
          <li key={timerId}>
            <strong>
              {property}, {called}
            </strong>
            {programsLost.length > 0 && (
              <div>Programs in use that it would lose: {programsLost.join(', ')}.</div>
            )}
            {findings.map((words) => (
              <div key={words}>{words}</div>
            ))}
          </li>
        ))}
      </ul>
    </Modal>
  );
}
