import { useQuery } from '@tanstack/react-query';
import { App, Button, Select } from 'antd';
import { useState } from 'react';
import {
  ARCHIVE,
  erasePerson,
  formerPeopleQuery,
  keepingQuery,
  setKeeping,
  type FormerPerson,
  type Keeping,
} from '../api/keeping';
import { useWrite } from '../api/use-write';
import { momentWords } from '../format/moment-words';
import { useClock } from '../session/use-signed-in';
import { EraseDialog } from '../ui/erase-dialog';
import { Field } from '../ui/field';
import { Loaded } from '../ui/loaded';
import { Page } from '../ui/page';
import { KEPT_FIELDS, optionsOf, spanInWords, type KeptField } from './kept-spans';
import pageStyles from '../ui/page.module.css';
import styles from './people.module.css';

/** For how long a firm keeps things, all of it as one file, and who left: for its owner. */
export function KeepingPage() {
  const keeping = useQuery(keepingQuery);
  const former = useQuery(formerPeopleQuery);
  return (
    <Loaded what="What is kept" missing="page" queries={[keeping, former]}>
      {() => (
        <Page title="What is kept" crumbs={[{ to: '/firm', name: 'Firm' }]}>
          <Spans keeping={keeping.data!} />
          <section className={pageStyles['sheet']} aria-labelledby="archive">
            <h2 id="archive">All of the firm in one file</h2>
            <p style={{ marginTop: 0 }}>
              Properties, timers, settings, yards, copies, visits, sheets, rules, weather, people
              and who changed what. Another installation takes it in whole. Passwords are not in it;
              what households told you is, so keep it safe.
            </p>
            <Button href={ARCHIVE}>Save the file</Button>
          </section>
          <Former people={former.data!} />
        </Page>
      )}
    </Loaded>
  );
}

function Spans({ keeping }: { keeping: Keeping }) {
  const { modal, message } = App.useApp();
  const { write, isWriting } = useWrite('set-keeping', setKeeping, {
    touches: [keepingQuery.queryKey],
  });
  const save = async (changed: Keeping) => {
    if (await write(changed)) void message.success('Kept as long from now on.');
  };
  const choose = (field: KeptField, span: number | null) => {
    const { key, unit, goes } = field;
    const changed = { ...keeping, [key]: span ?? undefined };
    const before = keeping[key] ?? Infinity;
    if ((span ?? Infinity) >= before) return void save(changed);
    void modal.confirm({
      title: `Keep it for ${spanInWords(span, unit)} only?`,
      content: `${goes} older than that goes tonight, and nothing brings it back.`,
      okText: 'Yes, let it go',
      okButtonProps: { danger: true },
      cancelText: 'Keep as it is',
      onOk: () => save(changed),
    });
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="spans">
      <h2 id="spans">For how long</h2>
      <div className={pageStyles['form-grid']}>
        {KEPT_FIELDS.map((field) => (
          <Field key={field.key} label={field.label} hint={field.hint}>
            {(id) => (
              <Select<number>
                id={id}
                disabled={isWriting}
                style={{ width: '100%' }}
                value={keeping[field.key] ?? 0}
                options={optionsOf(field, keeping[field.key])}
                onChange={(span) => choose(field, span === 0 ? null : span)}
              />
            )}
          </Field>
        ))}
      </div>
      <p className={pageStyles['soft']} style={{ marginBottom: 0 }}>
        What is in a timer, what is still to be done, copies with a name, and the newest sheet of
        each timer stay whatever you choose. What must be kept for how long is for the law where you
        work to say.
      </p>
    </section>
  );
}

function Former({ people }: { people: readonly FormerPerson[] }) {
  const [leaving, setLeaving] = useState<FormerPerson | null>(null);
  const clock = useClock();
  return (
    <section className={pageStyles['sheet']} aria-labelledby="former">
      <h2 id="former">Who left</h2>
      {people.length === 0 && (
        <p className={pageStyles['soft']} style={{ margin: 0 }}>
          Nobody who was removed is still known by name.
        </p>
      )}
      <ul className={styles['people']}>
        {people.map((person) => (
          <li key={person.id} aria-label={person.name}>
            <span className={styles['who']}>
              <strong>{person.name}</strong>
              <span>removed {momentWords(person.removedAt, clock)}</span>
            </span>
            <span className={styles['work']}>
              <Button danger onClick={() => setLeaving(person)}>
                Erase the name…
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {leaving && <EraseName person={leaving} onClose={() => setLeaving(null)} />}
    </section>
  );
}

interface EraseNameProps {
  readonly person: FormerPerson;
  readonly onClose: () => void;
}

function EraseName({ person: { id, name, isShared }, onClose }: EraseNameProps) {
  const { message } = App.useApp();
  const { write, isWriting, error } = useWrite('erase-person', erasePerson, {
    touches: [[]],
    isToldHere: true,
  });
  const erase = async (typed: string) => {
    if (!(await write({ id, name: typed }))) return;
    onClose();
    void message.success('The name is erased.');
  };
  return (
    <EraseDialog
      name={name}
      isErasing={isWriting}
      error={error}
      onErase={(typed) => void erase(typed)}
      onClose={onClose}
    >
      <p>
        The name goes from visits, copies, sheets, saved settings and changes. What was done stays,
        with when; by whom is not known any more. Notes that name them stay as they were written.
      </p>
      {isShared && (
        <p role="alert">
          Somebody else of your firm has the same name: on what was done before today, theirs goes
          too.
        </p>
      )}
    </EraseDialog>
  );
}
