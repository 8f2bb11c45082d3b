/* eslint-disable @typescript-eslint/consistent-type-imports -- an ambient file with an import would stop being ambient */
/// <reference types="astro/client" />

declare module 'virtual:knowledge' {
  export const knowledge: import('./core/knowledge').Knowledge;
}

declare namespace App {
  interface Locals {
    session: import('./server/session').Session | null;
    /** Set while a page is drawn that shows something not yet worked out. */
    unfinished?: boolean;
  }
}
