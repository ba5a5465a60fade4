import { useQuery } from '@tanstack/react-query';
import { readObject, type DocumentProblem } from '@water-clock/core/documents';
import { fieldOf } from '@water-clock/core/kernel';
import { GENERIC_TYPES, TimerCapability, TimerHandling } from '@water-clock/core/timer-types';
import { counted } from '@water-clock/core/words';
import { Alert, App, Button, Input, Skeleton } from 'antd';
import { Dialog } from '../ui/dialog';
import { useId, useState, type ReactNode } from 'react';
import { useParams } from 'react-router';
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
import { useKeptForm } from '../offline/use-kept-form';
import { Meanwhile } from '../ui/meanwhile';
import { NotFound } from '../ui/not-found';
import { LoadError, Page } from '../ui/page';
import { TryType } from './try-type';
import { HandlingQuestions } from './handling-questions';
import { TypeQuestions } from './type-questions';
import { takenAway } from '../ui/taken-away';
import { Unsaved } from '../ui/unsaved';
import { useLeaveTo, type Leaving } from '../ui/use-leave-to';
import { useMayChange } from '../session/use-signed-in';
import { todayHere } from '../format/today';
import pageStyles from '../ui/page.module.css';
import listPageStyles from '../ui/list-page.module.css';

/** One type of timer: made, or changed, by answering questions. */
export function TimerTypePage() {
  const { timerTypeId = '' } = useParams();
  const [search] = usePlace();
  const timerTypes = useQuery(timerTypesQuery);
  const leaving = useLeaveTo();
  if (timerTypes.error && !timerTypes.data)
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
      <Editor
        key={like?.key ?? ''}
        timerType={null}
        like={like?.key ?? ''}
        first={timer}
        used={handling}
        forProperty={search.get('for')}
        leaving={leaving}
      />
    );
  }
  const timerType = timerTypes.data.find(({ id }) => id === timerTypeId);
  if (!timerType) return <NotFound what="timer type" />;
  const { id, capability, handling } = timerType;
  return (
    <Editor
      key={id}
      timerType={timerType}
      like=""
      first={capability}
      used={handling}
      forProperty={null}
      leaving={leaving}
    />
  );
}

/** A type that somebody began; null where none that can be read is kept. */
function keptType(kept: unknown): TypeForm | null {
  const problems: DocumentProblem[] = [];
  const part = <Type extends object>(type: new () => Type, field: string) =>
    readObject(type, fieldOf(kept, field), field, problems);
  const [capability, handling] = [
    part(TimerCapability, 'capability'),
    part(TimerHandling, 'handling'),
  ];
  const [name, summary] = [fieldOf(kept, 'name'), fieldOf(kept, 'summary')];
  return problems.length === 0 && typeof name === 'string' && typeof summary === 'string'
    ? { name, summary, capability, handling }
    : null;
}

const namesOf = ({ name, summary }: TimerType) => ({ name, summary });

interface TypeForm {
  readonly name: string;
  readonly summary: string;
  readonly capability: TimerCapability;
  readonly handling: TimerHandling;
}

interface Sureness {
  /** What the change breaks is known, and it is made all the same. */
  readonly isSure: boolean;
  /** The version that is changed. */
  readonly over: number;
}

interface EditorProps {
  readonly timerType: TimerType | null;
  /** The key of the generic type that a new one begins with; empty: none. */
  readonly like: string;
  readonly first: TimerCapability;
  readonly used: TimerHandling;
  /** The property that a new timer type is wanted for. */
  readonly forProperty: string | null;
  readonly leaving: Leaving;
}

