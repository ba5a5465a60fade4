import { join } from 'node:path';
import { Secret, TOTP } from 'otpauth';
import type { HTTPRequest, Page } from 'puppeteer-core';
import { WRITE_NAMES, type WriteName } from '../../packages/web/src/api/write-names.js';
import {
  clickButton,
  clickMenuItem,
  clickOn,
  goTo,
  labelled,
  pictured,
  typeInCell,
  giveFile,
} from '../support/desk.js';
import { SETUP_CODE } from '../support/application.js';
import { signIn } from '../support/sign-in.js';
import { setStage } from '../support/stage.js';

/** How a write is come to on the screens, and what is sent for it. */
interface Exercise {
  /** The request, once and no more: "POST /rule-sets", with * for an id. */
  readonly sends: string;
  /** Goes to where the button is; gives how it is found. */
  readonly come: (page: Page) => Promise<string>;
  /** Who presses it; nobody: not signed in. Otherwise a technician. */
  readonly by?: 'Greta Holloway' | 'Piet Lark' | 'Tobias Fenn' | null;
}

const stage = setStage({ demo: true, hasSimulator: true });
const empty = setStage({ demo: false, isSignedIn: false });

const button = (words: string) => `::-p-xpath(.//button[normalize-space()="${words}"])`;
const beginning = (words: string) =>
  `::-p-xpath(.//button[starts-with(normalize-space(), "${words}")][not(@disabled)])`;
const inDialog = (words: string) =>
  `::-p-xpath(.//*[contains(@class, "ant-modal")]//button[normalize-space()="${words}"])`;

const open = (page: Page, path: string) => goTo(page, `${stage.url()}${path}`);

async function fill(page: Page, selector: string, text: string): Promise<void> {
  const field = await page.waitForSelector(selector, { visible: true });
  await field!.click({ count: 3 });
  await page.keyboard.type(text);
}

/** The field below or after a label. */
const field = (label: string) =>
  `::-p-xpath(.//label[starts-with(normalize-space(), "${label}")]/following::input[1])`;

const aRuleSet = (district: string) => ({
  document: {
    format: 'waterclock.rules/1',
    district,
    periods: [{ from: '2026-01-01', houses: [{ houses: 'all', digits: [] }] }],
  },
});
const aWeather = (name: string) => ({
  document: {
    format: 'waterclock.weather/1',
    name,
    latitude: 38,
    record: { kind: 'daily', days: [] },
  },
});
const aHome = (name: string) => ({ name });

/** Something new of the firm's, so that no exercise rests on another; gives its id. */
const made = async (path: string, body: unknown): Promise<string> =>
  (await stage.ask<{ id: string }>('POST', path, body)).id;

const aTimerType = async (name: string) => {
  const [like] = await stage.ask<{ summary: string; capability: object; handling: object }[]>(
    'GET',
    '/timer-types',
  );
  return {
    name,
    summary: 'made to be changed',
    capability: like!.capability,
    handling: like!.handling,
  };
};

const aTimer = () => stage.timerOf('Carport');

/** A visit to a timer that is open, begun anew where the last one has ended. */
async function aVisit(): Promise<string> {
  const { id } = await aTimer();
  const known = await stage.ask<{ id: string; endedAt: string | null }[]>(
    'GET',
    `/timers/${id}/visits`,
  );
  return (
    known.find(({ endedAt }) => endedAt === null)?.id ?? (await made(`/timers/${id}/visits`, {}))
  );
}

async function aSheet(): Promise<void> {
  const { id } = await aTimer();
  const { document } = await stage.ask<{ document: unknown }>(
    'GET',
    `/timers/${id}/settings?on=2026-06-01`,
  );
  await made(`/timers/${id}/copies`, { reason: 'left', name: '', document });
}

async function onVisit(page: Page, step: string): Promise<void> {
  await aVisit();
  await open(page, `/timers/${(await aTimer()).id}/visit/${step}`);
}

/** The sheet is left, so that there is something to be shared. */
async function leaveSheet(page: Page): Promise<void> {
  await aSheet();
  await onVisit(page, 'leave');
  await page.waitForSelector(beginning('Leave this sheet'));
}

/** A case that goes on. */
async function practising(page: Page): Promise<void> {
  await stage.ask('PUT', '/practice', { lesson: 'percentage', difficulty: 1, seed: 4 });
  await open(page, '/practice/percentage?case=4');
  await page.waitForSelector('[aria-label="Front"]');
}

const askedFirst = async (page: Page, path: string, first: string, then: string) => {
  await open(page, path);
  await clickOn(page, beginning(first));
  await page.waitForSelector(inDialog(then), { visible: true });
  return inDialog(then);
};

/** A home as a file, with something changed; the dialog that takes it is open. */
async function importing(page: Page, note: string): Promise<string> {
  const { propertyId } = await aTimer();
  const file = await stage.ask<{ property: object }>('GET', `/properties/${propertyId}/file`);
  await open(page, '/properties');
  await clickButton(page, 'Import…');
  await page.waitForSelector('.ant-modal input[type="file"]');
  return JSON.stringify({ ...file, property: { ...file.property, gateNotes: note } });
}

