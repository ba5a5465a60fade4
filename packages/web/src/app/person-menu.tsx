import { UserOutlined } from '@ant-design/icons';
import { useQueryClient } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { App, Button, Dropdown, type MenuProps } from 'antd';
import { useNavigate } from 'react-router';
import { changeOver, sessionQuery, setClock, signOut } from '../api/session';
import { useWrite } from '../api/use-write';
import { forgetDrafts } from '../offline/drafts';
import { forgetQueries } from '../offline/kept-queries';
import { outbox } from '../offline/browser-outbox';
import { useOutbox } from '../offline/use-outbox';
import { useSchemeSwitch } from '../ui/colour-scheme';
import { useSignedIn } from '../session/use-signed-in';
import styles from './shell.module.css';

/** Who is signed in, how they read times, their firm, and the way out. */
export function PersonMenu() {
  const { person, firm, firms } = useSignedIn();
  const client = useQueryClient();
  const navigate = useNavigate();
  const { modal } = App.useApp();
  const waiting = useOutbox().length;
  const clock = useWrite('change-clock', setClock);
  const out = useWrite('sign-out', signOut);
  const over = useWrite('change-over', changeOver);
  const other = person.clock === '24' ? '12' : '24';
  const scheme = useSchemeSwitch();
  const items: MenuProps['items'] = [
    { key: 'who', type: 'group', label: `${person.name}, ${person.role} · ${firm.name}` },
    ...firms
      .filter(({ personId }) => personId !== person.id)
      .map(({ personId, firm: name }) => ({ key: personId, label: `Work for ${name}` })),
    { key: 'account', label: 'Your account' },
    { key: 'clock', label: `Show times on a ${other}-hour clock` },
    { key: 'scheme', label: scheme.words },
    { key: 'firm', label: 'Firm and people' },
    { key: 'practice', label: 'Practice' },
    { type: 'divider' },
    { key: 'out', label: 'Sign out' },
  ];
  const leave = async () => {
    if (!(await out.write())) return;
    await navigate('/sign-in');
    // What is on its way is nobody's any more.
    await client.cancelQueries();
    client.clear();
    // Nothing of any home stays on the device.
    await Promise.all([forgetQueries(), outbox.forget(person.id)]);
    forgetDrafts(person.id);
    sessionStorage.clear();
  };
  const askToLeave = () => {
    if (waiting === 0) return void leave();
    return void modal.confirm({
      title: 'Sign out, and lose what waits?',
      content: `${counted(waiting, 'change')} on this device ${waiting === 1 ? 'has' : 'have'} not been sent. Signing out leaves nothing here: wait for the connection, or export what waits first.`,
      okText: 'Sign out, and lose it',
      okButtonProps: { danger: true },
      cancelText: 'Stay signed in',
      onOk: leave,
    });
  };
  const setOtherClock = async () => {
    const done = await clock.write(other);
    if (done) client.setQueryData(sessionQuery.queryKey, done.answer);
  };
  const workFor = async (personId: string) => {
    if (!(await over.write(personId))) return;
    // What the other firm's homes are is not this one's to see; what waits is sent when one is back.
    await client.cancelQueries();
    await forgetQueries();
    window.location.assign('/');
  };
  const act: Record<string, () => void> = {
    clock: () => void setOtherClock(),
    account: () => void navigate('/account'),
    scheme: scheme.change,
    firm: () => void navigate('/firm'),
    practice: () => void navigate('/practice'),
    out: askToLeave,
  };
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items,
        onClick: ({ key }) => (act[key] ? act[key]() : void workFor(key)),
      }}
    >
      <Button type="text" icon={<UserOutlined />} aria-label={`You: ${person.name}`}>
        <span className={styles['person-name']}>{person.name}</span>
      </Button>
    </Dropdown>
  );
}
