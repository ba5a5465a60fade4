import 'virtual:component-styles/steps.css';
import { clsx } from 'clsx';
import { useQuery } from '@tanstack/react-query';
import { emptied, fromFactory, type Plan } from '@water-clock/core/settings';
import { App, Button, Steps } from 'antd';
import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { usePlace } from '../../ui/use-place';
import { useStoredSettings } from '../../offline/use-stored';
import { useSignedIn } from '../../session/use-signed-in';
import { copiesQuery, type Copy } from '../../api/copies';
import { timerQuery, type Timer } from '../../api/timers';
import { PhotoStrip } from '../../photos/photo-strip';
import { Loaded } from '../../ui/loaded';
import { Page } from '../../ui/page';
import { useEditKeys } from '../../ui/use-edit-keys';
import { stepPlace } from '../step-places';
import { useSaveCopy } from '../use-save-copy';
import { useLastCopy } from '../../timer-records/use-timer-on-device';
import { firstUnread, UNREAD } from '../../api/unread-fields';
import { useOpenVisit } from '../../timer-records/use-visit';
import { AsFoundFindings, SinceLastCopy } from './as-found-check';
import { FixAllFound } from './fix-all-found';
import { ProgramReading, RestReading, ClockReading } from './readings';
import { StepsBar } from './steps-bar';
import { useReading } from './use-reading';
import { WhatTheySaw } from './what-they-saw';
import styles from './as-found-page.module.css';

/** What the timer holds, entered in the order in which it shows it; the plan is not touched. */
export function AsFoundPage() {
  const { timerId = '' } = useParams();
  const timer = useQuery(timerQuery(timerId));
  const settings = useStoredSettings(timerId, { isToRead: true });
  const copies = useQuery(copiesQuery(timerId));
  const { last, lastCopy } = useLastCopy(timerId, copies.data ?? []);
  const document = settings.data?.document;
  const blank = useMemo(() => document && emptied(document), [document]);
  return (
    <Loaded what="The timer" missing="timer" queries={[timer, settings, copies]}>
      {() => (
        <Reading
          key={timerId}
          timer={timer.data!}
          blank={blank!}
          last={last ? lastCopy.data : null}
        />
      )}
    </Loaded>
  );
}

interface ReadingPhotosProps {
  readonly timer: Timer;
  readonly open: ReturnType<typeof useOpenVisit>;
  readonly copyId: string;
}

/** Photos of what the display shows, which belong to the reading when it is saved. */
const ReadingPhotos = ({ timer, open, copyId }: ReadingPhotosProps) => (
  <PhotoStrip
    propertyId={timer.property.id}
    label="Photos of this reading"
    isShown={(photo) => photo.copyId === copyId}
    of={{
      ...{ timerId: timer.id, about: 'reading', copyId },
      ...(open && { visitId: open.id }),
    }}
    words="Photo of the display"
  />
);

/** With more programs than these their letters alone have room. */
const MOST_NAMED = 4;

interface ReadingProps {
  readonly timer: Timer;
  readonly blank: Plan;
  /** Null where there is none, undefined until it has come. */
  readonly last: Copy | null | undefined;
}

