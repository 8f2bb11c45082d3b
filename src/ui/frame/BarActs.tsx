import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import MoreVert from '@mui/icons-material/MoreVert';
import { useState, type ReactNode } from 'react';
import { lazyPart } from '../controls/lazyPart';

/** Something that can be done from the plank. */
export interface BarAct {
  label: string;
  icon: ReactNode;
  /** What it does, or where it leads. */
  does: (() => void) | string;
  disabled?: boolean;
  /** Stays in sight on a phone, where the others go into one menu. */
  always?: boolean;
  /** Never stands on the plank itself. */
  menuOnly?: boolean;
  selected?: boolean;
}

/** No screen needs a menu before a button of it is pressed. */
export const ActsMenu = lazyPart(() => import('./ActsMenu'));

const link = (act: BarAct) =>
  typeof act.does === 'string' ? { component: 'a' as const, href: act.does } : { onClick: act.does as () => void };

/** The acts of the plank; on a phone those that can wait a tap stand behind one button. */
export function BarActs({ acts }: { acts: readonly BarAct[] }) {
  return acts
    .filter((a) => !a.menuOnly)
    .map((act, i) => (
      // By its place: what Undo would undo changes, the button under the finger does not.
      <IconButton
        key={i}
        color="inherit"
        disabled={act.disabled}
        aria-label={act.label}
        {...link(act)}
        sx={{ display: act.always ? 'inline-flex' : { xs: 'none', sm: 'inline-flex' }, '&.Mui-disabled': { color: '#8ea396' } }}
      >
        {act.icon}
      </IconButton>
    ));
}

/** The same acts as a menu, for a phone. */
export function MoreActs({ acts }: { acts: readonly BarAct[] }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const rest = acts.filter((a) => !a.always);
  if (rest.length === 0) return null;
  return (
    <Box sx={{ display: { xs: 'block', sm: 'none' } }}>
      <IconButton
        color="inherit"
        onClick={(e) => setAnchor(e.currentTarget)}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label="More"
      >
        <MoreVert />
      </IconButton>
      {anchor && <ActsMenu anchor={anchor} acts={rest} onClose={() => setAnchor(null)} />}
    </Box>
  );
}
