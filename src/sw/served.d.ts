/** What is put before the service worker when it is served (server/files/shed.ts). */
declare const build: string;
declare const files: string[];
