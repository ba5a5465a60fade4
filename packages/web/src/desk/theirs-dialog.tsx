import { App, Button, Modal } from 'antd';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import type { SettingsOnDesk } from './state/use-settings-on-desk';

interface TheirsDialogProps {
  readonly desk: SettingsOnDesk;
  /** What somebody else saved. */
  readonly theirs: NonNullable<SettingsOnDesk['theirs']>;
}

/** Two people saved: the second decides, and loses nothing. */
export function TheirsDialog({ desk, theirs }: TheirsDialogProps) {
  const { message } = App.useApp();
  const clock = useClock();
  return (
    <Modal
      open
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
        {`${theirs.savedBy || 'Somebody'} saved it: ${momentWords(theirs.savedAt, clock)}. `}
        Nothing was overwritten, and your changes are still here. Look at theirs first: yours stay
        one undo away.
      </p>
    </Modal>
  );
}
