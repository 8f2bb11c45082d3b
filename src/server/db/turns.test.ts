import { describe, expect, it, vi } from 'vitest';
import { Busy, Turns } from './turns';

/** Work that lasts until it is let go. */
function held() {
  let go!: () => void;
  const ended = new Promise<void>((r) => (go = r));
  let began = false;
  return { work: () => ((began = true), ended), go, began: () => began };
}

describe('turns', () => {
  it('lets so many of one key work at once, in the order in which they came, and no other key waits for them', async () => {
    const turns = new Turns(2);
    const all = [held(), held(), held(), held()];
    const done = all.map((h) => turns.run('a', h.work));
    const other = held();
    const otherDone = turns.run('b', other.work);
    await Promise.resolve();
    expect(all.map((h) => h.began())).toEqual([true, true, false, false]);
    expect(other.began()).toBe(true);
    all[1].go();
    await done[1];
    await vi.waitFor(() => expect(all[2].began()).toBe(true));
    expect(all[3].began()).toBe(false);
    for (const h of [...all, other]) h.go();
    await Promise.all([...done, otherDone]);
    expect(all[3].began()).toBe(true);
  });

  it('hands the place on when work fails', async () => {
    const turns = new Turns(1);
    const failing = turns.run('a', () => Promise.reject(new Error('no')));
    const next = turns.run('a', () => Promise.resolve('yes'));
    await expect(failing).rejects.toThrow('no');
    await expect(next).resolves.toBe('yes');
  });

  it('ends a line that is too long, and a wait that is', async () => {
    vi.useFakeTimers();
    try {
      const turns = new Turns(1, 1, 1000);
      const first = held();
      const working = turns.run('a', first.work);
      const waiting = turns.run('a', () => Promise.resolve());
      await expect(turns.run('a', () => Promise.resolve())).rejects.toBeInstanceOf(Busy);
      const late = expect(waiting).rejects.toBeInstanceOf(Busy);
      await vi.advanceTimersByTimeAsync(1000);
      await late;
      first.go();
      await working;
      // who gave up does not hold the place
      await expect(turns.run('a', () => Promise.resolve('free'))).resolves.toBe('free');
    } finally {
      vi.useRealTimers();
    }
  });
});
