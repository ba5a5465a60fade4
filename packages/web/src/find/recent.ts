import { fieldOf } from '@water-clock/core/kernel';
import { draftOf, keepDraft } from '../offline/drafts';

/** A home or timer that somebody was at. */
export interface Recent {
  readonly to: string;
  readonly title: string;
  readonly where: string;
}

const NAME = 'recent';
const MOST = 8;

const textOf = (of: unknown, field: string): string | null => {
  const value = fieldOf(of, field);
  return typeof value === 'string' ? value : null;
};

function readRecent(kept: unknown): Recent[] {
  const [to, title, where] = [textOf(kept, 'to'), textOf(kept, 'title'), textOf(kept, 'where')];
  return to === null || title === null || where === null ? [] : [{ to, title, where }];
}

/** Where somebody was last on this device, the latest first. */
export function recentOf(personId: string): Recent[] {
  const kept = draftOf(personId, NAME);
  return Array.isArray(kept) ? kept.flatMap(readRecent) : [];
}

/** Notes that somebody is there; what was noted goes with the drafts when they sign out. */
export function noteRecent(personId: string, at: Recent): void {
  const others = recentOf(personId).filter(({ to }) => to !== at.to);
  keepDraft(personId, NAME, [at, ...others].slice(0, MOST));
}

/** Of what is no more. */
export function dropRecent(personId: string, to: string): void {
  const kept = recentOf(personId).filter((one) => one.to !== to);
  keepDraft(personId, NAME, kept.length > 0 ? kept : null);
}
