import { clsx } from 'clsx';
import { useQuery } from '@tanstack/react-query';
import { Alert, App, Button, Form, Input, Select, Skeleton } from 'antd';
import { useState } from 'react';
import {
  addPerson,
  changeFirm,
  peopleQuery,
  sessionQuery,
  type PersonFields,
  type Role,
} from '../api/session';
import { useWrite } from '../api/use-write';
import { useKeptFields } from '../offline/use-kept-fields';
import { useFormErrors } from '../ui/form-errors';
import { LoadError, Page } from '../ui/page';
import { Choice } from '../ui/choice';
import { KeptHere } from '../ui/unsaved';
import { useSignedIn } from '../session/use-signed-in';
import { CustomaryMinutes } from './customary-minutes';
import pageStyles from '../ui/page.module.css';
import listPageStyles from '../ui/list-page.module.css';
import { keysOf } from '@water-clock/core/kernel';

const ROLE_WORDS: Record<Role, string> = {
  owner: 'owner: everything, people too',
  technician: 'technician: everything but people',
  office: 'office: properties, and no change of settings',
};

const CURRENCIES = Intl.supportedValuesOf('currency').map((value) => ({ value, label: value }));

/** The firm's units, money, customary minutes, and its people. */
export function FirmPage() {
  const { person, firm } = useSignedIn();
  const isOwner = person.role === 'owner';
  const people = useQuery(peopleQuery);
  const { write: change, isWriting } = useWrite('change-firm', changeFirm, {
    touches: [sessionQuery.queryKey],
  });
  return (
    <Page title={firm.name}>
      <section className={pageStyles['sheet']} aria-labelledby="units">
        <h2 id="units">Units</h2>
        <Choice
          label="Units"
          disabled={!isOwner || isWriting}
          value={firm.units}
          options={[
            { value: 'metric', label: 'metric: L/min, m², mm' },
            { value: 'us', label: 'US: gal/min, sq ft, in' },
          ]}
          onChange={(units) => void change({ units })}
        />
        {!isOwner && <p className={pageStyles['soft']}>The owner of the firm chooses them.</p>}
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="phone">
        <h2 id="phone">Telephone</h2>
        <Input
          aria-labelledby="phone"
          key={firm.phone}
          disabled={!isOwner}
          maxLength={100}
          inputMode="tel"
          style={{ width: 220 }}
          defaultValue={firm.phone}
          onBlur={(event) => {
            const phone = event.target.value.trim();
            if (phone !== firm.phone) void change({ phone });
          }}
        />
        <p className={pageStyles['soft']}>It stands on the sheet for the door.</p>
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="currency">
        <h2 id="currency">Currency</h2>
        <Select
          aria-labelledby="currency"
          showSearch
          disabled={!isOwner}
          loading={isWriting}
          style={{ width: 120 }}
          value={firm.currency}
          options={CURRENCIES}
          onChange={(currency: string) => void change({ currency })}
        />
      </section>
      <CustomaryMinutes />
      <section className={pageStyles['sheet']} aria-labelledby="people">
        <h2 id="people">People</h2>
        {people.error && !people.data && (
          <LoadError what="The people" error={people.error} onRetry={() => void people.refetch()} />
        )}
        {people.isPending && <Skeleton active />}
        <ul className={listPageStyles['list']}>
          {people.data?.map(({ id, name, email, role }) => (
            <li key={id}>
              <strong>{name}</strong>
              <span>{email}</span>
              <span className={pageStyles['soft']}>{ROLE_WORDS[role]}</span>
            </li>
          ))}
        </ul>
      </section>
      {isOwner && <AddPerson />}
    </Page>
  );
}

function AddPerson() {
  const [form] = Form.useForm<PersonFields>();
  const [trouble, setTrouble] = useState<string | null>(null);
  const { message } = App.useApp();
  // Never the password.
  const kept = useKeptFields(form, 'people.new', { name: '', email: '', role: 'technician' });
  const adding = useWrite('add-person', addPerson, {
    touches: [peopleQuery.queryKey],
    isToldHere: true,
  });
  const add = async (fields: PersonFields) => {
    setTrouble(null);
    const done = await adding.write(fields);
    if (!done) return;
    kept.beginAnew();
    form.setFieldValue('password', '');
    void message.success(`${done.answer.name} can sign in now.`);
  };
  useFormErrors(form, adding.error, setTrouble);
  return (
    <section
      className={clsx(pageStyles['sheet'], pageStyles['form-page'])}
      aria-labelledby="add-person"
    >
      <h2 id="add-person">Add somebody</h2>
      {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
      <Form
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ ...kept.initialValues, password: '' }}
        onValuesChange={kept.look}
        onFinish={(fields) => void add(fields)}
      >
        <div className={pageStyles['form-grid']}>
          <Form.Item name="name" label="Name">
            <Input maxLength={200} autoComplete="off" />
          </Form.Item>
          <Form.Item name="email" label="E-mail">
            <Input maxLength={300} inputMode="email" autoComplete="off" />
          </Form.Item>
          <Form.Item name="password" label="First password, 10 characters or more">
            <Input.Password autoComplete="new-password" />
          </Form.Item>
          <Form.Item name="role" label="Role">
            <Select
              options={keysOf(ROLE_WORDS).map((value) => ({
                value,
                label: ROLE_WORDS[value],
              }))}
            />
          </Form.Item>
        </div>
        <Button type="primary" htmlType="submit" loading={adding.isWriting}>
          Add
        </Button>
        {kept.isChanged && <KeptHere onBeginAnew={kept.beginAnew} />}
      </Form>
    </section>
  );
}
