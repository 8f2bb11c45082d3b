import { afterEach, describe, expect, it, vi } from 'vitest';
import { Device } from './device';
import { forgetPick, readPick, savePick } from './picked';

const ines = { id: 'p1', name: 'Ines Corrow' };
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  forgetPick('s');
});

describe('who was picked on this device', () => {
  it('stands at once, for this workshop only', () => {
    savePick('s', ines);
    expect(readPick('s')).toMatchObject({ person: ines, told: false });
    expect(readPick('other')).toBeNull();
    readPick('s')!.markTold();
    expect(readPick('s')).toMatchObject({ person: ines, told: true });
  });

  it('is still to be told where someone else was picked meanwhile', () => {
    savePick('s', ines);
    const first = readPick('s')!;
    savePick('s', null);
    first.markTold();
    expect(readPick('s')).toMatchObject({ person: null, told: false });
  });

  it('lives with the page where the browser keeps nothing', () => {
    const off = () => {
      throw new Error('off');
    };
    vi.stubGlobal('localStorage', { getItem: off, setItem: off, removeItem: off });
    savePick('s', ines);
    expect(readPick('s')?.person).toEqual(ines);
    forgetPick('s');
    expect(readPick('s')).toBeNull();
  });

  it('that cannot be read is nobody', () => {
    const kept = new Map([['ivrek-picked:s', '{']]);
    vi.stubGlobal('localStorage', { getItem: (k: string) => kept.get(k) ?? null, removeItem: (k: string) => kept.delete(k) });
    expect(readPick('s')).toBeNull();
    expect(kept.size).toBe(0);
  });
});

describe('a page that opens after somebody was picked', () => {
  const told = () => {
    const asked = vi.fn(() =>
      Promise.resolve(new Response(JSON.stringify({ personId: 'p1' }), { headers: { 'content-type': 'application/json' } })),
    );
    vi.stubGlobal('fetch', asked);
    return asked;
  };

  it('shows the pick and leaves the telling to what is under way', () => {
    const asked = told();
    savePick('s', ines);
    expect(new Device('s').pickedHere(null)).toEqual({ person: ines });
    expect(asked).not.toHaveBeenCalled();
  });

  it('made in the moment in which the server was told, shows it all the same and tells it again', () => {
    const asked = told();
    savePick('s', ines);
    readPick('s')!.markTold();
    expect(new Device('s').pickedHere(null)).toEqual({ person: ines });
    expect(asked).toHaveBeenCalledTimes(1);
  });

  it('that knows it ends the matter', () => {
    told();
    savePick('s', ines);
    readPick('s')!.markTold();
    expect(new Device('s').pickedHere(ines)).toBeNull();
    expect(readPick('s')).toBeNull();
  });
});
