/** A document that is edited, and the way back and forth between its states. */
export interface EditHistory<Document> {
  readonly present: Document;
  /** What is stored on the server. */
  readonly saved: Document;
  readonly past: readonly Document[];
  readonly future: readonly Document[];
  /** Edits with the same key, one after the other, are one step back. */
  readonly runningKey: string | null;
}

export type HistoryAction<Document> =
  | {
      readonly type: 'edit';
      readonly edit: (document: Document) => Document;
      readonly key?: string;
    }
  | { readonly type: 'settle' }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' }
  | { readonly type: 'saved'; readonly sent: Document }
  /** What counted as saved is not: `stored` is what is. */
  | { readonly type: 'refused'; readonly stored: Document }
  | { readonly type: 'theirs'; readonly document: Document }
  /** Something was stored that belongs below all that was edited here; `rebase` lays it there. */
  | {
      readonly type: 'beneath';
      readonly saved: Document;
      readonly rebase: (document: Document) => Document;
    };

const MOST_STEPS = 200;

export const openHistory = <Document>(document: Document): EditHistory<Document> => ({
  present: document,
  saved: document,
  past: [],
  future: [],
  runningKey: null,
});

const isSameDocument = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

export const isChanged = ({ present, saved }: EditHistory<unknown>): boolean => present !== saved;

export function editHistory<Document>(
  history: EditHistory<Document>,
  action: HistoryAction<Document>,
): EditHistory<Document> {
  const { present, past, future } = history;
  switch (action.type) {
    case 'edit':
      return edited(history, action);
    case 'settle':
      return { ...history, runningKey: null };
    case 'undo': {
      const before = past.at(-1);
      if (!before) return history;
      return {
        ...history,
        present: before,
        past: past.slice(0, -1),
        future: [present, ...future],
        runningKey: null,
      };
    }
    case 'redo': {
      const [next, ...rest] = future;
      if (!next) return history;
      return {
        ...history,
        present: next,
        past: [...past, present],
        future: rest,
        runningKey: null,
      };
    }
    case 'saved':
      // Whatever was edited while the save was under way stays, and stays unsaved.
      return {
        ...history,
        saved: isSameDocument(action.sent, present) ? present : action.sent,
        runningKey: null,
      };
    case 'refused':
      return { ...history, saved: action.stored, runningKey: null };
    case 'beneath': {
      const rebased = (document: Document): Document =>
        document === history.saved ? action.saved : action.rebase(document);
      return {
        ...history,
        present: rebased(present),
        saved: action.saved,
        past: past.map(rebased),
        future: future.map(rebased),
      };
    }
    case 'theirs':
      return {
        present: action.document,
        saved: action.document,
        past: [...past, present].slice(-MOST_STEPS),
        future: [],
        runningKey: null,
      };
  }
}

function edited<Document>(
  history: EditHistory<Document>,
  action: Extract<HistoryAction<Document>, { type: 'edit' }>,
): EditHistory<Document> {
  const { present, past } = history;
  const next = action.edit(present);
  if (isSameDocument(next, present)) return history;
  const goesOn = action.key !== undefined && action.key === history.runningKey;
  const before = past.at(-1);
  // Typing that ends where it began is no step.
  if (goesOn && before && isSameDocument(next, before))
    return { ...history, present: before, past: past.slice(0, -1), runningKey: null };
  return {
    ...history,
    present: next,
    past: goesOn ? past : [...past, present].slice(-MOST_STEPS),
    future: [],
    runningKey: action.key ?? null,
  };
}
