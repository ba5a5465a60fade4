import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Button, Form } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import {
  addProperty,
  changeProperty,
  propertiesKey,
  propertyQuery,
  type Property,
  type PropertyFields,
} from '../api/properties';
import { rulesQuery } from '../api/rules';
import { weatherListQuery } from '../api/weather';
import { timersKey } from '../api/timers';
import { useVersionedSave } from '../api/use-versioned-save';
import { useKeptFields } from '../offline/use-kept-fields';
import { useFormErrors } from '../ui/form-errors';
import { Loaded } from '../ui/loaded';
import { Page, Saving } from '../ui/page';
import { Unsaved } from '../ui/unsaved';
import { useLeaveTo, type Leaving } from '../ui/use-leave-to';
import { RulesFields } from './rules-fields';
import { SupplyFields } from './supply-fields';
import { ofTown, townsOf } from './town-offers';
import { WhoFields } from './who-fields';
import pageStyles from '../ui/page.module.css';
import { keysOf } from '@water-clock/core/kernel';

/** A new property, or one that is changed. */
export function PropertyEditPage() {
  const { propertyId } = useParams();
  const leaving = useLeaveTo();
  return propertyId === undefined ? (
    <Editor before={null} leaving={leaving} />
  ) : (
    <Load propertyId={propertyId} leaving={leaving} />
  );
}

interface LoadProps {
  readonly propertyId: string;
  readonly leaving: Leaving;
}

function Load({ propertyId, leaving }: LoadProps) {
  const property = useQuery({ ...propertyQuery(propertyId), staleTime: 0, gcTime: 0 });
  return (
    <Loaded what="The property" missing="property" queries={[property]}>
      {() => <Editor before={property.data!} leaving={leaving} />}
    </Loaded>
  );
}

const EMPTY: PropertyFields = {
  name: '',
  address: '',
  town: '',
  contactName: '',
  contactPhone: '',
  contactEmail: '',
  gateNotes: '',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  latitude: null,
  longitude: null,
  supplySource: null,
  frost: null,
  supplyLpm: null,
  supplyKpa: null,
  mowingWeekdays: [],
  isDryBeforeMowing: false,
  language: 'en',
  ruleSetId: null,
  weatherId: null,
  waterPrice: null,
};

const fieldsOf = ({
  id: _id,
  archived: _archived,
  version: _version,
  setUpSkipped: _setUpSkipped,
  ...fields
}: Property): PropertyFields => fields;

interface EditorProps {
  /** Null: a new one. */
  readonly before: Property | null;
  readonly leaving: Leaving;
}

