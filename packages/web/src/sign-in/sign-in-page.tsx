import { useQuery } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { useState } from 'react';
import { ApiError } from '../api/client';
import { usePlace } from '../ui/use-place';
import { setUp, signIn, signInAsDemo, welcomeQuery, type SetupFields } from '../api/session';
import { useWrite } from '../api/use-write';
import { Door, useEnter } from './door';
import { DoorForm, type DoorField } from './door-form';
import styles from './sign-in-page.module.css';
import pageStyles from '../ui/page.module.css';

/** The door: sign in, set up the first firm, or, with the demo, come in as one of its people. */
export function SignInPage() {
  const welcome = useQuery(welcomeQuery);
  const [search] = usePlace();
  // Only an address of our own, never one that leads elsewhere.
  const to = search.get('to') ?? '/';
  const enter = useEnter(/^\/(?!\/)/.test(to) ? to : '/');
  return (
    <Door>
      {welcome.error && (
        <Alert type="error" showIcon title="Not reachable" description={welcome.error.message} />
      )}
      {welcome.data?.needsSetup && <SetupForm onDone={enter} />}
      {welcome.data && !welcome.data.needsSetup && <SignInForm onDone={enter} />}
      {welcome.data && welcome.data.demoPeople.length > 0 && (
        <DemoPeople people={welcome.data.demoPeople} onDone={enter} />
      )}
    </Door>
  );
}

interface DoneProps {
  readonly onDone: () => Promise<void>;
}

const isCodeWanted = (error: Error | null): boolean =>
  error instanceof ApiError && error.places.some(({ path }) => path === 'code');

function SignInForm({ onDone }: DoneProps) {
  const entering = useWrite(
    'sign-in',
    ({ email, password, code }: Record<'email' | 'password' | 'code', string>) =>
      signIn({ email, password, ...(code && { code }) }),
    { isToldHere: true },
  );
  // Asked for once, it stays: the next try needs it too.
  const [hasCode, setHasCode] = useState(false);
  if (!hasCode && isCodeWanted(entering.error)) setHasCode(true);
  const fields: DoorField<'email' | 'password' | 'code'>[] = [
    { name: 'email', label: 'E-mail', autoComplete: 'username' },
    { name: 'password', label: 'Password', autoComplete: 'current-password', isSecret: true },
  ];
  if (hasCode)
    fields.push({
      ...{ name: 'code', label: 'Code', autoComplete: 'one-time-code' },
      hint: 'Six digits from your authenticator, or a recovery code.',
    });
  return <DoorForm fields={fields} button="Sign in" {...{ entering, onDone }} />;
}

function SetupForm({ onDone }: DoneProps) {
  const entering = useWrite('set-up', (fields: SetupFields) => setUp(fields), { isToldHere: true });
  return (
    <>
      <h2>Set up your firm</h2>
      <p className={pageStyles['soft']}>
        Nobody works here yet. You will be its owner, and can invite people later.
      </p>
      <DoorForm
        fields={[
          {
            ...{ name: 'code', label: 'Code', autoComplete: 'off' },
            hint: 'It was printed where Water Clock was started.',
          },
          { name: 'firm', label: 'Firm', autoComplete: 'organization' },
          { name: 'name', label: 'Your name', autoComplete: 'name' },
          { name: 'email', label: 'E-mail', autoComplete: 'username' },
          {
            ...{ name: 'password', label: 'Password', autoComplete: 'new-password' },
            ...{ isSecret: true, isNew: true },
          },
        ]}
        button="Set up and begin"
        {...{ entering, onDone }}
      />
    </>
  );
}

interface DemoPeopleProps extends DoneProps {
  readonly people: readonly { readonly id: string; readonly name: string; readonly role: string }[];
}

function DemoPeople({ people, onDone }: DemoPeopleProps) {
  const entering = useWrite('sign-in-demo', signInAsDemo, { isToldHere: true });
  const enter = async (id: string) => {
    if (await entering.write(id)) await onDone();
  };
  return (
    <section className={styles['door-demo']} aria-label="Demo">
      <h2>Look around as</h2>
      {entering.error && <Alert type="error" showIcon title={entering.error.message} />}
      {people.map(({ id, name, role }) => (
        <Button key={id} disabled={entering.isWriting} onClick={() => void enter(id)}>
          {name}, {role}
        </Button>
      ))}
      <p className={pageStyles['soft']}>
        Made-up people of a made-up firm: the demo data is loaded here.
      </p>
    </section>
  );
}
