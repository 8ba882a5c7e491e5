// The practice shop of a real one: a database and a server of its own beside it, made, opened and dropped when the server asks.
// Its work on the database is done as the owner of the schema; its server is given the app's key alone.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';

const READY_MS = 60_000;
const LOOK_MS = 200;

const freePort = () =>
  new Promise((done, failed) => {
    const probe = createServer();
    probe.once('error', failed);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => done(port));
    });
  });

/** `written` is given each process that says something, to be written down. */
export function practiceShop(written) {
  let state = 'closed';
  let origin;
  let fault;
  let child;

  const become = (next, words) => {
    state = next;
    fault = words;
  };

  /** What is done to its database, in a process that has the key and ends. Resolves with its last line. */
  function tended(what) {
    return new Promise((done, failed) => {
      const worker = spawn(process.execPath, ['--import', 'tsx', 'src/cli/practice-shop.ts', what], {
        env: process.env,
        stdio: ['ignore', 'pipe', 'pipe'],
      });
      let said = '';
      worker.stdout.on('data', (text) => (said += text));
      written(worker);
      worker.on('error', failed);
      worker.on('exit', (code) => {
        const line = said.trim().split('\n').at(-1) ?? '';
        if (code === 0) done(line);
        else
          failed(new Error(line || 'Its database could not be made; the log of the practice shop says why.'));
      });
    });
  }

  async function open() {
    if (state !== 'closed') return;
    become('opening');
    try {
      const name = await tended('open');
      const databaseUrl = Object.assign(new URL(process.env.DATABASE_URL), {
        pathname: `/${name}`,
      }).toString();
      const port = await freePort();
      const env = { ...process.env, DATABASE_URL: databaseUrl, PORT: String(port), PRACTICE_SHOP: '1' };
      delete env.MIGRATE_URL;
      delete env.BACKUP_URL;
      delete env.SITE_URL;
      delete env.TRUST_PROXY;
      delete env.FIRST_VISIT_CODE;
      child = spawn(process.execPath, ['bin/serve.mjs'], { env, stdio: ['ignore', 'pipe', 'pipe'] });
      written(child);
      const mine = child;
      mine.on('exit', () => {
        if (child !== mine) return;
        child = undefined;
        if (state === 'open') become('closed', 'It ended by itself; open it again.');
      });
      origin = `http://127.0.0.1:${port}`;
      for (let waited = 0; child === mine; waited += LOOK_MS) {
        if (
          await fetch(`${origin}/health`).then(
            (answer) => answer.ok,
            () => false,
          )
        )
          return become('open');
        if (waited > READY_MS) break;
        await new Promise((done) => setTimeout(done, LOOK_MS));
      }
      throw new Error('Its server does not answer; the log of the practice shop says why.');
    } catch (error) {
      await end();
      become('closed', error.message);
    }
  }

  /** Resolves once its server is gone. */
  const end = () =>
    new Promise((done) => {
      const mine = child;
      child = undefined;
      if (!mine || mine.exitCode !== null || mine.signalCode !== null) return done();
      mine.once('exit', () => done());
      mine.kill('SIGTERM');
    });

  async function drop() {
    if (state === 'opening' || state === 'dropping') return;
    become('dropping');
    await end();
    try {
      await tended('drop');
      origin = undefined;
      become('closed');
    } catch (error) {
      become('closed', error.message);
    }
  }

  return {
    /** Listens to a server, and answers each wish with how things stand once it is begun. */
    answer(server) {
      server.on('message', (message) => {
        if (!message?.practice) return;
        if (message.practice === 'open') void open();
        if (message.practice === 'drop') void drop();
        server.send({ practice: { state, origin, fault } });
      });
    },
    stop: () => void end(),
  };
}
