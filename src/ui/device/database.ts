import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { JobSnapshot } from '../../core/state';
import type { OutboxItem } from './types';

/** What this device keeps of its own: unsent entries, photos that wait, and the bikes that were opened. */
export interface Shelves extends DBSchema {
  outbox: { key: number; value: OutboxItem; indexes: { id: string; shopId: string } };
  snapshot: { key: [string, string]; value: { shopId: string; jobId: string; savedAt: string; snapshot: JobSnapshot } };
  photo: { key: string; value: { sha256: string; blob: Blob; thumb: Blob } };
  /** Small things by name: who works here, the shop, the last journal number heard. */
  note: { key: string; value: unknown };
}

export type DeviceDb = IDBPDatabase<Shelves>;

export const openShelves = (name = 'ivrek'): Promise<DeviceDb> =>
  openDB<Shelves>(name, 1, {
    upgrade(db) {
      const outbox = db.createObjectStore('outbox', { keyPath: 'n', autoIncrement: true });
      outbox.createIndex('id', 'id', { unique: true });
      outbox.createIndex('shopId', 'shopId');
      db.createObjectStore('snapshot', { keyPath: ['shopId', 'jobId'] });
      db.createObjectStore('photo', { keyPath: 'sha256' });
      db.createObjectStore('note');
    },
  });