function Editor({ timerType, like, first, used, forProperty, leaving }: EditorProps) {
  const { isLeaving, leaveTo } = leaving;
  const kept = useKeptForm(timerType ? null : `timer-types.new.${like}`, keptType, {
    ...(timerType ? namesOf(timerType) : { name: '', summary: '' }),
    capability: first,
    handling: used,
  });
  const { form, set } = kept;
  const [breaks, setBreaks] = useState<readonly TimerTypeBreak[] | null>(null);
  const { modal, message } = App.useApp();
  const mayChange = useMayChange();
  const [nameId, summaryId] = [useId(), useId()];
  const fields = { ...form, name: form.name.trim(), summary: form.summary.trim() };

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
      const found =
        timers > 0 && !isSure ? await previewTimerType(id, form.capability, todayHere()) : [];
      if (found.length === 0) await changeTimerType(id, over, fields);
      return found;
    },
    newest: () => timerTypeNow(timerType!.id),
    touches,
    isToldHere: true,
  });
  const removing = useWrite('remove-timer-type', removeTimerType, { touches });
  const error = adding.error ?? changing.error;

  /** True when it is on the server. */
  const write = async (): Promise<boolean> => {
    if (timerType) return change({ isSure: false, over: version });
    if (!(await adding.write(fields))) return false;
    kept.forget();
    return true;
  };
  /** Changes it, once it is known what that would break. */
  const change = async (sureness: Sureness): Promise<boolean> => {
    const done = await changing.write(sureness);
    if (!done) return false;
    if ('theirs' in done.answer) {
      setTheirs(done.answer.theirs);
      return false;
    }
    if (done.answer.saved.length > 0) {
      setVersion(sureness.over);
      setBreaks(done.answer.saved);
      return false;
    }
    void message.success(
      `${fields.name} is changed, and ${counted(timerType!.timers, 'timer')} with it.`,
    );
    return true;
  };
  const leaveOnce = (isSaved: boolean) => {
    if (isSaved) leaveTo(forProperty ? `/properties/${forProperty}` : '/timer-types');
  };
  const takeTheirs = (now: TimerType) => {
    kept.restart({
      ...namesOf(now),
      capability: now.capability,
      handling: now.handling,
    });
    setVersion(now.version);
    setTheirs(null);
  };
  const askToRemove = () =>
    void modal.confirm({
      title: `Remove ${timerType!.name} from the library?`,
      content: 'Its timers stay as they are.',
      okText: 'Remove it',
      okButtonProps: { danger: true },
      onOk: async () => {
        const { id, name } = timerType!;
        if (await removing.write(id)) leaveTo('/timer-types', takenAway(id, `${name} is removed.`));
      },
    });

  return (
    <Page
      title={timerType ? timerType.name : 'New type'}
      crumbs={[{ to: '/timer-types', name: 'Timer types' }]}
      actions={
        mayChange &&
        timerType && (
          <Button danger onClick={askToRemove}>
            Remove…
          </Button>
        )
      }
      saving={
        mayChange && (
          <Button
            type="primary"
            loading={adding.isWriting || changing.isWriting}
            onClick={() => void write().then(leaveOnce)}
          >
            {timerType ? 'Save the type' : 'Add the type'}
          </Button>
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
            void change({ isSure: false, over: theirs.version }).then(leaveOnce);
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
            value={form.name}
            onChange={({ target }) => set((before) => ({ ...before, name: target.value }))}
          />
        </div>
        <div>
          <label htmlFor={summaryId}>How to tell it from others</label>
          <Input
            id={summaryId}
            maxLength={500}
            value={form.summary}
            onChange={({ target }) => set((before) => ({ ...before, summary: target.value }))}
          />
        </div>
      </div>
      <TypeQuestions
        timer={form.capability}
        onChange={(changed) =>
          set((before) => ({ ...before, capability: { ...before.capability, ...changed } }))
        }
      />
      <HandlingQuestions
        handling={form.handling}
        onChange={(handling) => set((before) => ({ ...before, handling }))}
      />
      <Unsaved
        {...{ mayChange, isLeaving }}
        isNew={timerType === null}
        isChanged={kept.isChanged}
        onBeginAnew={kept.beginAnew}
        save={write}
        what="This type has"
      />
      {breaks && (
        <BreaksDialog
          breaks={breaks}
          isChanging={changing.isWriting}
          ways={<TryType {...{ timerType, version, form, leaveTo }} />}
          onClose={() => setBreaks(null)}
          onChange={() =>
            void change({ isSure: true, over: version })
              .then(leaveOnce)
              .finally(() => setBreaks(null))
          }
        />
      )}
    </Page>
  );
}

interface BreaksDialogProps {
  readonly breaks: readonly TimerTypeBreak[];
  readonly isChanging: boolean;
  /** What else can be done. */
  readonly ways: ReactNode;
  readonly onClose: () => void;
  readonly onChange: () => void;
}

/** Which timers a change of their type would break, before it is made. */
function BreaksDialog({ breaks, isChanging, ways, onClose, onChange }: BreaksDialogProps) {
  return (
    <Dialog
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
      {ways}
    </Dialog>
  );
}
