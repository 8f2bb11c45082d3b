import { useEffect, useState } from 'react';
import type { Knowledge, Made, Wrong } from '../../../core/knowledge';

/** What every form of an entry is given. */
export interface EntryFormProps<T> {
  knowledge: Knowledge;
  title: string;
  /** The name under which what was typed lies on this device. */
  draftKey: string;
  /** Why the last try was not kept. */
  problem?: string | null;
  busy?: boolean;
  /** True once it is kept. */
  onKeep(made: T): boolean | Promise<boolean>;
  onClose(): void;
}

/**
 * The draft of one entry: what was typed survives a reload, and what is wrong is said at its field from the first try on.
 */
export function useEntry<D extends object, T>(first: () => D, make: (d: D) => Made<T>, { draftKey: key, onKeep }: EntryFormProps<T>) {
  const [draft, setDraft] = useState<D>(() => ({ ...first(), ...readDraft<D>(key) }));
  const [wrong, setWrong] = useState<Wrong>({});
  const [tried, setTried] = useState(false);
  useEffect(() => {
    try {
      if (JSON.stringify(draft) !== JSON.stringify(first())) localStorage.setItem(key, JSON.stringify(draft));
    } catch {
      // a device that keeps nothing: the form still holds it
    }
  }, [draft, key]);
  const set = (patch: Partial<D>) => {
    const next = { ...draft, ...patch };
    setDraft(next);
    if (tried) {
      const made = make(next);
      setWrong(made.ok ? {} : made.wrong);
    }
  };
  /** What the draft makes, or null with everything that is wrong shown. */
  const done = (): T | null => {
    setTried(true);
    const made = make(draft);
    setWrong(made.ok ? {} : made.wrong);
    return made.ok ? made.made : null;
  };
  const keep = async () => {
    const entry = done();
    if (entry && (await onKeep(entry))) forgetDraft(key);
  };
  return { draft, set, wrong, keep: () => void keep() };
}

function readDraft<D>(key: string): Partial<D> {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<D>;
  } catch {
    return {};
  }
}

function forgetDraft(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // nothing was kept
  }
}