/** Asks the API as somebody. */
const asking =
  ({ cookie }: { cookie: string }) =>
  async <Answer>(method: string, path: string, body: object = {}): Promise<Answer> => {
    const answer = await fetch(`${stage.url()}/api${path}`, {
      ...{ method, ...(method !== 'GET' && { body: JSON.stringify(body) }) },
      headers: { cookie, 'content-type': 'application/json' },
    });
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status}`);
    return (answer.status === 204 ? undefined : await answer.json()) as Answer;
  };

/** Somebody whom the owner has invited; gives the token of their link. */
async function invited(name: string): Promise<string> {
  const ask = asking(await signIn(stage.url(), 'Greta Holloway'));
  const email = `${name.toLowerCase().replace(' ', '.')}@quillhaven.example`;
  const { token } = await ask<{ token: string }>('POST', '/people', {
    name,
    email,
    role: 'office',
  });
  return token;
}

/** Somebody of the demo signs in by an authenticator from now on. */
async function withAuthenticator(name: string): Promise<void> {
  const ask = asking(await signIn(stage.url(), name));
  const { hasSecondFactor } = await ask<{ hasSecondFactor: boolean }>('GET', '/account');
  if (hasSecondFactor) return;
  const { secret } = await ask<{ secret: string }>('POST', '/account/second-factor', {
    password: '',
  });
  const code = new TOTP({ secret: Secret.fromBase32(secret) }).generate();
  await ask('PUT', '/account/second-factor', { code });
}

/** Somebody who joined, and was removed again. */
async function left(name: string): Promise<void> {
  const ask = asking(await signIn(stage.url(), 'Greta Holloway'));
  const token = await invited(name);
  const joined = await fetch(`${stage.url()}/api/session/links/${token}`, {
    method: 'POST',
    body: JSON.stringify({ password: 'seven quiet gutters' }),
    headers: { 'content-type': 'application/json' },
  });
  expect(joined.status).toBe(200);
  const people = await ask<{ id: string; name: string }[]>('GET', '/people');
  await ask('DELETE', `/people/${people.find((one) => one.name === name)!.id}`);
}

const inTheDialog = (label: string) =>
  `::-p-xpath(.//*[contains(@class, "ant-modal")]//label[starts-with(normalize-space(), "${label}")]/following::input[1])`;

const ofPerson = (name: string, words: string) =>
  `::-p-xpath(.//li[@aria-label="${name}"]//button[normalize-space()="${words}"])`;

/** Answers who is signed in as if they worked for a second firm. */
async function withAnotherFirm(request: HTTPRequest): Promise<void> {
  const isSession =
    request.method() === 'GET' && new URL(request.url()).pathname === '/api/session';
  if (!isSession) return request.continue();
  const session = await stage.ask<{ firms: object[] }>('GET', '/session');
  const other = { personId: '6b1f8a52-0f0f-4d7e-9d55-0a1b2c3d4e5f', firm: 'Far Hill Water' };
  return request.respond({
    contentType: 'application/json',
    body: JSON.stringify({ ...session, firms: [...session.firms, other] }),
  });
}

/** A visit of Ines Marlow's that is planned for today, to a home of its own. */
async function aPlannedVisit(name: string): Promise<void> {
  const { person } = await stage.ask<{ person: { id: string } }>('GET', '/session');
  const propertyId = await made('/properties', aHome(name));
  const now = new Date();
  const onDate = [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');
  await made('/planned-visits', { propertyId, personId: person.id, onDate, reason: '', notes: '' });
}

/** A change of many homes that was tried to its end; gives its page. */
async function aChange(change: object): Promise<{ id: string; path: string }> {
  const { id } = await stage.ask<{ id: string }>('POST', '/rollouts', {
    ...{ change, on: '2026-06-01', from: '2026-06-01' },
  });
  for (;;) {
    const { state } = await stage.ask<{ state: string }>('GET', `/rollouts/${id}?on=2026-06-01`);
    if (state === 'ready') return { id, path: `/round/homes/${id}?which=all` };
    await new Promise((done) => setTimeout(done, 200));
  }
}
/** Another one each time, on the steps of every timer: what is so already touches nothing. */
let lastPercent = 40;
const aPercentage = () => aChange({ kind: 'percentage', percent: (lastPercent += 10) });

interface TimerOfChange {
  readonly name: string;
  readonly home: { readonly name: string };
  readonly due: { readonly sets?: readonly object[] | null } | null;
}

interface RuleSetOfHomes {
  readonly id: string;
  readonly version: number;
  readonly properties: number;
  readonly document: { readonly periods: readonly object[] };
}

/** The rules of the demo's district, with one more period. */
async function rulesWith(period: object) {
  const sets = await stage.ask<RuleSetOfHomes[]>('GET', '/rule-sets');
  const { id: ruleSetId, version, document } = sets.find(({ properties }) => properties > 0)!;
  const periods = [...document.periods, { from: '2026-05-01', ...period }];
  return { kind: 'rules', ruleSetId, version, document: { ...document, periods } };
}

/** Answers as if a change were being tried still. */
async function asIfWorking(request: HTTPRequest): Promise<void> {
  const { pathname, search } = new URL(request.url());
  if (request.method() !== 'GET' || !/^\/api\/rollouts\/[^/]+$/.test(pathname))
    return request.continue();
  const rollout = await stage.ask<object>('GET', pathname.replace('/api', '') + search);
  return request.respond({
    contentType: 'application/json',
    body: JSON.stringify({ ...rollout, state: 'working' }),
  });
}

/** Somebody at a home tells something, by a link to a sheet that was left. */
async function tellByLink(words: string): Promise<void> {
  const sheetId = await made(`/timers/${(await aTimer()).id}/sheets`, {
    document: {
      ...{ format: 'waterclock.sheet/1', madeOn: '2026-06-01', property: 'Wren corner' },
      ...{ timer: 'Carport', firm: 'Quillhaven Sprinkler Care' },
    },
  });
  const { token } = await stage.ask<{ token: string }>('POST', `/sheets/${sheetId}/links`, {
    days: 30,
  });
  await stage.ask('POST', `/shared/${token}/tellings`, { document: { words } });
}

/** A photo of the demo, opened large. */
async function aPhotoOpen(page: Page): Promise<void> {
  const { propertyId } = await stage.timerOf('Garage timer');
  await open(page, `/properties/${propertyId}/photos`);
  await clickOn(page, 'main section ul button');
  await page.waitForSelector('.ant-modal textarea', { visible: true });
}

const aCalendarLink = () => stage.ask('POST', '/calendar-link');

const EXERCISES: Record<WriteName, Exercise> = {
  'try-change': {
    sends: 'POST /rollouts',
    come: async (page) => {
      await open(page, '/round/homes');
      await clickOn(page, beginning('Try a change'));
      await page.waitForSelector(field('From'));
      return inDialog('Try it');
    },
  },
  'stop-change': {
    sends: 'POST /rollouts/*/stop',
    come: async (page) => {
      const { path } = await aPercentage();
      await page.setRequestInterception(true);
      page.on('request', (request) => void asIfWorking(request));
      await open(page, path);
      await page.waitForSelector(button('Stop'));
      return button('Stop');
    },
  },
  'go-on-with-change': {
    sends: 'POST /rollouts/*/go-on',
    come: async (page) => {
      const { id } = await stage.ask<{ id: string }>('POST', '/rollouts', {
        ...{ change: { kind: 'season-step' }, on: '2026-06-01', from: '2026-06-01' },
      });
      await stage.ask('POST', `/rollouts/${id}/stop?on=2026-06-01`);
      await open(page, `/round/homes/${id}`);
      await page.waitForSelector(button('Go on'));
      return button('Go on');
    },
  },
  'accept-change': {
    sends: 'POST /rollouts/*/accept',
    come: async (page) => {
      await open(page, (await aPercentage()).path);
      await page.waitForSelector('[aria-label^="Accept: "]');
      return '[aria-label^="Accept: "]';
    },
  },
  'accept-all-of-change': {
    sends: 'POST /rollouts/*/accept',
    come: async (page) =>
      askedFirst(page, (await aPercentage()).path, 'Accept all', 'Accept them all'),
  },
  'withdraw-change': {
    sends: 'POST /rollouts/*/withdraw',
    come: async (page) => {
      const { id, path } = await aPercentage();
      await stage.ask('POST', `/rollouts/${id}/accept`, {});
      await open(page, path);
      await page.waitForSelector('[aria-label^="Withdraw: "]');
      return '[aria-label^="Withdraw: "]';
    },
  },
  'note-message': {
    sends: 'PUT /rollouts/*/timers/*/messaged',
    come: async (page) => {
      const { id, path } = await aPercentage();
      await stage.ask('POST', `/rollouts/${id}/accept`, {});
      const { timers } = await stage.ask<{ timers: TimerOfChange[] }>(
        'GET',
        `/rollouts/${id}/timers?which=accepted&skip=0&take=50&on=2026-06-01`,
      );
      // One that the household can set by itself.
      const { home, name } = timers.find(({ due }) => (due?.sets ?? []).length > 0)!;
      await open(page, path);
      await clickOn(page, `[aria-label="Done, put off, message: ${home.name}, ${name}"]`);
      await clickOn(page, '::-p-xpath(.//label[normalize-space()="Ask the household"])');
      const mail = '::-p-xpath(.//*[contains(@class, "ant-modal")]//a[normalize-space()="Mail"])';
      await page.waitForSelector(mail);
      return mail;
    },
  },
  'look-longer': {
    sends: 'POST /rollouts/*/timers/*/look-longer',
    come: async (page) => {
      const houses = [{ houses: 'all', digits: [], weekdays: [] }];
      await open(page, (await aChange(await rulesWith({ houses }))).path);
      await page.waitForSelector('[aria-label^="Look longer: "]');
      return '[aria-label^="Look longer: "]';
    },
  },
  'put-in-force': {
    sends: 'POST /rollouts/*/put-in-force',
    come: async (page) => {
      const { path } = await aChange(await rulesWith({ words: 'Any day.' }));
      await open(page, path);
      await page.waitForSelector(button('Save the rules'));
      return button('Save the rules');
    },
  },
  'close-change': {
    sends: 'PUT /rollouts/*/closed',
    come: async (page) => askedFirst(page, (await aPercentage()).path, 'Close it', 'Close it'),
  },
  'answer-due': {
    sends: 'POST /timers/*/due-answers',
    come: async (page) => {
      await open(page, '/round?whose=firm');
      await clickOn(page, beginning('Done…'));
      return inDialog('Mark it done');
    },
  },
  'withdraw-due-answer': {
    sends: 'DELETE /due-answers/*',
    come: async (page) => {
      await open(page, '/round?whose=firm');
      await clickOn(page, beginning('Done…'));
      await clickOn(page, inDialog('Mark it done'));
      await page.waitForSelector(button('Undo'));
      return button('Undo');
    },
  },
  'plan-visit': {
    sends: 'POST /planned-visits',
    come: async (page) => {
      await open(page, '/round?whose=firm');
      await clickOn(page, beginning('Plan a visit'));
      await page.waitForSelector(field('What for'));
      return inDialog('Plan it');
    },
  },
  'plan-visits': {
    sends: 'POST /planned-visits',
    come: async (page) => {
      await open(page, '/properties');
      await clickOn(page, '[aria-label="Choose Marsh end"]');
      await clickOn(page, button('Plan visits to all…'));
      await page.waitForSelector(field('What for'));
      return inDialog('Plan them all');
    },
  },
  'archive-properties': {
    sends: 'PUT /properties/*/archived',
    come: async (page) => {
      await made('/properties', aHome('Bracken end'));
      await open(page, '/properties?q=bracken');
      await clickOn(page, '[aria-label="Choose Bracken end"]');
      await clickOn(page, button('Archive them…'));
      await page.waitForSelector(inDialog('Archive them all'), { visible: true });
      return inDialog('Archive them all');
    },
  },
  'change-planned-visit': {
    sends: 'PATCH /planned-visits/*',
    come: async (page) => {
      await aPlannedVisit('Sorrel house');
      await open(page, '/round');
      await (await labelled(page, 'Change the visit to Sorrel house')).click();
      await fill(page, field('What for'), 'A leak');
      return inDialog('Save the visit');
    },
  },
  'remove-planned-visit': {
    sends: 'DELETE /planned-visits/*',
    come: async (page) => {
      await aPlannedVisit('Tansy house');
      await open(page, '/round');
      await (await labelled(page, 'Change the visit to Tansy house')).click();
      await page.waitForSelector(field('What for'));
      await clickOn(page, inDialog('Remove the visit…'));
      await page.waitForSelector(inDialog('Remove it'), { visible: true });
      return inDialog('Remove it');
    },
  },
  'change-job-work': {
    sends: 'PUT /jobs/*/work',
    come: async (page) => {
      await open(page, '/round/jobs');
      await clickOn(page, '[data-job] button');
      await fill(page, field('Parts'), 'a nozzle');
      return inDialog('Save the job');
    },
  },
  'order-day': {
    sends: 'PUT /planned-visits/order',
    come: async (page) => {
      await aPlannedVisit('Yarrow house');
      await open(page, '/round');
      await labelled(page, 'Drive to Yarrow house earlier');
      return '[aria-label="Drive to Yarrow house earlier"]';
    },
  },
  'renew-calendar-link': {
    sends: 'POST /calendar-link',
    come: async (page) => {
      await open(page, '/round/plan');
      await page.waitForSelector('[aria-labelledby="feed"] button');
      return beginning('Make a');
    },
  },
  'withdraw-calendar-link': {
    sends: 'DELETE /calendar-link',
    come: async (page) => {
      await aCalendarLink();
      return askedFirst(page, '/round/plan', 'Withdraw…', 'Withdraw it');
    },
  },
  'change-spans': {
    sends: 'PUT /firm/spans',
    come: async (page) => {
      await open(page, '/firm');
      await fill(page, field('Backup battery'), '18');
      await page.keyboard.press('Tab');
      return button('Save the spans');
    },
  },
  'change-coil-limits': {
    sends: 'PUT /firm/coil-limits',
    come: async (page) => {
      await open(page, '/firm');
      await fill(page, field('Fine up to, Ω, mains timers'), '70');
      await page.keyboard.press('Tab');
      return button('Save the limits');
    },
  },
  'add-copy': {
    sends: 'POST /timers/*/copies',
    come: async (page) => {
      await goTo(page, `${await stage.deskOf('Garage timer')}&mode=season`);
      await clickOn(page, button('Plan the winter copy'));
      return button('Keep as the winter copy');
    },
  },
  'begin-second-factor': {
    sends: 'POST /account/second-factor',
    by: 'Piet Lark',
    come: async (page) => {
      await open(page, '/account');
      return button('Set one up');
    },
  },
  'change-over': {
    sends: 'PUT /session/firm',
    come: async (page) => {
      // Somebody who works for another firm too: the demo has one firm only.
      await page.setRequestInterception(true);
      page.on('request', (request) => void withAnotherFirm(request));
      await open(page, '/rules');
      await (await labelled(page, 'You: Ines Marlow')).click();
      return '::-p-xpath(.//li[contains(@class, "ant-dropdown-menu-item")][normalize-space()="Work for Far Hill Water"])';
    },
  },
  'change-password': {
    sends: 'PUT /account/password',
    by: 'Piet Lark',
    come: async (page) => {
      await open(page, '/account');
      await fill(page, field('The new one'), 'seven quiet gutters');
      return button('Change the password');
    },
  },
  'change-person': {
    sends: 'PATCH /people/*',
    by: 'Greta Holloway',
    come: async (page) => {
      await invited('Odo Brandt');
      await open(page, '/firm');
      return ofPerson('Odo Brandt', 'Lock out');
    },
  },
  'confirm-second-factor': {
    sends: 'PUT /account/second-factor',
    by: 'Tobias Fenn',
    come: async (page) => {
      await open(page, '/account');
      await clickButton(page, 'Set one up');
      await fill(page, field('The six digits'), '000000');
      return button('Ask for it from now on');
    },
  },
  'end-other-sessions': {
    sends: 'DELETE /account/sessions',
    by: 'Greta Holloway',
    come: async (page) => {
      await signIn(stage.url(), 'Greta Holloway');
      await open(page, '/account');
      return button('End all others');
    },
  },
  'end-session': {
    sends: 'DELETE /account/sessions/*',
    by: 'Greta Holloway',
    come: async (page) => {
      await signIn(stage.url(), 'Greta Holloway');
      await open(page, '/account');
      return button('End');
    },
  },
  'invite-person': {
    sends: 'POST /people',
    by: 'Greta Holloway',
    come: async (page) => {
      await open(page, '/firm');
      await fill(page, '#name', 'Wendel Ash');
      await fill(page, '#email', 'wendel@quillhaven.example');
      return button('Invite');
    },
  },
  'link-person': {
    sends: 'POST /people/*/link',
    by: 'Greta Holloway',
    come: async (page) => {
      await invited('Runa Lind');
      await open(page, '/firm');
      return ofPerson('Runa Lind', 'New link');
    },
  },
  'remove-person': {
    sends: 'DELETE /people/*',
    by: 'Greta Holloway',
    come: async (page) => {
      await invited('Bela Stone');
      await open(page, '/firm');
      await clickOn(page, ofPerson('Bela Stone', 'Remove…'));
      return inDialog('Remove Bela Stone');
    },
  },
  'remove-second-factor': {
    sends: 'DELETE /account/second-factor',
    by: 'Tobias Fenn',
    come: async (page) => {
      await withAuthenticator('Tobias Fenn');
      await open(page, '/account');
      return button('Remove it');
    },
  },
  'forget-second-factor': {
    sends: 'DELETE /people/*/second-factor',
    by: 'Greta Holloway',
    come: async (page) => {
      await withAuthenticator('Tobias Fenn');
      await open(page, '/firm');
      await clickOn(page, ofPerson('Tobias Fenn', 'Authenticator lost…'));
      return inDialog('Remove it');
    },
  },
  'erase-person': {
    sends: 'POST /former-people/*/erasure',
    by: 'Greta Holloway',
    come: async (page) => {
      await left('Lio Marsh');
      await open(page, '/firm/keeping');
      await clickOn(page, ofPerson('Lio Marsh', 'Erase the name…'));
      await fill(page, inTheDialog('Type'), 'Lio Marsh');
      return inDialog('Erase for good');
    },
  },
  'erase-contact': {
    sends: 'POST /properties/*/contact-erasure',
    by: 'Greta Holloway',
    come: async (page) => {
      const home = { ...aHome('Contact gone'), contactName: 'Odalys Fenn' };
      return askedFirst(
        page,
        `/properties/${await made('/properties', home)}`,
        'Erase the contact',
        'Erase the contact',
      );
    },
  },
  'erase-property': {
    sends: 'POST /properties/*/erasure',
    by: 'Greta Holloway',
    come: async (page) => {
      const id = await made('/properties', aHome('Long gone'));
      await stage.ask('PUT', `/properties/${id}/archived`, { archived: true });
      await open(page, `/properties/${id}`);
      await clickOn(page, button('Erase…'));
      await fill(page, inTheDialog('Type'), 'Long gone');
      return inDialog('Erase for good');
    },
  },
  'set-keeping': {
    sends: 'PUT /firm/keeping',
    by: 'Greta Holloway',
    come: async (page) => {
      await open(page, '/firm/keeping');
      await clickOn(page, field('What was removed'));
      return '::-p-xpath(.//div[contains(@class, "ant-select-item-option")][contains(., "90 days")])';
    },
  },
  'use-link': {
    sends: 'POST /session/links/*',
    by: null,
    come: async (page) => {
      await open(page, `/join/${await invited('Juna Weber')}`);
      await fill(page, '[name="password"]', 'seven quiet gutters');
      return button('Join');
    },
  },
  'add-property': {
    sends: 'POST /properties',
    come: async (page) => {
      await open(page, '/properties/new');
      await fill(page, '#name', 'Twice pressed');
      return button('Add the property');
    },
  },
  'add-rules': {
    sends: 'POST /rule-sets',
    come: async (page) => {
      await open(page, '/rules/new');
      await fill(page, field('District'), 'Upper Quillhaven');
      return button('Save the rules');
    },
  },
  'add-timer': {
    sends: 'POST /properties/*/timers',
    come: async (page) => {
      await open(page, `/properties/${(await aTimer()).propertyId}`);
      await clickButton(page, 'Add a timer');
      await fill(page, '.ant-modal #name', 'Back wall');
      return inDialog('Add the timer');
    },
  },
  'add-timer-type': {
    sends: 'POST /timer-types',
    come: async (page) => {
      await open(page, '/timer-types/new?like=wall-12');
      await fill(page, field('Name you will know it by'), 'Twelve, pressed twice');
      return button('Add the type');
    },
  },
  'add-weather': {
    sends: 'POST /weather',
    come: async (page) => {
      await open(page, '/weather/new');
      await fill(page, field('Where it was read'), 'Far hill');
      await fill(page, field('Latitude'), '38');
      await clickOn(page, '::-p-xpath(.//label[contains(., "Simulated station")])');
      return button('Save the weather');
    },
  },
  'archive-property': {
    sends: 'PUT /properties/*/archived',
    come: async (page) =>
      askedFirst(
        page,
        `/properties/${await made('/properties', aHome('Moved away'))}`,
        'Archive',
        'Archive it',
      ),
  },
  'lead-through': {
    sends: 'PUT /properties/*/set-up',
    come: async (page) => {
      const home = { ...aHome('Led through'), isLed: true };
      await open(page, `/properties/${await made('/properties', home)}`);
      await clickOn(page, beginning('Leave out'));
      return inDialog('Leave it out');
    },
  },
  'bring-back': {
    sends: 'POST /rule-sets/*/bring-back',
    come: async (page) => {
      const id = await made('/rule-sets', aRuleSet('Taken away'));
      await open(page, `/rules/${id}`);
      await clickOn(page, beginning('Remove'));
      await clickOn(page, inDialog('Remove them'));
      return button('Undo');
    },
  },
  'begin-visit': {
    sends: 'POST /timers/*/visits',
    come: async (page) => {
      await open(page, `/timers/${(await stage.timerOf('Boat shed')).id}/visit`);
      return button('Begin a visit');
    },
  },
  'hold-timer': {
    sends: 'PUT /timers/*/holds',
    come: async (page) => {
      await open(page, `/properties/${(await stage.timerOf('Boat shed')).propertyId}/week`);
      return button('Hold');
    },
  },
  'change-clock': {
    sends: 'PATCH /session',
    come: async (page) => {
      await open(page, '/rules');
      await (await labelled(page, 'You: Ines Marlow')).click();
      return '::-p-xpath(.//li[contains(@class, "ant-dropdown-menu-item")][contains(., "-hour clock")])';
    },
  },
  'change-copy': {
    sends: 'PATCH /copies/*',
    come: async (page) => {
      await aSheet();
      const copies = await stage.ask<{ id: string; isInTimer: boolean }[]>(
        'GET',
        `/timers/${(await aTimer()).id}/copies`,
      );
      await open(page, `/copies/${copies.find(({ isInTimer }) => !isInTimer)!.id}`);
      return button('The timer holds this one');
    },
  },
  'change-customary': {
    sends: 'PUT /firm/customary',
    come: async (page) => {
      await open(page, '/firm');
      await typeInCell(page, 'spray, minutes a watering', '11');
      return button('Save the table');
    },
  },
  'change-firm': {
    sends: 'PATCH /firm',
    by: 'Greta Holloway',
    come: async (page) => {
      await open(page, '/firm');
      return '::-p-xpath(.//label[contains(@class, "ant-radio-wrapper")][starts-with(., "US")])';
    },
  },
  'change-job': {
    sends: 'PATCH /jobs/*',
    come: async (page) => {
      const document = { kind: 'station', station: 1, faults: ['leak'], note: '' };
      await stage.ask('POST', `/visits/${await aVisit()}/entries`, {
        id: crypto.randomUUID(),
        seen: 0,
        observedAt: new Date().toISOString(),
        document,
      });
      await open(page, `/properties/${(await aTimer()).propertyId}`);
      return '[aria-labelledby="jobs"] li[data-done="false"] input';
    },
  },
  'change-property': {
    sends: 'PUT /properties/*',
    come: async (page) => {
      await open(page, `/properties/${await made('/properties', aHome('Changed once'))}/edit`);
      await fill(page, '#name', 'Changed one time');
      return button('Save the property');
    },
  },
  'change-rules': {
    sends: 'PUT /rule-sets/*',
    come: async (page) => {
      await open(page, `/rules/${await made('/rule-sets', aRuleSet('Lower Quillhaven'))}`);
      return button('Save the rules');
    },
  },
  'change-timer': {
    sends: 'PATCH /timers/*',
    come: async (page) => {
      await open(page, `/properties/${(await aTimer()).propertyId}`);
      await clickOn(page, '[aria-label="Can the timer store a copy of its own"]');
      return '::-p-xpath(.//div[contains(@class, "ant-select-item-option")][contains(., "can store")])';
    },
  },
  'change-timer-type': {
    sends: 'PUT /timer-types/*',
    come: async (page) => {
      await open(
        page,
        `/timer-types/${await made('/timer-types', await aTimerType('Changed once'))}`,
      );
      await fill(page, field('How to tell it'), 'grey, with a door');
      return button('Save the type');
    },
  },
  'change-weather': {
    sends: 'PUT /weather/*',
    come: async (page) => {
      await open(page, `/weather/${await made('/weather', aWeather('Mill'))}`);
      await fill(page, field('Where it was read'), 'Old mill');
      return button('Save the weather');
    },
  },
  'choose-weather': {
    sends: 'PUT /properties/*',
    come: async (page) => {
      await open(page, `/weather/new?for=${await made('/properties', aHome('Dry corner'))}`);
      await fill(page, field('Latitude'), '38');
      await clickOn(page, '::-p-xpath(.//label[contains(., "Simulated station")])');
      return button('Save the weather');
    },
  },
  'command-simulator': {
    sends: 'POST /timers/*/simulator/commands',
    come: async (page) => {
      const { id } = await stage.timerOf('Garage timer');
      await made(`/timers/${id}/visits`, {});
      await open(page, `/timers/${id}/visit/walk`);
      await clickButton(page, 'Use a simulated one');
      return button('Turn it on');
    },
  },
  'begin-practice': {
    sends: 'PUT /practice',
    come: async (page) => {
      await open(page, '/practice/percentage?case=4');
      return button('Drive there');
    },
  },
  'command-practice': {
    sends: 'POST /practice/commands',
    come: async (page) => {
      await practising(page);
      await clickOn(page, '::-p-xpath(.//label[starts-with(., "Put right")]/following::input[1])');
      await clickOn(page, '::-p-xpath(.//*[@title="The rain sensor"])');
      return button('Do it');
    },
  },
  'judge-practice': {
    sends: 'POST /practice/judgement',
    come: async (page) => {
      await practising(page);
      return button('It is put right');
    },
  },
  'connect-simulator': {
    sends: 'PUT /timers/*/simulator',
    come: async (page) => {
      await onVisit(page, 'walk');
      return button('Use a simulated one');
    },
  },
  'end-visit': {
    sends: 'PATCH /visits/*',
    come: async (page) => {
      await leaveSheet(page);
      await clickOn(page, beginning('End the visit'));
      return inDialog('End the visit all the same');
    },
  },
  'import-property': {
    sends: 'POST /property-files',
    come: async (page) => {
      await giveFile(page, await importing(page, 'Ring three times'));
      return beginning('Import it');
    },
  },
  'leave-sheet': {
    sends: 'POST /timers/*/sheets',
    come: async (page) => {
      await leaveSheet(page);
      return beginning('Leave this sheet');
    },
  },
  'preview-import': {
    sends: 'POST /property-files/preview',
    come: async (page) => {
      const text = await importing(page, 'Ring four times');
      // A file is chosen in a window of the browser's own: what that brings is pressed in its place.
      await page.evaluate((content) => {
        const pressed = document.createElement('button');
        pressed.id = 'chosen-file';
        pressed.style.cssText = 'position:fixed;top:0;left:0;z-index:5000';
        pressed.textContent = 'the file';
        pressed.onclick = () => {
          const input = document.querySelector<HTMLInputElement>('.ant-modal input[type="file"]')!;
          const data = new DataTransfer();
          data.items.add(new File([content], 'home.property.json'));
          input.files = data.files;
          input.dispatchEvent(new Event('change', { bubbles: true }));
        };
        document.querySelector('.ant-modal-body')!.append(pressed);
      }, text);
      return '#chosen-file';
    },
  },
  'remove-rules': {
    sends: 'DELETE /rule-sets/*',
    come: async (page) =>
      askedFirst(
        page,
        `/rules/${await made('/rule-sets', aRuleSet('No more'))}`,
        'Remove',
        'Remove them',
      ),
  },
  'remove-timer-type': {
    sends: 'DELETE /timer-types/*',
    come: async (page) =>
      askedFirst(
        page,
        `/timer-types/${await made('/timer-types', await aTimerType('No more'))}`,
        'Remove',
        'Remove it',
      ),
  },
  'remove-weather': {
    sends: 'DELETE /weather/*',
    come: async (page) =>
      askedFirst(
        page,
        `/weather/${await made('/weather', aWeather('No more'))}`,
        'Remove',
        'Remove it',
      ),
  },
  'close-telling': {
    sends: 'PATCH /tellings/*',
    come: async (page) => {
      await tellByLink('Water on the path');
      await open(page, '/round');
      return '[data-telling] .ant-btn:last-of-type';
    },
  },
  'keep-photo': {
    sends: 'POST /timers/*/photos',
    come: async (page) => {
      await open(page, `/properties/${(await aTimer()).propertyId}/photos`);
      const path = join(process.cwd(), '.reports', 'a-photo.png') as `${string}.png`;
      await page.screenshot({ path });
      void page.waitForFileChooser().then((chooser) => chooser.accept([path]));
      return button('Photo of its front');
    },
  },
  'say-of-photo': {
    sends: 'PUT /photos/*',
    come: async (page) => {
      await aPhotoOpen(page);
      await page.type('.ant-modal textarea', 'Seen twice');
      return inDialog('Save');
    },
  },
  'remove-photo': {
    sends: 'DELETE /photos/*',
    come: async (page) => {
      await aPhotoOpen(page);
      await clickOn(page, inDialog('Take away…'));
      await page.waitForSelector(button('Take it away'), { visible: true });
      return button('Take it away');
    },
  },
  'save-as-found': {
    sends: 'POST /timers/*/copies',
    come: async (page) => {
      await open(page, `/timers/${(await aTimer()).id}/as-found`);
      await clickOn(page, beginning('Begin from copy'));
      await page.waitForSelector('[aria-label="Findings"]');
      for (;;) {
        const next = await page.waitForSelector('[aria-label="Steps"] .ant-btn-primary');
        if (await next!.evaluate((one) => one.textContent.includes('Save as found'))) break;
        await next!.click();
      }
      return button('Save as found');
    },
  },
  'save-as-left': {
    sends: 'POST /timers/*/copies',
    come: async (page) => {
      await goTo(page, await stage.deskOf('Boat shed'));
      await labelled(page, 'Program A, start 1');
      await clickButton(page, 'This timer');
      await clickMenuItem(page, 'As left: the timer holds these settings now');
      return inDialog('The timer holds just this');
    },
  },
  'save-settings': {
    sends: 'PUT /timers/*/settings',
    come: async (page) => {
      await goTo(page, await stage.deskOf('Carport'));
      await typeInCell(page, 'Program A, start 1', '0217');
      return button('Save settings');
    },
  },
  'save-yard': {
    sends: 'PUT /timers/*/yard',
    come: async (page) => {
      await open(page, `/timers/${(await aTimer()).id}/yard`);
      await typeInCell(page, 'Station 1, name', 'By the kerb');
      return button('Save the yard');
    },
  },
  'set-up': {
    sends: 'POST /setup',
    by: null,
    come: async (page) => {
      await goTo(page, `${empty.url()}/sign-in`);
      await fill(page, '[name="code"]', SETUP_CODE);
      await fill(page, '[name="firm"]', 'Quillhaven Sprinkler Care');
      await fill(page, '[name="name"]', 'Ines Marlow');
      await fill(page, '[name="email"]', 'ines@quillhaven.example');
      await fill(page, '[name="password"]', 'seven quiet gutters');
      return button('Set up and begin');
    },
  },
  'share-sheet': {
    sends: 'POST /sheets/*/links',
    come: async (page) => {
      await leaveSheet(page);
      await clickOn(page, beginning('Leave this sheet'));
      return button('Make a link');
    },
  },
  'sign-in': {
    sends: 'POST /session',
    by: null,
    come: async (page) => {
      await goTo(page, `${stage.url()}/sign-in`);
      await fill(page, '[name="email"]', 'nobody@quillhaven.example');
      await fill(page, '[name="password"]', 'not a password of theirs');
      return button('Sign in');
    },
  },
  'sign-in-demo': {
    sends: 'POST /session/demo',
    by: null,
    come: async (page) => {
      await goTo(page, `${stage.url()}/sign-in`);
      return beginning('Tobias Fenn');
    },
  },
  'sign-out': {
    sends: 'DELETE /session',
    by: null,
    come: async (page) => {
      await goTo(page, `${stage.url()}/sign-in`);
      await clickOn(page, beginning('Tobias Fenn'));
      await (await labelled(page, 'You: Tobias Fenn')).click();
      return '::-p-xpath(.//li[contains(@class, "ant-dropdown-menu-item")][normalize-space()="Sign out"])';
    },
  },
  'visit-entry': {
    sends: 'POST /visits/*/entries',
    come: async (page) => {
      await onVisit(page, 'walk');
      return button('Fine');
    },
  },
  'withdraw-link': {
    sends: 'DELETE /links/*',
    come: async (page) => {
      await leaveSheet(page);
      await clickOn(page, beginning('Leave this sheet'));
      await clickButton(page, 'Make a link');
      await clickOn(page, beginning('Withdraw'));
      return inDialog('Withdraw it');
    },
  },
};

/** A request as exercises name it, ids left out. */
const nameOf = (request: HTTPRequest): string => {
  const path = new URL(request.url()).pathname.replace(/^\/api/, '');
  const name = path.replace(/[\da-f]{8}-[\da-f-]{27}/g, '*').replace(/[\w-]{43}$/, '*');
  return `${request.method()} ${name}`;
};

it.each(WRITE_NAMES.map((name) => [name]))('%s: pressed twice, it is sent once', async (name) => {
  const { sends, come, by } = EXERCISES[name];
  const page = await (by === undefined
    ? stage.newPage()
    : by === null
      ? stage.pageOf(null)
      : stage.againPageOf(by));
  const selector = await come(page);
  const sent: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('/api/') && request.method() !== 'GET') sent.push(nameOf(request));
  });
  const pressed = page.locator(selector).setTimeout(120_000);
  await pictured(page, `find ${selector}`, () => pressed.wait());
  await page.waitForNetworkIdle({ idleTime: 100, concurrency: 2 });
  // The answer comes late, as it does on a weak signal: the second press falls into the waiting.
  await page.emulateNetworkConditions({ download: 1e6, upload: 1e6, latency: 150 });
  const answered = page.waitForResponse((answer) => nameOf(answer.request()) === sends);
  await pictured(page, `press ${selector}`, () => pressed.click({ count: 2 }));
  await pictured(page, `hear of ${sends}`, () => answered);
  // What waits in the queue of entries is sent when the one before it has been answered.
  await page.waitForNetworkIdle({ idleTime: 100, concurrency: 2 });
  expect(sent.filter((one) => one === sends)).toEqual([sends]);
  const writes = await page.evaluate(() =>
    performance.getEntriesByType('mark').map((mark) => mark.name),
  );
  expect(writes).toContain(`write ${name}`);
  await page.setRequestInterception(false);
  await page.close();
});
