import { App, Button } from 'antd';
import { useRef, type ReactNode } from 'react';

interface FileButtonProps {
  readonly accept: string;
  readonly onText: (text: string, name: string) => void;
  /** Takes a file that is no text; false: it is one. */
  readonly onFile?: (file: File) => boolean;
  readonly children: ReactNode;
}

/** A button that asks for a file and gives its text. */
export function FileButton({ accept, onText, onFile, children }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  const { message } = App.useApp();
  const read = async (file: File) => {
    if (onFile?.(file)) return;
    let text: string;
    try {
      text = await file.text();
    } catch {
      void message.error(`${file.name} could not be read: is it still there? Choose it again.`);
      return;
    }
    onText(text, file.name);
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        onChange={(event) => {
          const { files } = event.currentTarget;
          const file = files?.[0];
          if (file) void read(file);
          // The same file may be chosen again after it was put right.
          event.currentTarget.value = '';
        }}
      />
      <Button onClick={() => input.current?.click()}>{children}</Button>
    </>
  );
}
