import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { useNavigate } from 'react-router';
import { usePlace } from '../ui/use-place';
import { setUp, signIn, signInAsDemo, welcomeQuery, type SetupFields } from '../api/session';
import { useWrite } from '../api/use-write';
import { BrandMark } from '../ui/brand-mark';
import { forgetQueries } from '../offline/kept-queries';
import { DoorForm } from './door-form';
import { SchemeButton } from '../ui/scheme-button';
import styles from './sign-in-page.module.css';
import pageStyles from '../ui/page.module.css';

/** The door: sign in, set up the first firm, or, with the demo, come in as one of its people. */
export function SignInPage() {
  const welcome = useQuery(welcomeQuery);
  const [search] = usePlace();
  const client = useQueryClient();
  const navigate = useNavigate();
  const enter = async () => {
    // Nothing of whoever was here before, on this device neither.
    client.clear();
    await forgetQueries();
    const to = search.get('to') ?? '/';
    // Only an address of our own, never one that leads elsewhere.
    await navigate(/^\/(?!\/)/.test(to) ? to : '/', { replace: true });
  };
  return (
    <main className={styles['door']}>
      <div className={styles['door-sheet']}>
        <div className={styles['door-name']}>
          <BrandMark />
          <h1>Water Clock</h1>
          <SchemeButton />
        </div>
        {welcome.error && (
          <Alert type="error" showIcon title="Not reachable" description={welcome.error.message} />
        )}
        {welcome.data?.needsSetup && <SetupForm onDone={enter} />}
        {welcome.data && !welcome.data.needsSetup && <SignInForm onDone={enter} />}
        {welcome.data && welcome.data.demoPeople.length > 0 && (
          <DemoPeople people={welcome.data.demoPeople} onDone={enter} />
        )}
      </div>
    </main>
  );
}

interface DoneProps {
  readonly onDone: () => Promise<void>;
}

function SignInForm({ onDone }: DoneProps) {
  const entering = useWrite(
    'sign-in',
    ({ email, password }: Record<'email' | 'password', string>) => signIn(email, password),
    { isToldHere: true },
  );
  return (
    <DoorForm
      fields={[
        { name: 'email', label: 'E-mail', autoComplete: 'username' },
        { name: 'password', label: 'Password', autoComplete: 'current-password', isSecret: true },
      ]}
      button="Sign in"
      {...{ entering, onDone }}
    />
  );
}

function SetupForm({ onDone }: DoneProps) {
  const entering = useWrite('set-up', (fields: SetupFields) => setUp(fields), { isToldHere: true });
  return (
    <>
      <h2>Set up your firm</h2>
      <p className={pageStyles['soft']}>
        Nobody works here yet. You will be its owner, and can add people later.
      </p>
      <DoorForm
        fields={[
          { name: 'firm', label: 'Firm', autoComplete: 'organization' },
          { name: 'name', label: 'Your name', autoComplete: 'name' },
          { name: 'email', label: 'E-mail', autoComplete: 'username' },
          {
            name: 'password',
            label: 'Password, 10 characters or more',
            autoComplete: 'new-password',
            isSecret: true,
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
