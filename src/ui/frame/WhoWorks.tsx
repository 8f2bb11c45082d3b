import Button from '@mui/material/Button';
import PersonOutlined from '@mui/icons-material/PersonOutlined';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { ActsMenu, type BarAct } from './BarActs';

interface Named {
  id: string;
  name: string;
}

/** Who is working with this device: stands on every entry from now on. One tap to change hands. */
export function WhoWorks({ people, actor, onPick }: { people: readonly Named[]; actor: Named | null; onPick: (p: Named) => unknown }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const name = actor?.name;
  if (people.length === 0) return null;
  return (
    <>
      <Button
        color="inherit"
        onClick={(e) => setAnchor(e.currentTarget)}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label={name ? `Working: ${name}` : 'Who is working?'}
        sx={{ minWidth: 48, px: 1, whiteSpace: 'nowrap', display: { xs: 'none', sm: 'inline-flex' } }}
      >
        <PersonOutlined />
        <Box component="span" sx={{ display: { xs: 'none', md: 'inline' }, ml: 0.5 }}>
          {name ?? 'Who?'}
        </Box>
      </Button>
      {anchor && (
        <ActsMenu
          anchor={anchor}
          acts={people.map(({ id, name: each }) => ({
            label: each,
            selected: actor?.id === id,
            does: () => void onPick({ id, name: each }),
          }))}
          onClose={() => setAnchor(null)}
        />
      )}
    </>
  );
}

/** The same on a phone, where the people stand in the menu of the plank. */
export const whoActs = (people: readonly Named[], actor: Named | null, onPick: (p: Named) => unknown): BarAct[] =>
  people.map(({ id, name }) => ({
    label: actor?.id === id ? `Working: ${name}` : name,
    icon: <PersonOutlined />,
    does: () => void onPick({ id, name }),
    selected: actor?.id === id,
    menuOnly: true,
  }));
