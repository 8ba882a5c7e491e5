import { spawn, spawnSync } from 'node:child_process';
import { gzipSync } from 'node:zlib';
import { launch, openPage, settled, signInAs } from '../browser/chromium';
import type { Bench, Figure } from './figure';

const PAGES = ['', 'pull', 'combine'] as const;

/** Bytes of script, gzipped, that a page loads until it takes its first input. */
async function scriptOf(origin: string, path: string, signedIn: boolean): Promise<number> {
  const browser = await launch();
  const { page } = await openPage(browser);
  let bytes = 0;
  if (signedIn) await signInAs(page, origin, 'owner@heronroom.invalid', 'heron-owner-demo');
  await page.setCacheEnabled(false);
  page.on('response', (response) => {
    if (/\.js($|\?)/.test(response.url()))
      void response.buffer().then(
        (text) => (bytes += gzipSync(text).byteLength),
        () => undefined,
      );
  });
  const [box] = await page.$$eval('a[href*="/box/"]', (links) =>
    links.map((link) => link.getAttribute('href') ?? ''),
  );
  await page.goto(origin + path.replace('BOX', (box ?? '').replace(/\/[a-z]+$/, '')));
  await settled(page);
  await browser.close();
  return bytes;
}

/** The bare shell: React and Mantine with nothing on it, as the account page has them. */
const SHELL = '/account';

async function run(): Promise<Figure[]> {
  const origin = process.env.IVORY_RAIL ?? '';
  const shell = await scriptOf(origin, SHELL, true);
  const figures: Figure[] = [];
  for (const page of PAGES) {
    const bytes = await scriptOf(origin, page === '' ? '/' : `BOX/${page}`, true);
    const ratio = bytes / shell;
    figures.push({
      name: `script of ${page === '' ? 'the Desk' : page} until its first input, gzipped; the shell has ${Math.round(shell / 1000)} kB`,
      value: Math.round(bytes / 1000),
      unit: 'kB',
      ratio,
      reach: '≤ 1.8',
      ok: ratio <= 1.8,
    });
  }
  return figures;
}

const begun = (): (() => number) => {
  const at = performance.now();
  return () => performance.now() - at;
};

/** Starts the app as a person would, until it says where it is; ms. It is stopped again. */
async function startOnce(port: number): Promise<number> {
  const ms = begun();
  const child = spawn('bin/start', [], {
    env: { ...process.env, PORT: String(port), DATABASE_URL: '' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const took = await new Promise<number>((done, fail) => {
    child.stdout.on('data', (text: Buffer) => text.includes('Ivory Rail is at') && done(ms()));
    child.on('exit', (code) => fail(new Error(`bin/start ended with ${code}`)));
  });
  child.removeAllListeners('exit');
  await new Promise((done) => {
    child.on('exit', done);
    child.kill('SIGTERM');
  });
  return took;
}

/** A second start beside node and PostgreSQL started bare, on a cluster that is there already. */
async function startRun(): Promise<Figure[]> {
  const bareMs = spawnSync(
    'bash',
    [
      '-c',
      `. bin/cluster.sh; W=$(mktemp -d /tmp/ivory-rail-bare.XXXXXX); chmod 755 "$W"
       (start_cluster "$W/pg" throwaway; stop_cluster) >/dev/null 2>&1
       T=$(date +%s%N); start_cluster "$W/pg" throwaway >/dev/null 2>&1; node -e 0; echo $((($(date +%s%N) - T) / 1000000))
       stop_cluster >/dev/null 2>&1; rm -rf "$W"`,
    ],
    { encoding: 'utf8' },
  ).stdout;
  const bare = Number(bareMs.trim().split('\n').at(-1));
  await startOnce(4399);
  const second = await startOnce(4399);
  return [
    {
      name: `start, the second time; node and PostgreSQL bare take ${bare} ms`,
      value: Math.round(second),
      unit: 'ms',
      ratio: second / bare,
      reach: '≤ 1.5',
      ok: second / bare <= 1.5,
    },
  ];
}

export const page: Bench = { name: 'page', run };
export const start: Bench = { name: 'start', run: startRun };
