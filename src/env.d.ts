/// <reference types="astro/client" />

declare namespace App {
  interface Locals {
    actor: import('@server/context').Actor | undefined;
    /** How readers of the shop are spoken to; absent before anybody has signed in. */
    tongue: import('@core/words').Tongue | undefined;
    /** The shop is invented and stands beside a real one; its pages say so. */
    isPracticeShop: boolean | undefined;
    /** What the shop's amounts are in. */
    currency: string | undefined;
  }
}

declare module 'highs/runtime?url' {
  const url: string;
  export default url;
}
