import { useQuery, useQueryClient } from '@tanstack/react-query';
import { houseNumberOf } from '@water-clock/core/local-rules';
import { LANGUAGE_NAMES } from '@water-clock/core/household-words';
import { HOUSEHOLD_LANGUAGES } from '@water-clock/core/property-file';
import { SUPPLY_SOURCES, type SupplySource } from '@water-clock/core/settings';
import { WEEKDAYS } from '@water-clock/core/words';
import { Alert, App, AutoComplete, Button, Checkbox, Form, Input, Select } from 'antd';
import { useRef, useState } from 'react';
import { useParams } from 'react-router';
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
import { Caution, Page } from '../ui/page';
import { Unsaved } from '../ui/unsaved';
import { useLeaveTo, type Leaving } from '../ui/use-leave-to';
import { useQuantity, useSignedIn } from '../session/use-signed-in';
import { QuantityItem, TimeZoneSelect } from './property-inputs';
import { SUPPLY_NAMES } from '../format/supply-names';
import { SupplyCautions } from './supply';
import { ofTown, ruleWords, startsWith, townsOf } from './town-offers';
import { FormNumber } from '../ui/number-input';
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
  supplyLpm: null,
  supplyKpa: null,
  mowingWeekdays: [],
  isDryBeforeMowing: false,
  language: 'en',
  ruleSetId: null,
  weatherId: null,
  waterPrice: null,
};

const fieldsOf = ({ id: _id, archived: _archived, version: _version, ...fields }: Property) =>
  fields;

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
  const source = Form.useWatch<SupplySource | null>('supplySource', form);
  const address = Form.useWatch<string | undefined>('address', form) ?? '';
  const ruleSetId = Form.useWatch<string | null>('ruleSetId', form);
  const set = rules.data?.find(({ id }) => id === ruleSetId);
  const { firm } = useSignedIn();

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
        <section className={pageStyles['sheet']} aria-labelledby="who-heading">
          <h2 id="who-heading">Who and where</h2>
          <div className={pageStyles['form-grid']}>
            <Form.Item name="name" label="Name of the home">
              <Input autoFocus maxLength={200} />
            </Form.Item>
            <Form.Item name="address" label="House number and street">
              <Input maxLength={300} />
            </Form.Item>
            <Form.Item name="town" label="Town">
              <AutoComplete
                options={townsOf(rules.data ?? []).map((value) => ({ value }))}
                showSearch={{ filterOption: startsWith }}
              />
            </Form.Item>
            <Form.Item name="contactName" label="Contact">
              <Input maxLength={200} />
            </Form.Item>
            <Form.Item name="contactPhone" label="Telephone">
              <Input maxLength={100} inputMode="tel" />
            </Form.Item>
            <Form.Item name="contactEmail" label="E-mail">
              <Input maxLength={300} inputMode="email" />
            </Form.Item>
            <Form.Item name="language" label="The household reads">
              <Select
                options={HOUSEHOLD_LANGUAGES.map((value) => ({
                  value,
                  label: LANGUAGE_NAMES[value],
                }))}
              />
            </Form.Item>
          </div>
          <Form.Item name="gateNotes" label="For the gate: how one gets in, where the timer hangs">
            <Input.TextArea autoSize={{ minRows: 1, maxRows: 5 }} maxLength={2000} />
          </Form.Item>
          <div className={pageStyles['form-grid']}>
            <Form.Item name="timeZone" label="Time zone">
              <TimeZoneSelect />
            </Form.Item>
            <Form.Item name="latitude" label="Latitude, for sunrise">
              <FormNumber least={-90} most={90} />
            </Form.Item>
            <Form.Item name="longitude" label="Longitude">
              <FormNumber least={-180} most={180} />
            </Form.Item>
          </div>
        </section>
        <section
          className={pageStyles['sheet']}
          aria-labelledby="supply-heading"
          style={{ marginTop: 14 }}
        >
          <h2 id="supply-heading">Water supply</h2>
          <div className={pageStyles['form-grid']}>
            <Form.Item name="supplySource" label="Water comes from">
              <Select
                allowClear
                placeholder="not known"
                options={SUPPLY_SOURCES.map((value) => ({ value, label: SUPPLY_NAMES[value] }))}
                onClear={() => form.setFieldValue('supplySource', null)}
              />
            </Form.Item>
            <QuantityItem
              name="supplyLpm"
              label="Flow it can give"
              quantity={useQuantity('flow')}
            />
            <QuantityItem name="supplyKpa" label="Pressure" quantity={useQuantity('pressure')} />
            <QuantityItem
              name="waterPrice"
              label={`Price of water in ${firm.currency}`}
              quantity={useQuantity('waterPrice')}
            />
          </div>
          <SupplyCautions source={source ?? null} />
        </section>
        <section
          className={pageStyles['sheet']}
          aria-labelledby="rules-heading"
          style={{ marginTop: 14 }}
        >
          <h2 id="rules-heading">Rules, weather and mowing</h2>
          <div className={pageStyles['form-grid']}>
            <Form.Item
              name="ruleSetId"
              label="Local watering rules"
              extra={ruleWords(set, { number: houseNumberOf(address), supply: source ?? null })}
            >
              <Select
                allowClear
                placeholder="not known: check with the water supplier"
                options={(rules.data ?? []).map(({ id, document }) => ({
                  value: id,
                  label: document.district,
                }))}
                onClear={() => form.setFieldValue('ruleSetId', null)}
              />
            </Form.Item>
            <Form.Item name="weatherId" label="Weather">
              <Select
                allowClear
                placeholder="not known: needs by measurement have no answer"
                options={(weather.data ?? []).map(({ id, name }) => ({ value: id, label: name }))}
                onClear={() => form.setFieldValue('weatherId', null)}
              />
            </Form.Item>
            <Form.Item name="mowingWeekdays" label="Mowing days">
              <Checkbox.Group
                options={WEEKDAYS.map((label, index) => ({ label, value: index + 1 }))}
              />
            </Form.Item>
            <Form.Item
              name="isDryBeforeMowing"
              valuePropName="checked"
              label="Before mowing"
              extra="Soft ground marks under a heavy mower. The plans and the findings go by it."
            >
              <Checkbox>Keep the day before dry too</Checkbox>
            </Form.Item>
          </div>
          <Caution>
            Rules change: check with the water supplier. Keeping them, and a fine, is the
            owner&apos;s.
          </Caution>
        </section>
        <div className={pageStyles['page-head']} style={{ marginTop: 14 }}>
          <Button type="primary" htmlType="submit" loading={saving.isWriting}>
            {base ? 'Save the property' : 'Add the property'}
          </Button>
          <Button onClick={leaveWithout}>Leave without saving</Button>
        </div>
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
  supplyLpm: 'flow',
  supplyKpa: 'pressure',
  mowingWeekdays: 'mowing days',
  isDryBeforeMowing: 'the day before mowing',
  language: 'language',
  ruleSetId: 'local rules',
  weatherId: 'weather',
  waterPrice: 'price of water',
};
