/** @jest-environment jsdom */
import { aroundScreens, answeringWith } from '../testing/in-app';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { visitOf, type VisitEntry } from '@water-clock/core/visits';
import { forgetDrafts } from '../offline/drafts';
import { testPlan } from '../testing/plans';
import { StationForm } from './station-form';
import type { OpenVisit } from '../timer-records/use-visit';

const plan = testPlan();
const [station] = plan.stations;

/** The form of a visit; `unmount` is a reload, or a step aside. */
function formOf(id: string) {
  answeringWith({});
  const added: VisitEntry[] = [];
  const open = {
    ...{ id, timerId: 'garage', startedAt: '', startedBy: '', visit: visitOf([]) },
    add: (entry: VisitEntry) => Promise.resolve(added.push(entry) > 0),
    ...{ addAll: () => Promise.resolve(true), end: () => Promise.resolve(true) },
  } satisfies OpenVisit;
  const { wrapper } = aroundScreens();
  const shown = render(
    <StationForm
      {...{ open, station: station!, plan, isTwoWire: false, isOn: true }}
      readOhms={null}
      readFlow={null}
      onSaved={() => undefined}
    />,
    { wrapper },
  );
  return { ...shown, added };
}

const note = () => screen.getByLabelText<HTMLInputElement>('Note');
const leak = () => screen.getByRole<HTMLInputElement>('checkbox', { name: 'Leak' });

beforeEach(() => forgetDrafts('ines'));

it('what is seen lasts until it is kept, over a reload, and is of that visit', async () => {
  const first = formOf('monday');
  await userEvent.click(screen.getByRole('button', { name: 'Fault or reading…' }));
  await userEvent.click(leak());
  await userEvent.type(note(), 'at the gate');
  await userEvent.type(screen.getByLabelText('Reading of the meter'), '2.');
  first.unmount();

  // It is open at once: there is something in it.
  const again = formOf('monday');
  expect([leak().checked, note().value]).toEqual([true, 'at the gate']);
  await userEvent.type(screen.getByLabelText('Reading of the meter'), '5');
  await userEvent.click(screen.getByRole('button', { name: 'Keep the fault' }));
  await waitFor(() => expect(again.added).toHaveLength(1));
  expect(again.added[0]).toMatchObject({ faults: ['leak'], note: 'at the gate', ohms: 2.5 });
  again.unmount();

  // Kept, it is the visit's, and no draft any more; nor is it of another visit.
  for (const visit of ['monday', 'friday']) {
    const later = formOf(visit);
    expect(screen.queryByLabelText('Note')).toBeNull();
    later.unmount();
  }
});
