import { afterEach, describe, expect, it, vi } from 'vitest';
import { readPick, savePick } from './picked';

const ines = { id: 'p1', name: 'Ines Corrow' };
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  readPick('s')?.told();
});

describe('who was picked on this device', () => {
  it('stands at once, for this workshop only, until the server was told', () => {
    savePick('s', ines);
    expect(readPick('s')?.person).toEqual(ines);
    expect(readPick('other')).toBeNull();
    readPick('s')?.told();
    expect(readPick('s')).toBeNull();
  });

  it('is still to be told where someone else was picked meanwhile', () => {
    savePick('s', ines);
    const first = readPick('s');
    savePick('s', null);
    first?.told();
    expect(readPick('s')).toMatchObject({ person: null });
  });

  it('lives with the page where the browser keeps nothing', () => {
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new Error('off');
      },
      setItem: () => {
        throw new Error('off');
      },
      removeItem: () => {
        throw new Error('off');
      },
    });
    savePick('s', ines);
    expect(readPick('s')?.person).toEqual(ines);
    readPick('s')?.told();
    expect(readPick('s')).toBeNull();
  });

  it('that cannot be read is nobody', () => {
    const kept = new Map([['ivrek-picked:s', '{']]);
    vi.stubGlobal('localStorage', { getItem: (k: string) => kept.get(k) ?? null, removeItem: (k: string) => kept.delete(k) });
    expect(readPick('s')).toBeNull();
    expect(kept.size).toBe(0);
  });
});
