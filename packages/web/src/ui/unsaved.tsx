import { Button } from 'antd';
import { LeaveGuard } from './leave-guard';
import pageStyles from './page.module.css';

interface UnsavedProps {
  /** What is new is kept on the device until it is saved; changes of what is stored are asked for before they go. */
  readonly isNew: boolean;
  readonly isChanged: boolean;
  readonly mayChange: boolean;
  readonly isLeaving: boolean;
  readonly onBeginAnew: () => void;
  /** True when it is saved. */
  readonly save: () => Promise<boolean>;
  /** What has changes that are not saved: "The settings on this desk have". */
  readonly what: string;
}

/** What becomes of a form that is not saved yet. */
export function Unsaved(props: UnsavedProps) {
  const { isNew, isChanged, mayChange, isLeaving, onBeginAnew, save, what } = props;
  if (!isNew)
    return <LeaveGuard isChanged={isChanged && mayChange && !isLeaving} save={save} what={what} />;
  return isChanged ? <KeptHere onBeginAnew={onBeginAnew} /> : null;
}

/** Said where what was entered lasts on the device until it is saved. */
export const KeptHere = ({ onBeginAnew }: { onBeginAnew: () => void }) => (
  <p className={pageStyles['soft']}>
    Not saved yet; what you have entered is kept on this device.{' '}
    <Button type="link" size="small" onClick={onBeginAnew}>
      Begin anew
    </Button>
  </p>
);
