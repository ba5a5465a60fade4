import type { RuleSet } from '@water-clock/core/local-rules';
import { queryOptions } from '@tanstack/react-query';
import { ApiError } from './client';
import { request, type Api } from './request';

export type StoredRuleSet = Api['RuleSetAnswer'];

export const rulesQuery = queryOptions({
  queryKey: ['rule-sets'],
  queryFn: () => request('get', '/api/rule-sets'),
});

/** The rules of one district as they are stored by now. */
export async function ruleSetNow(id: string): Promise<StoredRuleSet> {
  const found = (await request('get', '/api/rule-sets')).find((set) => set.id === id);
  if (!found) throw new ApiError(404, 'Not found', 'These rules were removed meanwhile.');
  return found;
}

export const addRuleSet = (document: RuleSet): Promise<StoredRuleSet> =>
  request('post', '/api/rule-sets', { body: { document } });

export const changeRuleSet = (
  ruleSetId: string,
  version: number,
  document: RuleSet,
): Promise<StoredRuleSet> =>
  request('put', '/api/rule-sets/{ruleSetId}', {
    path: { ruleSetId },
    body: { version, document },
  });

export const removeRuleSet = (ruleSetId: string): Promise<void> =>
  request('delete', '/api/rule-sets/{ruleSetId}', { path: { ruleSetId } });

export const bringBackRuleSet = (ruleSetId: string): Promise<StoredRuleSet> =>
  request('post', '/api/rule-sets/{ruleSetId}/bring-back', { path: { ruleSetId } });