function Reading({ timer, blank, last }: ReadingProps) {
  const { person } = useSignedIn();
  const reading = useReading(person.id, timer.id, blank);
  const { plan, isRead, isBegun, edit, settle } = reading;
  const { longestHoldDays } = timer.handling;
  const saving = useSaveCopy(timer.id, 'as-found');
  const open = useOpenVisit(timer.id);
  const [search, goTo] = usePlace();
  const navigate = useNavigate();
  const { message, modal } = App.useApp();

  const steps = [
    'Clock',
    ...plan.timer.programs.map((program) => `Program ${program}`),
    'The rest',
    'Check and save',
  ];
  const isNarrow = plan.timer.programs.length > MOST_NAMED;
  const shortOf = (name: string, step: number) => plan.timer.programs[step - 1] ?? name;
  const at = Math.min(steps.length - 1, Math.max(0, Number(search.get('step') ?? 0) || 0));
  const go = (step: number) => {
    // What cannot be read would be gone with its step.
    const unread = firstUnread();
    if (!unread) {
      goTo({ step: String(step) });
      return;
    }
    unread.focus();
    void message.warning(UNREAD);
  };

  /** `toDesk`: then on to the desk with what was found, where all of it is fixed. */
  const save = async (found = plan, toDesk = false): Promise<boolean> => {
    const id = reading.copyId;
    const done = await saving.write({ id, document: found });
    if (!done) return false;
    reading.forget();
    void (done.answer
      ? message.success('Saved as found. The plan on the desk is as it was.')
      : message.info('As found: on this device, waiting to be sent.'));
    if (open) await open.add({ kind: 'step', step: 'as-found', state: 'done' }, 'As found: done');
    if (toDesk) await navigate(`/timers/${timer.id}?mode=repair&bring=${id}`);
    else await navigate(open ? stepPlace('clock', timer.id) : `/timers/${timer.id}/copies`);
    return true;
  };
  useEditKeys({
    isChanged: isBegun,
    undo: reading.undo,
    redo: reading.redo,
    save: () => save(),
  });
  const startOver = () =>
    void modal.confirm({
      title: 'Begin anew?',
      content: 'What you have entered of this reading goes. Undo brings it back.',
      okText: 'Begin anew',
      onOk: () => {
        reading.beginAnew();
        goTo({ step: '0' });
      },
    });

  const saveEmpty = () =>
    void modal.confirm({
      title: 'Is nothing set in it, as it left the factory?',
      content:
        'Look through its programs first: some come with one of their own. Saved as found, empty: key in then asks for what is set, and for nothing that is off.',
      okText: 'Save it as found, empty',
      onOk: () => save(fromFactory(blank)),
    });

  const program = plan.timer.programs[at - 1];
  return (
    <Page
      title="As found"
      crumbs={[
        { to: `/properties/${timer.property.id}`, name: timer.property.name },
        { to: `/timers/${timer.id}`, name: timer.name },
      ]}
      actions={
        <>
          <Button disabled={!reading.canUndo} onClick={reading.undo}>
            Undo
          </Button>
          {last && !isBegun && (
            <Button onClick={() => edit(() => ({ ...last.document, timer: plan.timer }))}>
              Begin from copy № {last.number}
            </Button>
          )}
          {!isBegun && at < steps.length - 1 && <Button onClick={saveEmpty}>It is empty…</Button>}
          {isBegun && <Button onClick={startOver}>Begin anew…</Button>}
        </>
      }
    >
      <Steps
        className={clsx(styles['as-found-steps'])}
        size="small"
        current={at}
        onChange={go}
        items={steps.map((name, step) => ({
          title: isNarrow ? shortOf(name, step) : name,
          status: step === at ? 'process' : isRead[step] ? 'finish' : 'wait',
        }))}
        responsive={false}
      />
      <div className={styles['as-found-body']} data-last={at === steps.length - 1}>
        <div className={styles['as-found-part']}>
          {at === 0 && (
            <ClockReading
              {...{ edit }}
              clock={plan.controller.clock}
              timeZone={plan.site?.timeZone}
            />
          )}
          {program !== undefined && (
            <ProgramReading key={program} {...{ plan, program, longestHoldDays, edit, settle }} />
          )}
          {at === steps.length - 2 && <RestReading {...{ plan, longestHoldDays, edit, settle }} />}
          {at === steps.length - 1 && (
            <>
              <SinceLastCopy {...{ plan, last, isBegun }} />
              <WhatTheySaw timerId={timer.id} />
            </>
          )}
          <ReadingPhotos {...{ timer, open }} copyId={reading.copyId} />
        </div>
        <AsFoundFindings plan={plan} isBegun={isBegun}>
          {at === steps.length - 1 && (
            <FixAllFound
              plan={plan}
              isSaving={saving.isWriting}
              onGoOn={() => void save(plan, true)}
            />
          )}
        </AsFoundFindings>
      </div>
      <StepsBar
        {...{ steps, at }}
        onGo={go}
        end={{
          words: isBegun ? 'Save as found' : 'It is empty…',
          isBusy: saving.isWriting,
          go: isBegun ? () => void save() : saveEmpty,
        }}
      />
    </Page>
  );
}
