/** What is put before the service worker when it is served (server/files/serviceWorker.ts). */
declare const build: string;
declare const files: string[];
