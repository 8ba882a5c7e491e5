// Keeps a server and a worker running: node bin/keep.mjs [FOLDER]. One that dies is started again after a pause that grows
// while it keeps dying. What they say goes to FOLDER/server.log and FOLDER/worker.log, readable by their owner alone, in
// files that are turned over and never emptied at a start. It alone has the key that makes a database: the server asks it
// for a practice shop.
import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { createStream } from 'rotating-file-stream';
import { practiceShop } from './practice-shop.mjs';

const folder = process.argv[2] ?? 'var';
mkdirSync(folder, { recursive: true, mode: 0o700 });

const PAUSE = { first: 500, most: 30_000 };
/** Whoever ran so long was well: the next pause is the first one again. */
const WELL_MS = 60_000;
const LOG = { size: '5M', maxFiles: 6, mode: 0o600, path: folder };

const CHILDREN = {
  server: ['bin/serve.mjs'],
  worker: ['--import', 'tsx', 'src/cli/work.ts'],
};

let stopping = false;
const running = new Map();

const CONTROL = /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u2028\u2029]/g;
/** Control characters are shown, not obeyed: no line is forged and no terminal is driven. */
const plain = (text) =>
  text.replace(CONTROL, (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`);

function keep(name, pause = PAUSE.first) {
  const log = logOf(name);
  const started = Date.now();
  const env = { ...process.env };
  delete env.MIGRATE_URL;
  // Whoever serves the web has no key to the backup.
  if (name === 'server') delete env.BACKUP_URL;
  const child = spawn(process.execPath, CHILDREN[name], { env, stdio: ['ignore', 'pipe', 'pipe', 'ipc'] });
  running.set(name, child);
  if (name === 'server') practice.answer(child);
  written(child, log);
  child.on('exit', (code, signal) => {
    running.delete(name);
    if (stopping) return finish();
    const next = Date.now() - started > WELL_MS ? PAUSE.first : Math.min(PAUSE.most, pause * 2);
    const wait = Date.now() - started > WELL_MS ? PAUSE.first : pause;
    log.write(
      `${JSON.stringify({ level: 50, time: Date.now(), msg: `${name} ended; it is started again`, code, signal, waitMs: wait })}\n`,
    );
    setTimeout(() => !stopping && keep(name, next), wait);
  });
}

function written(child, log) {
  for (const stream of [child.stdout, child.stderr]) {
    stream.setEncoding('utf8');
    stream.on('data', (text) => log.write(plain(text)));
  }
}

const logs = new Map();
function logOf(name) {
  if (!logs.has(name)) logs.set(name, createStream(`${name}.log`, LOG));
  return logs.get(name);
}

function finish() {
  if (running.size === 0) process.exit(0);
}

for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    stopping = true;
    practice.stop();
    for (const child of running.values()) child.kill('SIGTERM');
    setTimeout(() => process.exit(0), 5000).unref();
    finish();
  });
}

const practice = practiceShop((child) => written(child, logOf('practice')));
for (const name of Object.keys(CHILDREN)) keep(name);
