import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Form, Input } from 'antd';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { setUp, signIn, signInAsDemo, welcomeQuery, type SetupFields } from '../api/session';
import { BrandMark } from '../ui/brand-mark';
import { forgetQueries } from '../offline/kept-queries';
import { showFaults } from '../ui/form-errors';
import { SchemeButton } from '../ui/scheme-button';
import './sign-in-page.css';

/** The door: sign in, set up the first firm, or, with the demo, come in as one of its people. */
export function SignInPage() {
  const welcome = useQuery(welcomeQuery);
  const [search] = useSearchParams();
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
    <main className="door">
      <div className="door-sheet">
        <div className="door-name">
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
  const [form] = Form.useForm<{ email: string; password: string }>();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const enter = async ({ email, password }: { email: string; password: string }) => {
    setBusy(true);
    setTrouble(null);
    try {
      await signIn(email, password);
      await onDone();
    } catch (error) {
      setTrouble(showFaults(form, error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Form
      form={form}
      layout="vertical"
      requiredMark={false}
      onFinish={(fields) => void enter(fields)}
    >
      {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
      <Form.Item name="email" label="E-mail" rules={[{ required: true, message: 'Your e-mail' }]}>
        <Input autoComplete="username" inputMode="email" />
      </Form.Item>
      <Form.Item
        name="password"
        label="Password"
        rules={[{ required: true, message: 'Your password' }]}
      >
        <Input.Password autoComplete="current-password" />
      </Form.Item>
      <Button type="primary" htmlType="submit" loading={isBusy} block>
        Sign in
      </Button>
    </Form>
  );
}

function SetupForm({ onDone }: DoneProps) {
  const [form] = Form.useForm<SetupFields>();
  const [trouble, setTrouble] = useState<string | null>(null);
  const enter = async (fields: SetupFields) => {
    try {
      await setUp(fields);
      await onDone();
    } catch (error) {
      setTrouble(showFaults(form, error));
    }
  };
  return (
    <>
      <h2>Set up your firm</h2>
      <p className="soft">
        Nobody works here yet. You will be its owner, and can add people later.
      </p>
      <Form
        form={form}
        layout="vertical"
        requiredMark={false}
        onFinish={(fields) => void enter(fields)}
      >
        {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
        <Form.Item name="firm" label="Firm" initialValue="">
          <Input autoComplete="organization" />
        </Form.Item>
        <Form.Item name="name" label="Your name" initialValue="">
          <Input autoComplete="name" />
        </Form.Item>
        <Form.Item name="email" label="E-mail" initialValue="">
          <Input autoComplete="username" inputMode="email" />
        </Form.Item>
        <Form.Item name="password" label="Password, 10 characters or more" initialValue="">
          <Input.Password autoComplete="new-password" />
        </Form.Item>
        <Button type="primary" htmlType="submit" block>
          Set up and begin
        </Button>
      </Form>
    </>
  );
}

interface DemoPeopleProps extends DoneProps {
  readonly people: readonly { readonly id: string; readonly name: string; readonly role: string }[];
}

function DemoPeople({ people, onDone }: DemoPeopleProps) {
  return (
    <section className="door-demo" aria-label="Demo">
      <h2>Look around as</h2>
      {people.map(({ id, name, role }) => (
        <Button key={id} onClick={() => void signInAsDemo(id).then(onDone)}>
          {name}, {role}
        </Button>
      ))}
      <p className="soft">Made-up people of a made-up firm: the demo data is loaded here.</p>
    </section>
  );
}
