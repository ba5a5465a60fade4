/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { answeringWith, aroundScreens } from '../testing/in-app';
import { useKeptForm } from './use-kept-form';

const words = (kept: unknown): string | null => (typeof kept === 'string' ? kept : null);
const open = (name: string | null, first = 'first') =>
  renderHook(() => useKeptForm(name, words, first), { wrapper: aroundScreens().wrapper });

beforeEach(() => {
  localStorage.clear();
  answeringWith({});
});

it('lasts over a reload by its name, until it is saved or begun anew', () => {
  const before = open('rules.new');
  act(() => before.result.current.set(() => 'half'));
  before.unmount();
  const later = open('rules.new');
  expect(later.result.current).toMatchObject({ form: 'half', isChanged: true });
  expect(open('types.new').result.current.form).toBe('first');
  act(() => later.result.current.beginAnew());
  later.unmount();
  expect(open('rules.new').result.current).toMatchObject({ form: 'first', isChanged: false });

  const saved = open('rules.new');
  act(() => saved.result.current.set(() => 'whole'));
  act(() => saved.result.current.forget());
  expect(saved.result.current.form).toBe('whole');
  saved.unmount();
  expect(open('rules.new').result.current.form).toBe('first');
});

it('without a name it is kept nowhere; begun with what another person saved, it is not changed', () => {
  const { result, unmount } = open(null);
  act(() => result.current.set(() => 'other'));
  expect(localStorage).toHaveLength(0);
  act(() => result.current.restart('theirs'));
  expect(result.current).toMatchObject({ form: 'theirs', isChanged: false });
  unmount();
  expect(open(null).result.current.form).toBe('first');
});

it('what cannot be read is not taken', () => {
  localStorage.setItem('water-clock.draft.ines.rules.new', '{"half":');
  expect(open('rules.new').result.current.form).toBe('first');
});
