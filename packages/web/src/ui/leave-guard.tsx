import { Button, Modal } from 'antd';
import { useEffect, useLayoutEffect, useState } from 'react';
import { useBlocker, type Blocker } from 'react-router';

interface LeaveGuardProps {
  readonly isChanged: boolean;
  /** They are being saved: whoever leaves meanwhile is let go as soon as they are. */
  readonly isSaving?: boolean;
  readonly save: () => Promise<boolean>;
  /** What has changes that are not saved: "The settings on this desk have". */
  readonly what: string;
}

/** Asks before a page is left with changes that are not saved. */
export function LeaveGuard({ isChanged, isSaving = false, save, what }: LeaveGuardProps) {
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      isChanged && currentLocation.pathname !== nextLocation.pathname,
  );
  const [letGo, setLetGo] = useState<Blocker['location']>();
  const isHeldForNothing =
    blocker.state === 'blocked' && (!isChanged || letGo === blocker.location);
  useEffect(() => {
    if (isHeldForNothing) blocker.proceed();
  }, [isHeldForNothing, blocker]);
  // With what is shown: a page that says "Saved" is not held back a moment later.
  useLayoutEffect(() => {
    if (!isChanged) return;
    const guard = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', guard);
    return () => window.removeEventListener('beforeunload', guard);
  }, [isChanged]);
  return (
    <Modal
      open={blocker.state === 'blocked' && isChanged && !isSaving}
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
            void save().then((saved) => (saved ? setLetGo(blocker.location) : blocker.reset?.()))
          }
        >
          Save and leave
        </Button>,
      ]}
    >
      {what} changes that are not saved.
    </Modal>
  );
}
