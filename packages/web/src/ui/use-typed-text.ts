import { useRef, useState } from 'react';

interface TypedTextOptions {
  /** What stands in the field, as it is shown. */
  readonly shown: string;
  /** Takes what was typed; gives a sentence where it cannot be read. `visit` counts the times the field was entered. */
  readonly take: (text: string, visit: number) => string | null;
  /** Puts what stands there now in effect again, later; as it is shown, unless told otherwise. */
  readonly hold?: () => () => void;
  /** Hears whether what stands in the field can be read, as it changes. */
  readonly onReadable?: ((isReadable: boolean) => void) | undefined;
}

/**
 * A field that is read as it is typed in: what can be read takes effect at once; what cannot stays there with
 * a sentence, and leaves in effect what stood there when the field was entered.
 */
export function useTypedText({ shown, take, hold, onReadable }: TypedTextOptions) {
  const [draft, setDraft] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const visit = useRef(0);
  const putBack = useRef(() => {});

  const clear = () => {
    setDraft(null);
    setFault(null);
    if (fault !== null) onReadable?.(true);
  };
  return {
    text: draft ?? shown,
    fault,
    isTyped: draft !== null,
    enter: () => {
      visit.current += 1;
      if (fault === null) putBack.current = hold?.() ?? (() => take(shown, visit.current));
    },
    type: (text: string) => {
      const trouble = take(text, visit.current);
      // On the way to nonsense it may have been empty for a moment: nonsense changes nothing.
      if (trouble !== null) putBack.current();
      setDraft(text);
      setFault(trouble);
      if ((trouble === null) !== (fault === null)) onReadable?.(trouble === null);
    },
    /** Lets go of what was typed, for what is in effect now. */
    forget: clear,
    /** Brings back what stood there when the field was entered. */
    restore: () => {
      putBack.current();
      clear();
    },
    leave: () => {
      if (fault === null) clear();
    },
  };
}
