// Comes in through the API, as the sign-in page does, and gives the session to pages of the browser.
import { SETUP_CODE } from './application.js';

const cookieOf = (answer) => /^([^=]+)=([^;]+)/.exec(answer.headers.get('set-cookie')).slice(1, 3);

const post = async (url, path, body) => {
  const answer = await fetch(`${url}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(`POST ${path}: ${answer.status} ${await answer.text()}`);
  return answer;
};

/**
 * Signs in as a person of the demo, by name; or, on an empty database, sets up a firm first.
 * @param {string} url
 * @param {string} [name]
 * @returns {Promise<{ cookie: string, letIn: (browser: import('puppeteer-core').BrowserContext) => Promise<void> }>}
 */
export async function signIn(url, name = 'Ines Marlow') {
  const { needsSetup, demoPeople } = await (await fetch(`${url}/api/welcome`)).json();
  const answer = needsSetup
    ? await post(url, '/setup', {
        code: SETUP_CODE,
        firm: 'Quillhaven Sprinkler Care',
        name,
        email: 'owner@quillhaven.example',
        password: 'seven quiet gutters',
      })
    : await post(url, '/session/demo', {
        personId: demoPeople.find((person) => person.name === name).id,
      });
  const [key, value] = cookieOf(answer);
  return {
    cookie: `${key}=${value}`,
    letIn: (context) =>
      context.setCookie({ name: key, value, domain: new URL(url).hostname, path: '/api' }),
  };
}

/**
 * All timers of the properties on the first page, from 1 June 2026 on.
 * @param {string} url
 * @param {string} cookie
 * @returns {Promise<{ id: string, name: string, propertyId: string }[]>}
 */
export async function timersOf(url, cookie) {
  const answer = await fetch(`${url}/api/properties?from=2026-06-01`, { headers: { cookie } });
  const { rows } = await answer.json();
  return rows.flatMap(({ id, timers }) => timers.map((timer) => ({ ...timer, propertyId: id })));
}

/**
 * Asks the API as one person; throws where it refuses.
 * @param {string} url
 * @param {string} cookie
 * @returns {<Answer>(method: string, path: string, body?: unknown) => Promise<Answer>}
 */
export const asker = (url, cookie) => async (method, path, body) => {
  const answer = await fetch(`${url}/api${path}`, {
    method,
    headers: { cookie, 'content-type': 'application/json' },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
  const text = await answer.text();
  return text === '' ? undefined : JSON.parse(text);
};
