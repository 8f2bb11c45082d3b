import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';

/** What belongs to the workshop as a whole. */
export function YardMenu({ home }: { home: boolean }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const items: [string, string][] = [
    ['/import', 'Bring in a job'],
    ['/calendar', 'Calendar of waits'],
    ...(home
      ? ([
          ['/devices', 'Tablets'],
          ['/workshops', 'Change workshop'],
        ] as [string, string][])
      : []),
  ];
  return (
    <>
      <Button
        color="inherit"
        onClick={(e) => setAnchor(e.currentTarget)}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        sx={{ px: 1 }}
      >
        Workshop
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {items.map(([href, label]) => (
          <MenuItem key={href} component="a" href={href}>
            {label}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
