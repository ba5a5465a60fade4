import { Button } from 'antd';
import { useRef, type ReactNode } from 'react';

interface FileButtonProps {
  readonly accept: string;
  readonly onText: (text: string, name: string) => void;
  readonly children: ReactNode;
}

/** A button that asks for a file and gives its text. */
export function FileButton({ accept, onText, children }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
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
          if (file) void file.text().then((text) => onText(text, file.name));
          // The same file may be chosen again after it was mended.
          event.currentTarget.value = '';
        }}
      />
      <Button onClick={() => input.current?.click()}>{children}</Button>
    </>
  );
}
