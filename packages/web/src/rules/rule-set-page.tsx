import { PlusOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { withChanges, type Changes } from '@water-clock/core/kernel';
import { readObject, ROOT_PATH, type DocumentProblem } from '@water-clock/core/documents';
import { RulePeriod, RULES_FORMAT, RuleSet } from '@water-clock/core/local-rules';
import { counted } from '@water-clock/core/words';
import { Alert, App, Button, Input, Select, Skeleton } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { ApiError, troubleInWords } from '../api/client';
import {
  addRuleSet,
  changeRuleSet,
  removeRuleSet,
  rulesQuery,
  ruleSetNow,
  type StoredRuleSet,
} from '../api/rules';
import { propertiesKey } from '../api/properties';
import { timersKey } from '../api/timers';
import { useVersionedSave } from '../api/use-versioned-save';
import { useWrite } from '../api/use-write';
import { useKeptForm } from '../offline/use-kept-form';
import { Meanwhile } from '../ui/meanwhile';
import { NotFound } from '../ui/not-found';
import { Caution, LoadError, Page } from '../ui/page';
import { takenAway } from '../ui/taken-away';
import { Unsaved } from '../ui/unsaved';
import { useLeaveTo, type Leaving } from '../ui/use-leave-to';
import { useMayChange } from '../session/use-signed-in';
import { todayHere } from '../format/today';
import { faultUnder, Field } from '../ui/field';
import { PeriodEditor } from './period-editor';
import { TryRules } from './try-rules';
import pageStyles from '../ui/page.module.css';

/** The rules of one district. */
export function RuleSetPage() {
  const { ruleSetId = '' } = useParams();
  const rules = useQuery(rulesQuery);
  const leaving = useLeaveTo();
  if (rules.error && !rules.data)
    return <LoadError what="The rules" error={rules.error} onRetry={() => void rules.refetch()} />;
  if (!rules.data) return <Skeleton active style={{ padding: 24 }} />;
  if (ruleSetId === 'new') return <Editor stored={null} leaving={leaving} />;
  const stored = rules.data.find(({ id }) => id === ruleSetId);
  return stored ? (
    <Editor key={stored.id} stored={stored} leaving={leaving} />
  ) : (
    <NotFound what="rule set" />
  );
}

const newPeriod = (): RulePeriod => ({
  ...new RulePeriod(),
  from: todayHere(),
  houses: [{ houses: 'all', digits: [] }],
});

const EMPTY: RuleSet = { format: RULES_FORMAT, district: '', towns: [], periods: [] };

/** Rules that somebody began, half filled as they may be. */
function keptRuleSet(kept: unknown): RuleSet | null {
  const problems: DocumentProblem[] = [];
  const set = readObject(RuleSet, kept, ROOT_PATH, problems);
  const isOurs = problems.every(({ path }) => /^(district|periods\[)/.test(path));
  return isOurs ? set : null;
}

/** Homes are watered by rules: their settings and outlooks are others with them. */
const TOUCHED = [rulesQuery.queryKey, propertiesKey, timersKey];

interface EditorProps {
  readonly stored: StoredRuleSet | null;
  readonly leaving: Leaving;
}

function Editor({ stored, leaving: { isLeaving, leaveTo } }: EditorProps) {
  const kept = useKeptForm(
    stored ? null : 'rules.new',
    keptRuleSet,
    stored?.document ?? { ...EMPTY, periods: [newPeriod()] },
  );
  const { form: set, set: setSet } = kept;
  const { modal } = App.useApp();
  const mayChange = useMayChange();
  // Made by another person meanwhile, and not yet chosen between.
  const [theirs, setTheirs] = useState<StoredRuleSet | null>(null);
  const [version, setVersion] = useState(stored?.version ?? 0);
  const saving = useVersionedSave({
    name: stored ? 'change-rules' : 'add-rules',
    save: (over: number) => (stored ? changeRuleSet(stored.id, over, set) : addRuleSet(set)),
    newest: () => ruleSetNow(stored!.id),
    touches: TOUCHED,
    isToldHere: true,
  });
  const removing = useWrite('remove-rules', removeRuleSet, { touches: TOUCHED });
  const { error } = saving;
  /** True when it is on the server. */
  const write = async (over: number): Promise<boolean> => {
    const done = await saving.write(over);
    if (!done) return false;
    if ('theirs' in done.answer) {
      setTheirs(done.answer.theirs);
      return false;
    }
    kept.forget();
    return true;
  };
  const save = async (over: number) => {
    if (await write(over)) leaveTo('/rules');
  };
  const takeTheirs = ({ version: now, document }: StoredRuleSet) => {
    kept.restart(document);
    setVersion(now);
    setTheirs(null);
  };
  const askToRemove = () =>
    void modal.confirm({
      title: `Remove the rules of ${set.district}?`,
      content: `${stored!.properties === 1 ? '1 home uses' : `${stored!.properties} homes use`} them, and would have none.`,
      okText: 'Remove them',
      okButtonProps: { danger: true },
      onOk: async () => {
        const { id, document } = stored!;
        if (await removing.write(id))
          leaveTo('/rules', takenAway(id, `The rules of ${document.district} are removed.`));
      },
    });
  const setPeriod = (index: number, fields: Changes<RulePeriod>) =>
    setSet((before) => ({
      ...before,
      periods: before.periods.map((period, at) =>
        at === index ? withChanges(period, fields) : period,
      ),
    }));
  const faults = new Map(
    error instanceof ApiError
      ? error.places.map(({ path, message }) => [path.replace(/^document\./, ''), message])
      : [],
  );
  return (
    <Page
      title={stored ? stored.document.district : 'New district'}
      crumbs={[{ to: '/rules', name: 'Local rules' }]}
      actions={
        mayChange &&
        stored && (
          <Button danger onClick={askToRemove}>
            Remove…
          </Button>
        )
      }
      saving={
        mayChange && (
          <>
            <TryRules {...{ stored, version, set, leaveTo }} isChanged={kept.isChanged} />
            <Button type="primary" loading={saving.isWriting} onClick={() => void save(version)}>
              Save the rules
            </Button>
          </>
        )
      }
    >
      {theirs && (
        <Meanwhile
          what="This rule set"
          isWriting={saving.isWriting}
          onTakeTheirs={() => takeTheirs(theirs)}
          onSaveMine={() => void save(theirs.version)}
        />
      )}
      {error !== null && (
        <Alert
          type="error"
          showIcon
          title={
            faults.size > 0
              ? `${counted(faults.size, 'field')} to fix; nothing was saved.`
              : troubleInWords(error)
          }
        />
      )}
      <div className={pageStyles['form-grid']}>
        <Field label="District" fault={faults.get('district')}>
          {(id) => (
            <Input
              id={id}
              autoFocus
              value={set.district}
              onChange={({ target }) => setSet((before) => ({ ...before, district: target.value }))}
            />
          )}
        </Field>
        <Field label="Towns for which it is offered" fault={faultUnder(faults, 'towns')}>
          {(id) => (
            <Select
              id={id}
              mode="tags"
              value={set.towns}
              open={false}
              tokenSeparators={[',']}
              onChange={(towns) => setSet((before) => ({ ...before, towns }))}
            />
          )}
        </Field>
      </div>
      {set.periods.map((period, index) => (
        <PeriodEditor
          key={index}
          period={period}
          path={`periods[${index}]`}
          faults={faults}
          onChange={(fields) => setPeriod(index, fields)}
          onRemove={() =>
            setSet((before) => ({
              ...before,
              periods: before.periods.filter((_, at) => at !== index),
            }))
          }
        />
      ))}
      <Button
        icon={<PlusOutlined />}
        style={{ justifySelf: 'start' }}
        onClick={() =>
          setSet((before) => ({ ...before, periods: [...before.periods, newPeriod()] }))
        }
      >
        Add a period
      </Button>
      <Caution>
        Enter the rule as it is written, with its source. Check it with the water supplier; keeping
        it is the owner&apos;s.
      </Caution>
      <Unsaved
        {...{ mayChange, isLeaving }}
        isNew={stored === null}
        isChanged={kept.isChanged}
        onBeginAnew={kept.beginAnew}
        save={() => write(version)}
        what="These rules have"
      />
    </Page>
  );
}
