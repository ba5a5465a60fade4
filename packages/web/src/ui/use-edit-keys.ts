import { useEffect } from 'react';

interface Editing {
  readonly isChanged: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly save: () => Promise<boolean>;
}

/** Ctrl Z, Ctrl Shift Z and Ctrl S, wherever on the page the focus is. */
export function useEditKeys({ undo, redo, save, isChanged }: Editing): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!event.ctrlKey && !event.metaKey) return;
      const key = event.key.toLowerCase();
      const action =
        key === 's'
          ? () => isChanged && void save()
          : key === 'y' || (key === 'z' && event.shiftKey)
            ? redo
            : key === 'z'
              ? undo
              : null;
      if (!action) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
