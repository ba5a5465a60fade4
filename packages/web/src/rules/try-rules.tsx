import type { RuleSet } from '@water-clock/core/local-rules';
import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import { useState } from 'react';
import { rolloutsKey, tryChange } from '../api/rollouts';
import type { StoredRuleSet } from '../api/rules';
import { useWrite } from '../api/use-write';
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
  // Sent again after no answer was heard, it counts once.
  const [id] = useState(() => crypto.randomUUID());
  const { write, isWriting } = useWrite('try-change', tryChange, {
    touches: [rolloutsKey],
    isOfFields: true,
  });
  if (!stored || stored.properties === 0) return null;
  const begin = async () => {
    const on = todayHere();
    const done = await write({
      ...{ id, name: '', on, from: holdsFrom(stored.document, set, on) },
      change: { kind: 'rules', ruleSetId: stored.id, version, document: set },
    });
    if (done) leaveTo(`/round/homes/${done.answer.id}`);
  };
  return (
    <Button loading={isWriting} disabled={!isChanged} onClick={() => void begin()}>
      Try them on {counted(stored.properties, 'home')} first
    </Button>
  );
}
