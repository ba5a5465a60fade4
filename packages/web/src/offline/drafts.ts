const PREFIX = 'water-clock.draft';

const keyOf = (personId: string, name: string): string => `${PREFIX}.${personId}.${name}`;

/** What somebody entered and has not saved, on this device; null where there is none that can be read. */
export function draftOf(personId: string, name: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(keyOf(personId, name)) ?? 'null');
  } catch {
    return null;
  }
}

/** Keeps a draft, or, with null, has none any more. A device without room keeps none. */
export function keepDraft(personId: string, name: string, draft: unknown): void {
  try {
    if (draft === null) localStorage.removeItem(keyOf(personId, name));
    else localStorage.setItem(keyOf(personId, name), JSON.stringify(draft));
  } catch {
    // It stands on the page.
  }
}

/** Leaves nothing of what somebody entered on the device. */
export function forgetDrafts(personId: string): void {
  const own = Object.keys(localStorage).filter((key) => key.startsWith(keyOf(personId, '')));
  for (const key of own) localStorage.removeItem(key);
}
