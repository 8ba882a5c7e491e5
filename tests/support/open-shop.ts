import { afterAll, beforeAll } from 'vitest';
import { freshDatabase, type TestDatabase } from './database';
import { type Caller, callerOf, startServer, type TestServer } from './server';

export interface OpenShop {
  base: TestDatabase;
  servers: TestServer[];
  /** A stylist signed in to each server. */
  callers: Caller[];
  readonly db: TestDatabase['db'];
  readonly origin: string;
  readonly stylist: Caller;
}

/** The demo shop on a database of its own and so many servers, for the tests of one file. */
export function openShop(servers = 1): OpenShop {
  const shop: OpenShop = {
    base: undefined as never,
    servers: [],
    callers: [],
    get db() {
      return this.base.db;
    },
    get origin() {
      return (this.servers[0] as TestServer).origin;
    },
    get stylist() {
      return this.callers[0] as Caller;
    },
  };
  beforeAll(async () => {
    shop.base = await freshDatabase();
    shop.servers = await Promise.all(Array.from({ length: servers }, () => startServer(shop.base.url)));
    shop.callers = await Promise.all(shop.servers.map(({ origin }) => callerOf(origin)));
  });
  afterAll(async () => {
    await Promise.all(shop.servers.map((server) => server.stop()));
    await shop.base.close();
  });
  return shop;
}
