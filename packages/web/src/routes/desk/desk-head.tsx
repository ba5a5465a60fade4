import {
  LeftOutlined,
  QuestionCircleOutlined,
  RedoOutlined,
  RightOutlined,
  SettingOutlined,
  UndoOutlined,
} from '@ant-design/icons';
import { addDays, formatDate, parseDate } from '@water-clock/core/civil-time';
import { App, Button, Modal, Tooltip } from 'antd';
import { memo, useCallback, useEffect, useState, type ReactNode } from 'react';
import { Link, useBlocker } from 'react-router';
import type { Timer } from '../../api/timers';
import { NIGHTS } from '../../board/board-model';
import { todayHere } from '../../words/today';
import { KeysHelp } from './keys-help';
import { TimerDrawer } from './timer-drawer';
import type { DeskPlace } from './use-desk-place';
import type { SettingsOnDesk } from './use-settings-on-desk';

interface DeskHeadProps {
  readonly timer: Timer;
  readonly desk: SettingsOnDesk;
  readonly place: DeskPlace;
}

/** Whose timer it is, which nights are shown, undo, redo and save; guards what is not saved. */
export function DeskHead({ timer, desk, place }: DeskHeadProps) {
  const [showsKeys, setShowsKeys] = useState(false);
  const [showsTimer, setShowsTimer] = useState(false);
  const showKeys = useCallback(() => setShowsKeys(true), []);
  useDeskKeys(desk, showKeys);
  return (
    <div className="desk-head">
      <h1>
        <Link to="/timers">{timer.property.name}</Link>
        <span aria-hidden="true"> › </span>
        {timer.name}
      </h1>
      <Button icon={<SettingOutlined />} onClick={() => setShowsTimer(true)}>
        What this timer can do
      </Button>
      <DeskDates night={place.night} go={place.go} />
      <div className="desk-actions">
        <IconButton
          label="Undo"
          keys="Ctrl Z"
          icon={ICONS.undo}
          disabled={!desk.canUndo}
          onClick={desk.undo}
        />
        <IconButton
          label="Redo"
          keys="Ctrl Shift Z"
          icon={ICONS.redo}
          disabled={!desk.canRedo}
          onClick={desk.redo}
        />
        <IconButton label="Keys" keys="?" icon={ICONS.keys} disabled={false} onClick={showKeys} />
        <Button
          type="primary"
          loading={desk.isSaving}
          disabled={!desk.isChanged}
          onClick={() => void desk.save()}
        >
          {desk.isChanged ? 'Save settings' : 'Saved'}
        </Button>
      </div>
      <KeysHelp isOpen={showsKeys} onClose={() => setShowsKeys(false)} />
      <TimerDrawer
        isOpen={showsTimer}
        onClose={() => setShowsTimer(false)}
        plan={desk.plan}
        onEdit={desk.edit}
      />
      <LeaveGuard desk={desk} />
      <TheirsDialog desk={desk} />
    </div>
  );
}

const ICONS = {
  undo: <UndoOutlined />,
  redo: <RedoOutlined />,
  keys: <QuestionCircleOutlined />,
};

interface IconButtonProps {
  readonly label: string;
  readonly keys: string;
  readonly icon: ReactNode;
  readonly disabled: boolean;
  readonly onClick: () => void;
}

const IconButton = memo(function IconButton(props: IconButtonProps) {
  const { label, keys, ...button } = props;
  return (
    <Tooltip title={`${label} (${keys})`}>
      <Button aria-label={label} {...button} />
    </Tooltip>
  );
});

/** Which nights are shown. */
const DeskDates = memo(function DeskDates({ night, go }: Pick<DeskPlace, 'night' | 'go'>) {
  const move = (days: number) => go({ night: addDays(night, days) });
  return (
    <div className="desk-dates">
      <Button
        aria-label={`${NIGHTS} nights earlier`}
        icon={<LeftOutlined />}
        onClick={() => move(-NIGHTS)}
      />
      <input
        type="date"
        className="date-input"
        aria-label="First night"
        value={formatDate(night)}
        onChange={(event) => {
          const chosen = parseDate(event.target.value);
          if (chosen !== null) go({ night: chosen });
        }}
      />
      <Button
        aria-label={`${NIGHTS} nights later`}
        icon={<RightOutlined />}
        onClick={() => move(NIGHTS)}
      />
      <Button onClick={() => go({ night: parseDate(todayHere())! })}>Today</Button>
    </div>
  );
});

function useDeskKeys({ undo, redo, save, isChanged }: SettingsOnDesk, help: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const isTyping = (event.target as HTMLElement).matches('input, textarea, select');
      if (event.key === '?' && !isTyping) help();
      if (!event.ctrlKey && !event.metaKey) return;
      const key = event.key.toLowerCase();
      const action =
        key === 's'
          ? () => isChanged && void save()
          : key === 'y' || (key === 'z' && event.shiftKey)
            ? redo
            : key === 'z'
              ? undo
              : null;
      if (!action) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

/** Asks before the page is left with changes that are not saved. */
function LeaveGuard({ desk }: { desk: SettingsOnDesk }) {
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      desk.isChanged && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (!desk.isChanged) return;
    const guard = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', guard);
    return () => window.removeEventListener('beforeunload', guard);
  }, [desk.isChanged]);
  return (
    <Modal
      open={blocker.state === 'blocked'}
      title="Leave without saving?"
      onCancel={() => blocker.reset?.()}
      footer={[
        <Button key="leave" danger onClick={() => blocker.proceed?.()}>
          Leave, and lose the changes
        </Button>,
        <Button key="stay" onClick={() => blocker.reset?.()}>
          Stay here
        </Button>,
        <Button
          key="save"
          type="primary"
          onClick={() =>
            void desk.save().then((saved) => (saved ? blocker.proceed?.() : blocker.reset?.()))
          }
        >
          Save and leave
        </Button>,
      ]}
    >
      The settings on this desk have changes that are not saved.
    </Modal>
  );
}

/** Two people saved: the second decides, and loses nothing. */
function TheirsDialog({ desk }: { desk: SettingsOnDesk }) {
  const { message } = App.useApp();
  const { theirs } = desk;
  return (
    <Modal
      open={theirs !== null}
      title="Somebody else saved this timer meanwhile"
      onCancel={desk.decideLater}
      footer={[
        <Button key="mine" danger onClick={() => void desk.keepMine()}>
          Save mine over theirs
        </Button>,
        <Button key="later" onClick={desk.decideLater}>
          Decide later
        </Button>,
        <Button
          key="theirs"
          type="primary"
          onClick={() => {
            desk.takeTheirs();
            void message.info('Theirs is on the desk. Undo brings yours back.');
          }}
        >
          Look at theirs
        </Button>,
      ]}
    >
      <p>
        {theirs && `It was saved at ${new Date(theirs.savedAt).toLocaleTimeString()}. `}
        Nothing was overwritten, and your changes are still here. Look at theirs first: yours stay
        one undo away.
      </p>
    </Modal>
  );
}
