import { FairQueue } from './fair-queue.js';

const job = (name: string) => {
  const [firmId, personId] = name.split(' ') as [string, string];
  return { asker: { firmId, personId: personId === 'nobody' ? null : personId }, name };
};

const filled = (...names: string[]) => {
  const queue = new FairQueue<ReturnType<typeof job>>(100, 100);
  for (const name of names) expect(queue.push(job(name))).toBe(true);
  return queue;
};

const takeNext = (queue: ReturnType<typeof filled>) => queue.takeSomebodys() ?? queue.takeNobodys();

/** All that is in it, one after the other. */
function inOrder(queue: ReturnType<typeof filled>): string[] {
  const names = [];
  for (let next = takeNext(queue); next; next = takeNext(queue)) {
    names.push(next.name);
    queue.isOver(next);
  }
  return names;
}

it('serves firms in turn, and of a firm its persons in turn', () => {
  const queue = filled('a ann 1', 'a ann 2', 'a ann 3', 'a ben 1', 'b cleo 1', 'b cleo 2');
  expect(inOrder(queue)).toEqual([
    'a ann 1',
    'b cleo 1',
    'a ben 1',
    'b cleo 2',
    'a ann 2',
    'a ann 3',
  ]);
});

it('what nobody waits for gives way to all who wait, whichever firm it is of', () => {
  const queue = filled('a nobody 1', 'b nobody 1', 'a ann 1', 'b cleo 1', 'b cleo 2');
  expect(inOrder(queue)).toEqual(['a ann 1', 'b cleo 1', 'b cleo 2', 'a nobody 1', 'b nobody 1']);
});

it('who comes while a job of another firm runs is next', () => {
  const queue = filled('a ann 1', 'a ann 2');
  const first = queue.takeSomebodys()!;
  queue.push(job('b cleo 1'));
  queue.isOver(first);
  expect(inOrder(queue)).toEqual(['b cleo 1', 'a ann 2']);
});

it('of a firm one job runs at a time that somebody waits for, whoever asks', () => {
  const queue = filled('a ann 1', 'a ben 1', 'b cleo 1');
  const [first, second] = [queue.takeSomebodys()!, queue.takeSomebodys()!];
  expect([first.name, second.name, queue.takeSomebodys()]).toEqual(['a ann 1', 'b cleo 1', null]);
  queue.isOver(second);
  expect(queue.takeSomebodys()).toBeNull();
  queue.isOver(first);
  expect(queue.takeSomebodys()?.name).toBe('a ben 1');
});

it('what nobody waits for runs beside others of its firm, and holds up nobody of it; firms come in turn', () => {
  const queue = filled('a nobody 1', 'a nobody 2', 'b nobody 1', 'a ann 1');
  expect([queue.takeNobodys(), queue.takeNobodys()]).toMatchObject([
    { name: 'a nobody 1' },
    { name: 'b nobody 1' },
  ]);
  expect(queue.takeSomebodys()?.name).toBe('a ann 1');
  expect(queue.takeNobodys()?.name).toBe('a nobody 2');
});

it('a firm that comes back after all of its work is served as any other', () => {
  const queue = filled('a ann 1');
  expect(inOrder(queue)).toEqual(['a ann 1']);
  queue.push(job('a ann 2'));
  expect(inOrder(queue)).toEqual(['a ann 2']);
});

it('takes no more than it should, of one person and at all', () => {
  const queue = new FairQueue<ReturnType<typeof job>>(4, 2);
  const pushed = ['a ann 1', 'a ann 2', 'a ann 3', 'a ben 1', 'b cleo 1', 'c dora 1'].map((name) =>
    queue.push(job(name)),
  );
  expect(pushed).toEqual([true, true, false, true, true, false]);
  queue.takeSomebodys();
  expect(queue.push(job('c dora 1'))).toBe(true);
});
