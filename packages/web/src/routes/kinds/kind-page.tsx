import { useQuery, useQueryClient } from '@tanstack/react-query';
import { GENERIC_KINDS, TimerCapability, TimerHandling } from '@water-clock/core/timer-kinds';
import { counted } from '@water-clock/core/words';
import { Alert, App, Button, Input, Modal, Skeleton } from 'antd';
import { useId, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { troubleInWords } from '../../api/client';
import {
  addKind,
  changeKind,
  kindsQuery,
  previewKind,
  removeKind,
  type Kind,
  type KindBreak,
} from '../../api/kinds';
import { NotFound } from '../../app/not-found';
import { LoadError, Page } from '../../app/page';
import { HandlingQuestions } from '../../kind-form/handling-questions';
import { KindQuestions } from '../../kind-form/kind-questions';
import { useMayChange } from '../../signed-in/use-signed-in';
import { todayHere } from '../../words/today';
import './kinds-page.css';

/** One kind of timer: made, or changed, by answering questions. */
export function KindPage() {
  const { kindId = '' } = useParams();
  const [search] = useSearchParams();
  const kinds = useQuery(kindsQuery);
  if (kinds.error)
    return <LoadError what="The kind" error={kinds.error} onRetry={() => void kinds.refetch()} />;
  if (!kinds.data) return <Skeleton active style={{ padding: 24 }} />;
  if (kindId === 'new') {
    const like = GENERIC_KINDS.find(({ key }) => key === search.get('like'));
    const { name: _name, ...timer } = like?.timer ?? new TimerCapability();
    const handling = like?.handling ?? new TimerHandling();
    return <Editor kind={null} first={timer} used={handling} forProperty={search.get('for')} />;
  }
  const kind = kinds.data.find(({ id }) => id === kindId);
  if (!kind) return <NotFound what="kind" />;
  const { id, capability, handling } = kind;
  return <Editor key={id} kind={kind} first={capability} used={handling} forProperty={null} />;
}

interface EditorProps {
  readonly kind: Kind | null;
  readonly first: TimerCapability;
  readonly used: TimerHandling;
  /** The property that a new kind is wanted for. */
  readonly forProperty: string | null;
}

function Editor({ kind, first, used, forProperty }: EditorProps) {
  const [timer, setTimer] = useState(first);
  const [handling, setHandling] = useState(used);
  const [name, setName] = useState(kind?.name ?? '');
  const [summary, setSummary] = useState(kind?.summary ?? '');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [breaks, setBreaks] = useState<readonly KindBreak[] | null>(null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const { modal, message } = App.useApp();
  const mayChange = useMayChange();
  const [nameId, summaryId] = [useId(), useId()];
  const fields = { name: name.trim(), summary: summary.trim(), capability: timer, handling };

  const done = async (to: string) => {
    await client.invalidateQueries();
    await navigate(to);
  };
  const attempt = async (act: () => Promise<void>) => {
    setTrouble(null);
    try {
      await act();
    } catch (error) {
      setTrouble(troubleInWords(error));
    }
  };
  const save = () =>
    attempt(async () => {
      if (!kind) {
        await addKind(fields);
        await done(forProperty ? `/properties/${forProperty}` : '/kinds');
        return;
      }
      const found = kind.timers > 0 ? await previewKind(kind.id, timer, todayHere()) : [];
      if (found.length > 0) setBreaks(found);
      else await change();
    });
  const change = async () => {
    await changeKind(kind!.id, kind!.version, fields);
    void message.success(
      `${fields.name} is changed, and ${counted(kind!.timers, 'timer')} with it.`,
    );
    await done('/kinds');
  };
  const askToRemove = () =>
    void modal.confirm({
      title: `Take ${kind!.name} out of the library?`,
      content: 'Its timers stay as they are.',
      okText: 'Take it out',
      okButtonProps: { danger: true },
      onOk: () =>
        attempt(async () => {
          await removeKind(kind!.id);
          await done('/kinds');
        }),
    });

  return (
    <Page
      title={kind ? kind.name : 'New kind'}
      crumbs={[{ to: '/kinds', name: 'Timer kinds' }]}
      actions={
        mayChange && (
          <>
            {kind && (
              <Button danger onClick={askToRemove}>
                Take out…
              </Button>
            )}
            <Button type="primary" onClick={() => void save()}>
              {kind ? 'Save the kind' : 'Add the kind'}
            </Button>
          </>
        )
      }
    >
      {trouble && <Alert type="error" showIcon title={trouble} />}
      <div className="form-grid">
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
      <KindQuestions
        timer={timer}
        onChange={(changed) => setTimer((before) => ({ ...before, ...changed }))}
      />
      <HandlingQuestions handling={handling} onChange={setHandling} />
      <Modal
        open={breaks !== null}
        title="This change breaks timers"
        okText="Change it all the same"
        okButtonProps={{ danger: true }}
        cancelText="Leave it as it was"
        onCancel={() => setBreaks(null)}
        onOk={() => void attempt(change).then(() => setBreaks(null))}
      >
        <p>
          {counted(breaks?.length ?? 0, 'timer')} would not do what{' '}
          {breaks?.length === 1 ? 'it is' : 'they are'} meant to. What they hold now stays among
          their saved copies.
        </p>
        <ul className="kind-breaks">
          {breaks?.map(({ timerId, timer: called, property, programsLost, findings }) => (
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
    </Page>
  );
}
