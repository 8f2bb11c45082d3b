/// <reference types="astro/client" />

declare module 'virtual:knowledge' {
  export const knowledge: import('./core/knowledge').Knowledge;
}

declare namespace App {
  interface Locals {
    session: import('./server/session').Session | null;
  }
}
