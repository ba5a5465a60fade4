/** @jest-environment jsdom */
import { answeringWith, aroundScreens, INES } from '../testing/in-app';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { SignedInContext } from '../session/use-signed-in';
import { FirmFacts } from './firm-facts';

const OWNER = { ...INES, person: { ...INES.person, role: 'owner' as const } };

/** The facts of the firm, on a server that answers as it is told; how to leave the telephone, and what was sent. */
function shown(answer: () => Promise<{ status: number; body: unknown }>) {
  const all = answeringWith({ 'PATCH /api/firm': answer });
  render(
    <SignedInContext value={OWNER}>
      <FirmFacts />
    </SignedInContext>,
    { wrapper: aroundScreens().wrapper },
  );
  return {
    patches: () => all.map(({ body }) => body),
    leave: (phone: string) => {
      const field = screen.getByRole('textbox', { name: 'Telephone' });
      fireEvent.change(field, { target: { value: phone } });
      fireEvent.blur(field);
    },
  };
}

it('a telephone typed while the units are still on their way is told all the same, and so is the next one', async () => {
  const letGo: (() => void)[] = [];
  const { patches, leave } = shown(async () => {
    await new Promise<void>((go) => letGo.push(go));
    return { status: 200, body: OWNER.firm };
  });
  fireEvent.click(screen.getByRole('radio', { name: /^US/ }));
  await waitFor(() => expect(patches()).toEqual([{ units: 'us' }]));
  leave('555 0177');
  await waitFor(() => expect(patches()).toHaveLength(2));
  leave('555 0100');
  letGo[1]!();
  await waitFor(() =>
    expect(patches().slice(1)).toEqual([{ phone: '555 0177' }, { phone: '555 0100' }]),
  );
  for (const go of letGo) go();
});

it('a telephone that was refused is told again when it is left again', async () => {
  const refused = { status: 503, body: { status: 503, title: 'Not just now' } };
  const { patches, leave } = shown(() => Promise.resolve(refused));
  leave('555 0177');
  await waitFor(() => expect(patches()).toHaveLength(1));
  await waitFor(() => {
    leave('555 0177');
    expect(patches()).toEqual([{ phone: '555 0177' }, { phone: '555 0177' }]);
  });
});
