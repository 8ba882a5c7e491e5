/// <reference types="astro/client" />

declare namespace App {
  interface Locals {
    actor: import('@server/context').Actor | undefined;
  }
}
