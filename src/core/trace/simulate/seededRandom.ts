/** Numbers in [0, 1) that depend on a seed and a name only: the same for every policy, whatever it asks and in what order. */
export type SeededRandom = (name: string) => number;

/** FNV-1a over the name, then the finaliser of MurmurHash3, both of them public domain. */
export function seededRandom(seed: number): SeededRandom {
  return (name) => {
    let h = 0x811c9dc5 ^ seed;
    for (let i = 0; i < name.length; i++) h = Math.imul(h ^ name.charCodeAt(i), 0x01000193);
    h ^= seed >>> 7;
    h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
    h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
    return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
  };
}
