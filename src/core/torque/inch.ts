/**
 * Inch threads as older machines have them: threads to an inch by nominal size. UNC and UNF by ASME B1.1, BSW and BSF by BS 84,
 * cycle thread by BS 811; quoted from memory.
 */
const perInch: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  UNC: { '1/4': 20, '5/16': 18, '3/8': 16, '7/16': 14, '1/2': 13 },
  UNF: { '1/4': 28, '5/16': 24, '3/8': 24, '7/16': 20, '1/2': 20 },
  BSW: { '1/4': 20, '5/16': 18, '3/8': 16, '7/16': 14, '1/2': 12 },
  BSF: { '1/4': 26, '5/16': 22, '3/8': 20, '7/16': 18, '1/2': 16 },
  CEI: { '1/4': 26, '5/16': 26, '3/8': 26, '7/16': 26, '1/2': 26 },
};

/** BA threads, diameter and pitch in mm, by number: BS 93, quoted from memory. */
const ba: Readonly<Record<string, readonly [diameterMm: number, pitchMm: number]>> = {
  '0': [6.0, 1.0],
  '2': [4.7, 0.81],
  '4': [3.6, 0.66],
  '6': [2.8, 0.53],
};

/**
 * By how much of the pitch the diameter of the stress area lies under the outer one: unified by ASME B1.1, At = π/4·(d − 0.9743·P)²;
 * the mean of pitch and core diameter for 55° Whitworth and 47.5° BA.
 */
const under = { unified: 0.9743, whitworth: 0.9605, ba: 0.9 } as const;

export interface InchThread {
  name: string;
  diameterMm: number;
  pitchMm: number;
  /** Share of the pitch for its stress area. */
  under: number;
}

/** Reads "1/4 UNC", "5/16 bsf", "3/8 cycle" or "2BA". Returns null for anything else. */
export function parseInchThread(text: string): InchThread | null {
  const number = /^\s*(\d)\s*BA\b/i.exec(text)?.[1];
  const found = number && ba[number];
  if (found) return { name: `${number}BA`, diameterMm: found[0], pitchMm: found[1], under: under.ba };
  const m = /^\s*(\d{1,2})\s*\/\s*(\d{1,2})\s*(?:in|")?\s*(UNC|UNF|BSW|BSF|CEI|cycle)\b/i.exec(text);
  if (!m) return null;
  const system = /cycle/i.test(m[3]) ? 'CEI' : m[3].toUpperCase();
  const size = `${m[1]}/${m[2]}`;
  const tpi = perInch[system][size];
  if (!tpi) return null;
  const unified = system.startsWith('UN');
  return {
    name: `${size} ${system === 'CEI' ? 'cycle' : system}`,
    diameterMm: (25.4 * Number(m[1])) / Number(m[2]),
    pitchMm: 25.4 / tpi,
    under: unified ? under.unified : under.whitworth,
  };
}
