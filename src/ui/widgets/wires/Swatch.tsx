import Box from '@mui/material/Box';
import { colourKey } from '../../../core/strip';

/** Colours of insulation as they are named; a name that is not here is drawn as unknown, and its words stand beside it anyway. */
const shades: Readonly<Record<string, string>> = {
  black: '#26241f',
  white: '#f4f1e8',
  red: '#c0392b',
  green: '#2e7d4f',
  blue: '#2f5f9e',
  yellow: '#e2c044',
  brown: '#7a4a25',
  grey: '#8c8b84',
  gray: '#8c8b84',
  orange: '#d9772b',
  pink: '#d98fa8',
  violet: '#7b5a9e',
  purple: '#7b5a9e',
  tan: '#c2a57a',
};
const modifiers: Readonly<Record<string, string>> = { light: '#ffffff', dark: '#000000' };

/** The first two colours that a wire is called by: its ground and its stripe. */
export function shadesOf(colour: string | null): string[] {
  const found: string[] = [];
  let modifier: string | null = null;
  for (const w of colourKey(colour).split('/')) {
    if (modifiers[w]) modifier = modifiers[w];
    else if (shades[w]) {
      found.push(modifier ? `color-mix(in srgb, ${shades[w]} 65%, ${modifier})` : shades[w]);
      modifier = null;
    }
  }
  return found.slice(0, 2);
}

/** A piece of the wire, ground and stripe. What it is called stands beside it: nothing hangs on the colour alone. */
export function Swatch({ colour }: { colour: string | null }) {
  const [ground, stripe] = shadesOf(colour);
  return (
    <Box
      component="span"
      aria-hidden
      sx={{
        display: 'inline-block',
        width: 28,
        height: 14,
        borderRadius: '7px',
        border: '1px solid',
        borderColor: 'text.secondary',
        verticalAlign: 'middle',
        background: ground
          ? stripe
            ? `linear-gradient(${ground} 0 32%, ${stripe} 32% 68%, ${ground} 68%)`
            : ground
          : 'repeating-linear-gradient(45deg, transparent 0 4px, currentColor 4px 5px)',
      }}
    />
  );
}
