import { Alert, App, Button, Input } from 'antd';
import type { AccountLink } from '../api/session';
import styles from './people.module.css';

interface GivenLinkProps {
  readonly link: AccountLink;
  readonly onClose: () => void;
}

/** A link as it is told, once: to be copied and handed over. */
export function GivenLink({ link: { person, kind, token }, onClose }: GivenLinkProps) {
  const { message } = App.useApp();
  const address = `${window.location.origin}/join/${token}`;
  const copy = async () => {
    await navigator.clipboard.writeText(address);
    void message.success('Copied.');
  };
  return (
    <Alert
      type="info"
      showIcon
      closable={{ onClose }}
      style={{ marginBottom: 12 }}
      title={
        kind === 'invite'
          ? `${person.name} joins by this link, within seven days`
          : `${person.name} chooses a new password by this link, within a day`
      }
      description={
        <div className={styles['link']}>
          <span>
            Hand it to them yourself: whoever holds it can use it, once. It is shown now and never
            again.
            {kind === 'reset' &&
              ' When it is used their authenticator is removed, and all their sessions end.'}
          </span>
          <Input
            readOnly
            aria-label="The link"
            value={address}
            onFocus={(event) => event.target.select()}
          />
          <span>
            <Button onClick={() => void copy()}>Copy the link</Button>
          </span>
        </div>
      }
    />
  );
}
