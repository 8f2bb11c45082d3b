import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { describe, expect, it } from 'vitest';

const core = 'src/core';
const sources = readdirSync(core, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'));
const roomOf = (file: string) => file.split('/')[0];

/** For each room of core those that it needs, types included. */
function needs(): Map<string, Set<string>> {
  const all = new Map<string, Set<string>>();
  for (const file of sources) {
    const own = all.get(roomOf(file)) ?? new Set();
    all.set(roomOf(file), own);
    for (const [, path] of readFileSync(join(core, file), 'utf8').matchAll(/from '(\.[^']*)'/g)) {
      const room = roomOf(relative(core, join(core, dirname(file), path)));
      if (room !== roomOf(file)) own.add(room);
    }
  }
  return all;
}

/** The first way that leads from a room back to it. */
function circleIn(all: ReadonlyMap<string, ReadonlySet<string>>): string[] | null {
  const done = new Set<string>();
  const from = (room: string, way: string[]): string[] | null => {
    if (way.includes(room)) return [...way.slice(way.indexOf(room)), room];
    if (done.has(room)) return null;
    for (const next of all.get(room) ?? []) {
      const found = from(next, [...way, room]);
      if (found) return found;
    }
    done.add(room);
    return null;
  };
  for (const room of all.keys()) {
    const found = from(room, []);
    if (found) return found;
  }
  return null;
}

describe('rooms of core', () => {
  it('need each other one way only, types included', () => {
    const all = needs();
    expect(all.size).toBeGreaterThan(15);
    expect(circleIn(all)).toBeNull();
  });

  it('and a circle would be seen', () => {
    const round = new Map([
      ['a', new Set(['b'])],
      ['b', new Set(['c'])],
      ['c', new Set(['b'])],
    ]);
    expect(circleIn(round)).toEqual(['b', 'c', 'b']);
  });
});

describe('screens', () => {
  const views = 'src/ui/views';
  const files = readdirSync(views, { recursive: true, encoding: 'utf8' }).filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$/.test(f));
  // These two choose among the screens.
  const choosers = ['job/stageViews.tsx', 'offline/OfflineApp.tsx'];

  it('take nothing from a sibling', () => {
    const taken = files.flatMap((file) =>
      choosers.includes(file)
        ? []
        : [...readFileSync(join(views, file), 'utf8').matchAll(/(?:from|import\()\s*'(\.[^']*)'/g)].flatMap(([, path]) => {
            const room = relative(views, join(views, dirname(file), path));
            return room.startsWith('..') || roomOf(room) === roomOf(file) ? [] : [`${file} takes ${room}`];
          }),
    );
    expect(taken).toEqual([]);
  });
});
