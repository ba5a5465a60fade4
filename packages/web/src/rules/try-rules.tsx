import type { RuleSet } from '@water-clock/core/local-rules';
import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import type { StoredRuleSet } from '../api/rules';
import { useTryChange } from '../api/use-try-change';
import { todayHere } from '../format/today';
import { holdsFrom } from './holds-from';

interface TryRulesProps {
  /** Null: they are new, and no home goes by them. */
  readonly stored: StoredRuleSet | null;
  /** The version that the change was made from. */
  readonly version: number;
  readonly set: RuleSet;
  readonly isChanged: boolean;
  readonly leaveTo: (path: string) => void;
}

/** Has rules tried on all homes that go by them, before they are saved. */
export function TryRules({ stored, version, set, isChanged, leaveTo }: TryRulesProps) {
  const { begin, isWriting } = useTryChange();
  if (!stored || stored.properties === 0) return null;
  const tryOut = async () => {
    const on = todayHere();
    const path = await begin({
      ...{ on, from: holdsFrom(stored.document, set, on) },
      change: { kind: 'rules', ruleSetId: stored.id, version, document: set },
    });
    if (path !== null) leaveTo(path);
  };
  return (
    <Button loading={isWriting} disabled={!isChanged} onClick={() => void tryOut()}>
      Try them on {counted(stored.properties, 'home')} first
    </Button>
  );
}
