/** @jest-environment jsdom */
import { MutationCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { ApiError } from './client';
import { useVersionedSave } from './use-versioned-save';
import { useWrite } from './use-write';

const told: unknown[] = [];
const client = new QueryClient({
  mutationCache: new MutationCache({
    onError: (error, _input, _result, { meta }) => void told.push([error.message, meta]),
  }),
});
const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={client}>{children}</QueryClientProvider>
);
beforeEach(() => told.splice(0));

it('writes once however often it is asked while one is under way, and says that it writes', async () => {
  let finish: (answer: string) => void = () => undefined;
  const send = jest.fn<Promise<string>, [string]>(
    () => new Promise<string>((resolve) => (finish = resolve)),
  );
  const { result } = renderHook(() => useWrite('add-copy', send), { wrapper });
  let both: Promise<unknown> = Promise.resolve();
  act(() => {
    both = Promise.all([result.current.write('first'), result.current.write('second')]);
  });
  await waitFor(() => expect(result.current.isWriting).toBe(true));
  expect(send).toHaveBeenCalledTimes(1);
  await act(async () => {
    finish('done');
    expect(await both).toEqual([{ answer: 'done' }, null]);
  });
  await waitFor(() => expect(result.current.isWriting).toBe(false));
  await act(async () => {
    const third = result.current.write('third');
    await waitFor(() => expect(send).toHaveBeenCalledTimes(2));
    finish('again');
    expect(await third).toEqual({ answer: 'again' });
  });
});

it('never rejects: what was refused is told by the one default, with what belongs before it', async () => {
  const refuse = () => Promise.reject(new ApiError(422, 'Bad input', 'One field needs fixing.'));
  const options = { lead: 'Not saved.', touches: [['copies']] };
  const { result } = renderHook(() => useWrite('add-copy', refuse, options), { wrapper });
  await act(async () => expect(await result.current.write()).toBeNull());
  expect(told).toEqual([['One field needs fixing.', options]]);
  await waitFor(() => expect(result.current.error?.message).toBe('One field needs fixing.'));
  act(() => result.current.reset());
  await waitFor(() => expect(result.current.error).toBeNull());
});

it('sends nothing of fields while one of them cannot be read, and goes there', async () => {
  const send = jest.fn(() => Promise.resolve('done'));
  const { result } = renderHook(
    () => ({
      fields: useWrite('change-customary', send, { isOfFields: true }),
      other: useWrite('sign-out', send),
    }),
    { wrapper },
  );
  document.body.insertAdjacentHTML(
    'beforeend',
    '<input data-unread="false"><input id="bad" data-unread="true">',
  );
  const bad = document.getElementById('bad')!;
  await act(async () => expect(await result.current.fields.write()).toBeNull());
  expect(send).not.toHaveBeenCalled();
  expect(document.activeElement).toBe(bad);
  expect(told.flat()[0]).toMatch(/^One field cannot be read yet/);
  // What is not in fields goes on.
  await act(async () => expect(await result.current.other.write()).toEqual({ answer: 'done' }));
  bad.dataset['unread'] = 'false';
  await act(async () => expect(await result.current.fields.write()).toEqual({ answer: 'done' }));
  for (const input of document.querySelectorAll('input')) input.remove();
});

describe('a save of a thing with versions', () => {
  const saveWith = (status: number | null) =>
    renderHook(
      () =>
        useVersionedSave({
          name: 'save-yard',
          save: (words: string) =>
            status === null
              ? Promise.resolve(words)
              : Promise.reject(new ApiError(status, 'No', 'Not so.')),
          newest: () => Promise.resolve('theirs'),
        }),
      { wrapper },
    ).result;

  it('goes in', async () => {
    const result = saveWith(null);
    await act(async () =>
      expect(await result.current.write('mine')).toEqual({ answer: { saved: 'mine' } }),
    );
  });

  it('gives what somebody else saved meanwhile, which is no error', async () => {
    const result = saveWith(409);
    await act(async () =>
      expect(await result.current.write('mine')).toEqual({ answer: { theirs: 'theirs' } }),
    );
    expect(told).toEqual([]);
  });

  it('is refused for any other reason', async () => {
    const result = saveWith(422);
    await act(async () => expect(await result.current.write('mine')).toBeNull());
    expect(told).toHaveLength(1);
  });
});
