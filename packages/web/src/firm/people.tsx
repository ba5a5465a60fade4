import { useQuery } from '@tanstack/react-query';
import { keysOf } from '@water-clock/core/kernel';
import { Alert, App, Button, Form, Input, Select, Skeleton, Tag } from 'antd';
import { clsx } from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  changePerson,
  forgetSecondFactor,
  invitePerson,
  linkPerson,
  peopleQuery,
  removePerson,
  type AccountLink,
  type InviteFields,
  type Person,
  type Role,
} from '../api/session';
import { useWrite } from '../api/use-write';
import { useKeptFields } from '../offline/use-kept-fields';
import { useSignedIn } from '../session/use-signed-in';
import { useFormErrors } from '../ui/form-errors';
import { LoadError } from '../ui/page';
import { KeptHere } from '../ui/unsaved';
import { GivenLink } from './given-link';
import pageStyles from '../ui/page.module.css';
import styles from './people.module.css';

const ROLE_WORDS: Record<Role, string> = {
  owner: 'owner: everything, people too',
  technician: 'technician: everything but people',
  office: 'office: properties, and no change of settings',
};

const STATE_WORDS: Record<Person['state'], string | null> = {
  active: null,
  invited: 'invited',
  disabled: 'cannot sign in',
};

/** Who works here; an owner invites, changes and removes them. */
export function People() {
  const { person: own, firm } = useSignedIn();
  const isOwner = own.role === 'owner';
  const people = useQuery(peopleQuery);
  const [link, setLink] = useState<AccountLink | null>(null);
  return (
    <>
      <section className={pageStyles['sheet']} aria-labelledby="people">
        <h2 id="people">
          People
          {isOwner && firm.isDemo && (
            <Link to="/firm/outbox" className={styles['outbox']}>
              Mail that the demo wrote
            </Link>
          )}
        </h2>
        {people.error && !people.data && (
          <LoadError what="The people" error={people.error} onRetry={() => void people.refetch()} />
        )}
        {people.isPending && <Skeleton active />}
        {link && <GivenLink link={link} onClose={() => setLink(null)} />}
        <ul className={styles['people']}>
          {people.data?.map((person) => (
            <li key={person.id} aria-label={person.name}>
              <span className={styles['who']}>
                <strong>{person.name}</strong>
                <span>{person.email}</span>
              </span>
              <span className={styles['tags']}>
                {STATE_WORDS[person.state] && <Tag>{STATE_WORDS[person.state]}</Tag>}
                {person.hasSecondFactor && <Tag>authenticator</Tag>}
                {person.id === own.id && <Tag>you</Tag>}
              </span>
              {isOwner ? (
                <PersonWork person={person} isOwn={person.id === own.id} onLink={setLink} />
              ) : (
                <span className={pageStyles['soft']}>{ROLE_WORDS[person.role]}</span>
              )}
            </li>
          ))}
        </ul>
      </section>
      {isOwner && <InvitePerson onInvited={setLink} />}
    </>
  );
}

interface PersonWorkProps {
  readonly person: Person;
  readonly isOwn: boolean;
  readonly onLink: (link: AccountLink) => void;
}

/** What an owner can do for, and with, somebody. */
function PersonWork({ person, isOwn, onLink }: PersonWorkProps) {
  const { id: personId, name, role, state, hasSecondFactor } = person;
  const { modal } = App.useApp();
  const touches = { touches: [peopleQuery.queryKey] };
  const change = useWrite('change-person', changePerson, touches);
  const linking = useWrite('link-person', linkPerson, touches);
  const removing = useWrite('remove-person', removePerson, touches);
  const forgetting = useWrite('forget-second-factor', forgetSecondFactor, touches);
  const isDisabled = state === 'disabled';
  const give = async () => {
    const done = await linking.write(personId);
    if (done) onLink(done.answer);
  };
  const askToForget = () =>
    void modal.confirm({
      title: `Remove the authenticator of ${name}?`,
      content:
        'Do this only for somebody whom you know to be it: who has lost the telephone and the recovery codes too. They are signed out, and sign in by the password alone until they set up another.',
      okText: 'Remove it',
      okButtonProps: { danger: true },
      onOk: () => forgetting.write(personId),
    });
  const askToRemove = () =>
    void modal.confirm({
      title: `Remove ${name}?`,
      content:
        'They are signed out and cannot sign in for this firm any more. Their name stays on what they did.',
      okText: `Remove ${name}`,
      okButtonProps: { danger: true },
      onOk: () => removing.write(personId),
    });
  return (
    <span className={styles['work']}>
      <Select<Role>
        aria-label={`Role of ${name}`}
        value={role}
        loading={change.isWriting}
        popupMatchSelectWidth={false}
        options={keysOf(ROLE_WORDS).map((value) => ({ value, label: ROLE_WORDS[value] }))}
        labelRender={({ value }) => String(value)}
        onChange={(chosen) => void change.write({ personId, role: chosen })}
      />
      {!isOwn && (
        <>
          {!isDisabled && (
            <Button loading={linking.isWriting} onClick={() => void give()}>
              {state === 'invited' ? 'New link' : 'Reset password…'}
            </Button>
          )}
          {hasSecondFactor && (
            <Button loading={forgetting.isWriting} onClick={askToForget}>
              Authenticator lost…
            </Button>
          )}
          <Button
            loading={change.isWriting}
            onClick={() => void change.write({ personId, isDisabled: !isDisabled })}
          >
            {isDisabled ? 'Let in again' : 'Lock out'}
          </Button>
          <Button danger loading={removing.isWriting} onClick={askToRemove}>
            Remove…
          </Button>
        </>
      )}
    </span>
  );
}

function InvitePerson({ onInvited }: { onInvited: (link: AccountLink) => void }) {
  const [form] = Form.useForm<InviteFields>();
  const [trouble, setTrouble] = useState<string | null>(null);
  const kept = useKeptFields(form, 'people.new', { name: '', email: '', role: 'technician' });
  const inviting = useWrite('invite-person', invitePerson, {
    touches: [peopleQuery.queryKey],
    isToldHere: true,
  });
  const invite = async (fields: InviteFields) => {
    setTrouble(null);
    const done = await inviting.write(fields);
    if (!done) return;
    kept.beginAnew();
    onInvited(done.answer);
  };
  useFormErrors(form, inviting.error, setTrouble);
  return (
    <section
      className={clsx(pageStyles['sheet'], pageStyles['form-page'])}
      aria-labelledby="invite-person"
    >
      <h2 id="invite-person">Invite somebody</h2>
      {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
      <Form
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={kept.initialValues}
        onValuesChange={kept.look}
        onFinish={(fields) => void invite(fields)}
      >
        <div className={pageStyles['form-grid']}>
          <Form.Item name="name" label="Name">
            <Input maxLength={200} autoComplete="off" />
          </Form.Item>
          <Form.Item name="email" label="E-mail">
            <Input maxLength={300} inputMode="email" autoComplete="off" />
          </Form.Item>
          <Form.Item name="role" label="Role">
            <Select
              options={keysOf(ROLE_WORDS).map((value) => ({ value, label: ROLE_WORDS[value] }))}
            />
          </Form.Item>
        </div>
        <Button type="primary" htmlType="submit" loading={inviting.isWriting}>
          Invite
        </Button>
        {kept.isChanged && <KeptHere onBeginAnew={kept.beginAnew} />}
      </Form>
    </section>
  );
}
