/** @jest-environment jsdom */
import { draftOf, forgetDrafts, keepDraft } from './drafts';

beforeEach(() => localStorage.clear());

it('keeps what a person entered, for that person, until there is none any more', () => {
  keepDraft('ines', 'as-found.1', { minutes: 9 });
  keepDraft('tomas', 'as-found.1', { minutes: 4 });
  expect(draftOf('ines', 'as-found.1')).toEqual({ minutes: 9 });
  expect(draftOf('ines', 'as-found.2')).toBeNull();
  keepDraft('ines', 'as-found.1', null);
  expect(draftOf('ines', 'as-found.1')).toBeNull();
  expect(draftOf('tomas', 'as-found.1')).toEqual({ minutes: 4 });
});

it('leaves nothing of who signs out, and nothing else goes', () => {
  keepDraft('ines', 'as-found.1', 1);
  keepDraft('ines', 'as-found.2', 2);
  keepDraft('ines-marie', 'as-found.1', 3);
  localStorage.setItem('water-clock.colour-scheme', 'dark');
  forgetDrafts('ines');
  expect([draftOf('ines', 'as-found.1'), draftOf('ines', 'as-found.2')]).toEqual([null, null]);
  expect(draftOf('ines-marie', 'as-found.1')).toBe(3);
  expect(localStorage.getItem('water-clock.colour-scheme')).toBe('dark');
});

it('reads nothing from what cannot be read', () => {
  localStorage.setItem('water-clock.draft.ines.as-found.1', '{"minutes":');
  expect(draftOf('ines', 'as-found.1')).toBeNull();
});
