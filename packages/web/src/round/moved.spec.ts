import { moved } from './moved';

it('puts one at another place, and leaves the others in their order', () => {
  expect(moved(['a', 'b', 'c'], 'c', 0)).toEqual(['c', 'a', 'b']);
  expect(moved(['a', 'b', 'c'], 'a', 1)).toEqual(['b', 'a', 'c']);
  expect(moved(['a', 'b', 'c'], 'a', 2)).toEqual(['b', 'c', 'a']);
});