function Editor({ before, leaving: { isLeaving, leaveTo } }: EditorProps) {
  const [form] = Form.useForm<PropertyFields>();
  const [base, setBase] = useState(before);
  const first = base ? fieldsOf(base) : EMPTY;
  const kept = useKeptFields(form, base ? null : 'properties.new', first);
  const [trouble, setTrouble] = useState<string | null>(null);
  const hasChosen = useRef({
    ruleSetId: typeof before?.ruleSetId === 'string',
    weatherId: typeof before?.weatherId === 'string',
  });
  const rules = useQuery(rulesQuery);
  const weather = useQuery(weatherListQuery);
  const client = useQueryClient();
  const { message } = App.useApp();

  const saving = useVersionedSave({
    name: base ? 'change-property' : 'add-property',
    save: (fields: PropertyFields) =>
      base ? changeProperty(base.id, base.version, fields) : addProperty(fields),
    newest: () => client.query({ ...propertyQuery(base!.id), staleTime: 0 }),
    touches: [propertiesKey, timersKey],
    isToldHere: true,
  });
  /** Its id once it is saved; null: it is not. */
  const save = async (typed: PropertyFields): Promise<string | null> => {
    const fields = { ...EMPTY, ...typed };
    setTrouble(null);
    const done = await saving.write(fields);
    if (!done) return null;
    if ('theirs' in done.answer) {
      takeTheirs(fields, base!, done.answer.theirs);
      return null;
    }
    kept.forget();
    return done.answer.saved.id;
  };
  const saveAndLeave = async (typed: PropertyFields) => {
    const id = await save(typed);
    if (id !== null) leaveTo(`/properties/${id}`);
  };
  const leaveWithout = () => {
    kept.forget();
    leaveTo(base ? `/properties/${base.id}` : '/properties');
  };
  useFormErrors(form, saving.error, setTrouble);
  const [place] = useSearchParams();
  const asked = place.get('at');
  useEffect(() => {
    // Whoever is sent here for one of the fields begins at it.
    if (asked !== null && asked in EMPTY)
      form.scrollToField(asked, { focus: true, block: 'center' });
  }, [form, asked]);
  /** What only the other person changed comes into the form; what both changed stays as typed here. */
  const takeTheirs = (mine: PropertyFields, old: Property, theirs: Property) => {
    const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
    const names = keysOf(EMPTY);
    const changed = names.filter((name) => !same(theirs[name], old[name]));
    const taken = changed.filter((name) => same(mine[name], old[name]));
    form.setFieldsValue(Object.fromEntries(taken.map((name) => [name, theirs[name]])));
    setBase(theirs);
    const kept = changed.filter((name) => !taken.includes(name));
    setTrouble(
      `Somebody else saved this property meanwhile and changed: ${changed.map((name) => LABELS[name]).join(', ')}. ${
        kept.length > 0
          ? `You changed ${kept.map((name) => LABELS[name]).join(', ')} too: it stands as you typed it. `
          : ''
      }Look it over, and save again.`,
    );
    void message.warning('Not saved yet: somebody else changed it meanwhile.');
  };

  const title = base ? 'Change' : 'New property';
  return (
    <Page title={title} crumbs={crumbsTo(base)}>
      <Form
        form={form}
        layout="vertical"
        requiredMark={false}
        className={pageStyles['form-page']}
        initialValues={kept.initialValues}
        onFinish={(fields) => void saveAndLeave(fields)}
        onValuesChange={(changed: Partial<PropertyFields>) => {
          // Rules and weather go by the town, until somebody chooses otherwise.
          const chosen = hasChosen.current;
          if (changed.ruleSetId !== undefined) chosen.ruleSetId = true;
          if (changed.weatherId !== undefined) chosen.weatherId = true;
          if (changed.town === undefined) {
            kept.look();
            return;
          }
          const sets = (rules.data ?? []).map(({ id, document: { towns } }) => ({ id, towns }));
          if (!chosen.ruleSetId) form.setFieldValue('ruleSetId', ofTown(changed.town, sets));
          if (!chosen.weatherId)
            form.setFieldValue('weatherId', ofTown(changed.town, weather.data ?? []));
          kept.look();
        }}
      >
        {trouble && <Alert type="error" showIcon title={trouble} style={{ marginBottom: 12 }} />}
        <WhoFields towns={townsOf(rules.data ?? [])} />
        <SupplyFields />
        <RulesFields rules={rules.data ?? []} weather={weather.data ?? []} />
        <Saving>
          <Button type="primary" htmlType="submit" loading={saving.isWriting}>
            {base ? 'Save the property' : 'Add the property'}
          </Button>
          <Button onClick={leaveWithout}>Leave without saving</Button>
        </Saving>
        <Unsaved
          isNew={!base}
          isChanged={kept.isChanged}
          mayChange
          isLeaving={isLeaving}
          onBeginAnew={kept.beginAnew}
          save={async () => (await save(form.getFieldsValue())) !== null}
          what="This property has"
        />
      </Form>
    </Page>
  );
}

const crumbsTo = (base: Property | null) => [
  { to: '/properties', name: 'Properties' },
  ...(base ? [{ to: `/properties/${base.id}`, name: base.name }] : []),
];

const LABELS: Record<keyof PropertyFields, string> = {
  name: 'name',
  address: 'address',
  town: 'town',
  contactName: 'contact',
  contactPhone: 'telephone',
  contactEmail: 'e-mail',
  gateNotes: 'notes for the gate',
  timeZone: 'time zone',
  latitude: 'latitude',
  longitude: 'longitude',
  supplySource: 'supply',
  frost: 'frost',
  supplyLpm: 'flow',
  supplyKpa: 'pressure',
  mowingWeekdays: 'mowing days',
  isDryBeforeMowing: 'the day before mowing',
  language: 'language',
  ruleSetId: 'local rules',
  weatherId: 'weather',
  waterPrice: 'price of water',
};
