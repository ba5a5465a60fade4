import { Popover, type PopoverProps } from 'antd';
import { useRef, useState, type ReactNode } from 'react';

interface EditorPopoverProps extends Pick<PopoverProps, 'title' | 'placement' | 'children'> {
  /** What is edited in it; `close` closes it, for a button of its own. */
  readonly content: (close: () => void) => ReactNode;
}

interface EditorFieldsProps extends Pick<EditorPopoverProps, 'content'> {
  readonly onClose: () => void;
}

const EditorFields = ({ content, onClose }: EditorFieldsProps) => content(onClose);

/**
 * Fields that open over the page. While one of them holds what cannot be read it stays open, with the cursor in it:
 * closed it would keep the rest from being saved, and nobody would see why.
 */
export function EditorPopover({ content, ...props }: EditorPopoverProps) {
  const [isOpen, setOpen] = useState(false);
  const inside = useRef<HTMLDivElement>(null);
  const close = () => {
    const unread = inside.current?.querySelector<HTMLElement>('[data-unread="true"]');
    // A press beside it takes the cursor away once it has been told: the cursor comes back after that.
    if (unread) setTimeout(() => unread.focus());
    else setOpen(false);
  };
  return (
    <Popover
      {...props}
      trigger="click"
      open={isOpen}
      onOpenChange={(isWanted) => (isWanted ? setOpen(true) : close())}
      content={
        <div ref={inside}>
          <EditorFields {...{ content }} onClose={close} />
        </div>
      }
    />
  );
}
