import type { Command, Refusal } from '../../core/command';
import type { Change } from '../../core/record';
import type { Shelf, Waiting } from './store';

export interface PersonalData {
  id: string;
  name: string | null;
  phone?: string | null;
  email?: string | null;
}

export type PostAnswer = { kind: 'kept'; seq: number; changes: Change[] } | { kind: 'refused'; refusal: Refusal } | { kind: 'cut' };

/** Sends one command and says what became of it. */
export type Post = (command: Command, personal?: PersonalData[]) => Promise<PostAnswer>;

export const postToServer: Post = async (command, personal) => {
  try {
    const response = await fetch('/api/commands', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(personal ? { ...command, personal } : command),
    });
    if (response.status >= 500) return { kind: 'cut' };
    const body = (await response.json()) as { seq: number; changes: Change[]; refusal?: Refusal; message?: string };
    if (response.ok) return { kind: 'kept', seq: body.seq, changes: body.changes };
    return { kind: 'refused', refusal: body.refusal ?? { code: 'unknown', message: body.message ?? 'The server did not take this.' } };
  } catch {
    return { kind: 'cut' };
  }
};

/** Keeps unsent commands of a job in the browser, so that a reload or a crash loses none. */
export function localShelf(key: string): Shelf {
  return {
    read() {
      try {
        return JSON.parse(localStorage.getItem(key) ?? '[]') as Waiting[];
      } catch {
        return [];
      }
    },
    write(waiting) {
      if (waiting.length) localStorage.setItem(key, JSON.stringify(waiting));
      else localStorage.removeItem(key);
    },
  };
}
