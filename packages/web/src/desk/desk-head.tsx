import { QuestionCircleOutlined, SettingOutlined } from '@ant-design/icons';
import { Button, Dropdown, Segmented, Tooltip } from 'antd';
import { clsx } from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Timer } from '../api/timers';
import { later } from '../ui/later';
import { LeaveGuard } from '../ui/leave-guard';
import { UndoButtons } from '../ui/undo-buttons';
import { showKeys } from '../ui/keys';
import { useEditKeys } from '../ui/use-edit-keys';
import { useMayChange } from '../session/use-signed-in';
import type { DeskPlace } from './state/use-desk-place';
import type { SettingsOnDesk } from './state/use-settings-on-desk';
import foot from '../ui/foot.module.css';
import styles from './desk.module.css';

const LeftDialog = later(() => import('./as-left-dialog'), 'LeftDialog');
const PlanFileDialog = later(() => import('./plan-file-dialog'), 'PlanFileDialog');
const TheirsDialog = later(() => import('./theirs-dialog'), 'TheirsDialog');
const TimerDrawer = later(() => import('./timer-drawer'), 'TimerDrawer');

interface DeskHeadProps {
  readonly timer: Timer;
  readonly desk: SettingsOnDesk;
  readonly place: DeskPlace;
}

/** Whose timer it is, undo, redo and save; guards what is not saved. */
export function DeskHead({ timer, desk, place }: DeskHeadProps) {
  const [showsTimer, setShowsTimer] = useState(false);
  const [showsFile, setShowsFile] = useState(false);
  const [isLeaving, setLeaving] = useState(false);
  const mayChange = useMayChange();
  useEditKeys(desk);
  return (
    <div className={styles['desk-head']}>
      <h1>
        <Link to={`/properties/${timer.property.id}`}>{timer.property.name}</Link>
        <span aria-hidden="true"> › </span>
        {timer.name}
      </h1>
      <Dropdown
        trigger={['click']}
        menu={{
          items: mayChange ? WAYS : WAYS.filter(({ key }) => !CHANGING.includes(key)),
          onClick: ({ key }) => {
            if (key === 'timer-type') setShowsTimer(true);
            else if (key === 'file') setShowsFile(true);
            else setLeaving(true);
          },
        }}
      >
        <Button icon={<SettingOutlined />}>This timer</Button>
      </Dropdown>
      <Segmented<DeskPlace['mode']>
        aria-label="What is done with the settings"
        value={place.mode === 'repair' ? 'desk' : place.mode}
        options={MODES}
        onChange={(mode) => place.go({ mode })}
      />
      <div className={clsx(foot['foot'], styles['desk-actions'])} data-saving>
        <UndoButtons
          canUndo={desk.canUndo}
          canRedo={desk.canRedo}
          undo={desk.undo}
          redo={desk.redo}
        />
        <Tooltip title="Keys (?)">
          <Button aria-label="Keys" icon={KEYS} onClick={showKeys} />
        </Tooltip>
        <Button
          type="primary"
          loading={desk.isSaving}
          disabled={!desk.isChanged || !mayChange}
          title={mayChange ? undefined : 'Your role looks at settings, and does not save them.'}
          onClick={() => void desk.save()}
        >
          {desk.isChanged ? 'Save settings' : 'Saved'}
        </Button>
      </div>
      {showsTimer && (
        <TimerDrawer
          isOpen
          onClose={() => setShowsTimer(false)}
          plan={desk.plan}
          onEdit={desk.edit}
        />
      )}
      {showsFile && (
        <PlanFileDialog
          plan={desk.plan}
          names={[timer.property.name, timer.name]}
          onOpen={(plan) => desk.edit(() => plan)}
          onClose={() => setShowsFile(false)}
        />
      )}
      {isLeaving && (
        <LeftDialog timerId={timer.id} plan={desk.plan} onClose={() => setLeaving(false)} />
      )}
      <LeaveGuard
        isChanged={desk.isChanged && mayChange}
        isSaving={desk.isSaving}
        save={desk.save}
        what="The settings on this desk have"
      />
      {desk.theirs && <TheirsDialog desk={desk} theirs={desk.theirs} />}
    </div>
  );
}

const WAYS = [
  { key: 'timer-type', label: 'What this timer can do' },
  { key: 'left', label: 'As left: the timer holds these settings now' },
  { key: 'file', label: 'Plan file: save or open' },
];

/** Ways that lead to a change, for those who may. */
const CHANGING = ['left'];

const MODES: { value: DeskPlace['mode']; label: string }[] = [
  { value: 'desk', label: 'Settings' },
  { value: 'plan', label: 'Plan for me' },
  { value: 'season', label: 'Season' },
];

const KEYS = <QuestionCircleOutlined />;
