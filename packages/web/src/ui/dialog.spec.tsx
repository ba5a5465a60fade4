/** @jest-environment jsdom */
import { aroundScreens } from '../testing/in-app';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { Dialog } from './dialog';

function Page() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button type="button">Before</button>
      <button type="button" onClick={() => setOpen(true)}>
        Open it
      </button>
      {isOpen && (
        <Dialog open title="Asked" footer={null} onCancel={() => setOpen(false)}>
          <button type="button" onClick={() => setOpen(false)}>
            Done
          </button>
        </Dialog>
      )}
    </>
  );
}

it.each(['Escape', 'a button'])(
  'closed by %s it gives the focus back to what opened it',
  async (way) => {
    render(<Page />, { wrapper: aroundScreens().wrapper });
    const opener = screen.getByRole('button', { name: 'Open it' });
    await userEvent.click(opener);
    const done = await screen.findByRole('button', { name: 'Done' });
    done.focus();
    expect(document.activeElement).toBe(done);
    if (way === 'Escape') await userEvent.keyboard('{Escape}');
    else await userEvent.click(done);
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Done' })).toBeNull());
    await waitFor(() => expect(document.activeElement).toBe(opener));
  },
);
