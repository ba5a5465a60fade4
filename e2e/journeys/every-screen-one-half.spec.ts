import { readFileSync } from 'node:fs';
import { testsOfScreens } from '../support/faultless.js';
import { SCREENS } from '../support/screens.js';

/** At the door, looked at by the tests of accounts; and what leads on to another address. */
const ELSEWHERE = ['join/:token', 'sign-in', 'kinds/*'];

it('every address that the application knows is among them', () => {
  const router = readFileSync('packages/web/src/app/router.tsx', 'utf8');
  const known = [...router.matchAll(/\bscreen\(\s*'([^']+)'/g)].map(([, path]) => path!);
  expect(known.length).toBeGreaterThan(30);
  const walked = SCREENS.map(({ path }) => path.slice(1).replace(/\?.*/, ''));
  const isWalked = (path: string) => {
    const pattern = new RegExp(`^${path.replace(/:\w+/g, '[^/]+')}$`);
    return walked.some((one) => pattern.test(one));
  };
  expect(known.filter((path) => !isWalked(path))).toEqual(ELSEWHERE);
});

testsOfScreens(0);
