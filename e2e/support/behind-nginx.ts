import { execFileSync, spawn } from 'node:child_process';
import { readFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { Agent, request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { freePort } from '../../tools/cluster.js';
import { checkout } from '../../tools/data-folder.js';
import { endsWithUs } from '../../tools/ends-with-us.js';

const NGINX = '/usr/sbin/nginx';
const SITE = join(checkout, 'deploy/nginx/water-clock.conf');

export interface Answer {
  /** 0: none came. */
  readonly status: number;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
  readonly body: unknown;
}

export interface BehindNginx {
  readonly url: string;
  /** Without TLS. */
  readonly plainUrl: string;
  readonly ask: (method: string, path: string, body?: object, cookie?: string) => Promise<Answer>;
  readonly stop: () => Promise<void>;
}

/** The set-up that we ship, but for its ports, its name and its certificate, which is made for this once. */
function siteFor(ports: readonly number[], tls: number, plain: number, folder: string): string {
  const shipped = readFileSync(SITE, 'utf8');
  const others = [4781, 4782, 4783];
  const changed = others.reduce(
    (text, port, index) => text.replace(`127.0.0.1:${port}`, `127.0.0.1:${ports[index]}`),
    shipped,
  );
  return changed
    .replace('listen 80;', `listen 127.0.0.1:${plain};`)
    .replace('listen 443 ssl', `listen 127.0.0.1:${tls} ssl`)
    .replaceAll('timers.example', '127.0.0.1')
    .replaceAll('/etc/water-clock/', `${folder}/`);
}

function makeCertificate(folder: string): string {
  execFileSync(
    'openssl',
    [
      ...['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes'],
      ...['-days', '2', '-subj', '/CN=127.0.0.1', '-addext', 'subjectAltName=IP:127.0.0.1'],
      ...['-keyout', join(folder, 'tls.key'), '-out', join(folder, 'tls.crt')],
    ],
    { stdio: 'ignore' },
  );
  return readFileSync(join(folder, 'tls.crt'), 'utf8');
}

/** nginx before three server processes, with TLS. */
export async function startNginx(ports: readonly [number, number, number]): Promise<BehindNginx> {
  const folder = mkdtempSync(join(tmpdir(), 'water-clock-nginx-'));
  const [tls, plain] = [await freePort(), await freePort()];
  const ca = makeCertificate(folder);
  const kinds = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'];
  const temporary = kinds.map((kind) => `${kind}_temp_path ${folder}/${kind};`).join('\n');
  const isRoot = process.getuid?.() === 0;
  writeFileSync(
    join(folder, 'nginx.conf'),
    `${isRoot ? 'user root;' : ''}
     daemon off; pid ${folder}/nginx.pid; error_log ${folder}/error.log;
     worker_processes 1; events { worker_connections 512; }
     http { access_log off; ${temporary}
       ${siteFor(ports, tls, plain, folder)} }`,
  );
  const words = ['-p', folder, '-c', join(folder, 'nginx.conf'), '-e', join(folder, 'error.log')];
  execFileSync(NGINX, ['-t', ...words], { stdio: 'ignore' });
  const nginx = spawn(NGINX, words, { stdio: 'ignore' });
  nginx.once(
    'exit',
    endsWithUs(() => nginx.kill('SIGKILL')),
  );
  const agent = new Agent({ ca, keepAlive: true, maxSockets: 32 });
  const url = `https://127.0.0.1:${tls}`;
  const ask: BehindNginx['ask'] = (method, path, body, cookie) =>
    asked(agent, `${url}/api${path}`, method, body, cookie);
  while ((await ask('GET', '/health')).status !== 200) await pause(100);
  return {
    url,
    plainUrl: `http://127.0.0.1:${plain}`,
    ask,
    stop: async () => {
      agent.destroy();
      const ended = new Promise((resolve) => nginx.once('exit', resolve));
      nginx.kill('SIGTERM');
      await ended;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** One request; no answer is one too. */
function asked(
  agent: Agent,
  url: string,
  method: string,
  body?: object,
  cookie?: string,
): Promise<Answer> {
  return new Promise((resolve) => {
    const none = () => resolve({ status: 0, headers: {}, body: null });
    const sent = request(url, {
      agent,
      method,
      headers: {
        ...(body && { 'content-type': 'application/json' }),
        ...(cookie !== undefined && { cookie }),
      },
    });
    sent.once('error', none);
    sent.once('response', (response) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.once('error', none);
      response.once('end', () => {
        const text = Buffer.concat(parts).toString();
        const isJson = /json/.test(response.headers['content-type'] ?? '');
        const { statusCode = 0, headers } = response;
        resolve({ status: statusCode, headers, body: isJson ? JSON.parse(text) : text });
      });
    });
    sent.end(body && JSON.stringify(body));
  });
}
