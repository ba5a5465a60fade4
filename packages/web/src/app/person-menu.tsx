import { UserOutlined } from '@ant-design/icons';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Dropdown, type MenuProps } from 'antd';
import { useNavigate } from 'react-router';
import { troubleInWords } from '../api/client';
import { sessionQuery, setClock, signOut } from '../api/session';
import { forgetQueries } from '../offline/kept-queries';
import { useSignedIn } from '../session/use-signed-in';

/** Who is signed in, how they read times, their firm, and the way out. */
export function PersonMenu() {
  const { person, firm } = useSignedIn();
  const client = useQueryClient();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const other = person.clock === '24' ? '12' : '24';
  const items: MenuProps['items'] = [
    { key: 'who', type: 'group', label: `${person.name}, ${person.role} · ${firm.name}` },
    { key: 'clock', label: `Show times on a ${other}-hour clock` },
    { key: 'firm', label: 'Firm and people' },
    { type: 'divider' },
    { key: 'out', label: 'Sign out' },
  ];
  const act = async (key: string) => {
    if (key === 'clock') client.setQueryData(sessionQuery.queryKey, await setClock(other));
    if (key === 'firm') await navigate('/firm');
    if (key === 'out') {
      await signOut();
      await navigate('/sign-in');
      client.clear();
      await forgetQueries();
    }
  };
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items,
        onClick: ({ key }) =>
          void act(key).catch((error: unknown) => message.error(troubleInWords(error))),
      }}
    >
      <Button type="text" icon={<UserOutlined />} aria-label={`You: ${person.name}`}>
        <span className="person-name">{person.name}</span>
      </Button>
    </Dropdown>
  );
}
