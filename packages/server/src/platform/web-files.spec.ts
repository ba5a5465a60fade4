import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import express from 'express';
import request from 'supertest';
import { webFiles } from './web-files.js';

const folder = mkdtempSync(join(tmpdir(), 'water-clock-web-'));
mkdirSync(join(folder, 'assets'));
for (const [name, text] of [
  ['index.html', 'the application'],
  ['share.html', 'the share page'],
  ['assets/main-abc.js', 'const script = 1;'],
] as const) {
  writeFileSync(join(folder, name), text);
  writeFileSync(join(folder, `${name}.br`), brotliCompressSync(text));
}

const web = webFiles(folder);
const app = express().use('/assets', web.assets).use(web.pages);
app.get('/api/thing', (_request, response) => void response.json({ is: 'the api' }));

const get = (path: string, encoding = 'br') =>
  request(app).get(path).set('Accept-Encoding', encoding);

it('gives scripts as they were compressed, to be kept for a year', async () => {
  const { headers } = await get('/assets/main-abc.js').expect(200);
  expect(headers['content-encoding']).toBe('br');
  expect(headers['cache-control']).toContain('immutable');
  expect(headers['content-type']).toContain('javascript');
  const plain = await get('/assets/main-abc.js', 'identity').expect(200);
  expect(plain.headers['content-encoding']).toBeUndefined();
  await get('/assets/gone.js').expect(404);
});

it('answers every address of the application with its page, and a link with the share page', async () => {
  const plain = (path: string) => request(app).get(path).set('Accept-Encoding', 'identity');
  for (const path of ['/', '/properties', '/timers/1/visit/walk', '/sign-in'])
    expect((await plain(path).expect(200)).text).toBe('the application');
  const shared = await plain('/s/some-token').expect(200);
  expect(shared.text).toBe('the share page');
  expect(shared.headers['cache-control']).toBe('no-cache');
  await plain('/nowhere.png').expect(404);
  expect((await plain('/api/thing').expect(200)).body).toEqual({ is: 'the api' });
  await request(app).post('/properties').expect(404);
});
