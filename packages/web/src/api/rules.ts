import type { RuleSet } from '@water-clock/core/local-rules';
import { queryOptions } from '@tanstack/react-query';
import { request } from './client';

export interface StoredRuleSet {
  readonly id: string;
  readonly version: number;
  /** How many properties go by it. */
  readonly properties: number;
  readonly document: RuleSet;
}

export const rulesQuery = queryOptions({
  queryKey: ['rule-sets'],
  queryFn: () => request<StoredRuleSet[]>('/rule-sets'),
});

export const addRuleSet = (document: RuleSet): Promise<StoredRuleSet> =>
  request('/rule-sets', { method: 'POST', body: { document } });

export const changeRuleSet = (
  id: string,
  version: number,
  document: RuleSet,
): Promise<StoredRuleSet> =>
  request(`/rule-sets/${id}`, { method: 'PUT', body: { version, document } });

export const removeRuleSet = (id: string): Promise<void> =>
  request(`/rule-sets/${id}`, { method: 'DELETE' });
