/** What was found in oil, filter or on the magnet. */
export interface Debris {
  magnetic: boolean;
  colour: 'bright' | 'dark' | 'copper' | 'brass' | 'dull grey' | 'black' | 'clear';
  shape: 'hairs' | 'slivers' | 'flakes' | 'chips' | 'lump' | 'fibre' | 'paste' | 'thread';
  sizeMm: number;
}

/** What an engine has that can shed something. */
export interface EngineParts {
  strokes: 'two' | 'four' | null;
  wetClutch: boolean;
  plainBearings: boolean;
  camChain: boolean;
  gearboxInSameOil: boolean;
}

export interface DebrisSource {
  part: string;
  why: string;
}

/** What was found, as far as what is done next depends on it. */
export type DebrisFamily = 'sealant' | 'fibre' | 'paste' | 'steel' | 'bronze' | 'grey';

export interface DebrisVerdict {
  family: DebrisFamily;
  sources: DebrisSource[];
  urgency: 'usual' | 'watch' | 'stop';
  words: string;
}

/**
 * Where a particle can come from in this engine: magnet, colour and shape first (common practice), then only parts that it
 * has. A hard loose piece has to be accounted for before the engine runs.
 */
export function debrisVerdict({ magnetic, colour, shape, sizeMm }: Debris, e: EngineParts): DebrisVerdict {
  const sources: DebrisSource[] = [];
  const can = (part: string, why: string, has = true) => {
    if (has) sources.push({ part, why });
  };
  const four = e.strokes !== 'two';
  if (shape === 'fibre' || (colour === 'black' && !magnetic && shape !== 'paste')) {
    can('clutch lining', 'black and not magnetic', e.wetClutch);
    can('cam chain guide or tensioner blade', 'black rubber or plastic', e.camChain && four);
    can('oil seal or old gasket', 'rubber or paper');
  } else if (colour === 'clear' || shape === 'thread') {
    can('sealant', 'soft, in threads: too much of it was used; look whether it sits in the oil strainer');
  } else if (magnetic) {
    if (shape === 'paste') can('ordinary wear', 'fine paste on the magnet');
    if (shape === 'hairs' || shape === 'slivers') {
      can('piston rings', 'thin and springy');
      can('ball or roller bearing', 'hairs off its track');
      can('gear teeth', 'slivers from the flanks', e.gearboxInSameOil);
      can('cam and followers', 'fine bright slivers', four);
    }
    if (shape === 'flakes') {
      can('ball or roller bearing', 'flakes off its track');
      can('cam and followers', 'hard facing that peels', four);
      can('gear teeth', 'case hardening that peels', e.gearboxInSameOil);
    }
    if (shape === 'chips' || shape === 'lump') {
      can('gear dog or tooth', 'a chip with a flat face', e.gearboxInSameOil);
      can('roller of a bearing', 'round and hard');
      can('rocker or circlip', 'a broken tang', four);
    }
  } else if (colour === 'copper' || colour === 'brass') {
    can('small-end or gearbox bush', 'copper or brass, not magnetic');
    can('bearing cage', 'brass flakes');
    can('thrust washer', 'brass, thin');
    can('plain bearing, down to its backing', 'copper under the grey', e.plainBearings);
  } else {
    can('piston', 'dull grey alloy, not magnetic');
    can('plain bearing', 'soft grey flakes', e.plainBearings);
    can('casing', 'alloy: something has rubbed or a thread was stripped');
  }
  const family = ((): DebrisFamily => {
    if (shape === 'fibre' || (colour === 'black' && !magnetic && shape !== 'paste')) return 'fibre';
    if (colour === 'clear' || shape === 'thread') return 'sealant';
    if (shape === 'paste') return 'paste';
    if (magnetic) return 'steel';
    return colour === 'copper' || colour === 'brass' ? 'bronze' : 'grey';
  })();
  const hard = (shape === 'chips' || shape === 'lump') && family !== 'sealant' && family !== 'fibre';
  // Soft yellow or grey metal in an engine on plain bearings is the crank's until proved otherwise (common practice).
  const shells = e.plainBearings && (family === 'bronze' || family === 'grey');
  const urgency =
    family === 'sealant' || family === 'fibre' || family === 'paste'
      ? 'usual'
      : hard || shells || (shape === 'flakes' && sizeMm > 0.5) || colour === 'copper' || sizeMm > 1
        ? 'stop'
        : 'watch';
  const words =
    urgency === 'stop'
      ? hard
        ? 'A loose hard piece: find what it came from, and all of it, before the engine runs again.'
        : shells
          ? 'Crank or big-end bearings until proved otherwise: do not run it.'
          : 'A bearing that sheds is renewed, and the oil ways are cleaned with it: do not run it on.'
      : urgency === 'usual'
        ? 'Usual in small amounts. Write it down, and look again at the next change.'
        : 'More than usual. Find what sheds it before it is ridden: drain, filter and strainer first, then what is named here.';
  return { family, sources, urgency, words };
}
