import ListItemIcon from '@mui/material/ListItemIcon';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { ReactNode } from 'react';

interface MenuAct {
  label: string;
  icon?: ReactNode;
  /** What it does, or where it leads. */
  does: (() => void) | string;
  disabled?: boolean;
  selected?: boolean;
}

interface ActsMenuProps {
  /** What it opens from. */
  anchor: HTMLElement;
  acts: readonly MenuAct[];
  onClose(): void;
}

/** What can be done, or gone to, one under the other; fetched when it is opened. */
export default function ActsMenu({ anchor, acts, onClose }: ActsMenuProps) {
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {acts.map(({ label, icon, does, disabled, selected }) => (
        <MenuItem
          key={label}
          disabled={disabled}
          selected={selected}
          {...(typeof does === 'string' ? { component: 'a', href: does } : {})}
          onClick={() => {
            onClose();
            if (typeof does === 'function') does();
          }}
        >
          {icon && <ListItemIcon>{icon}</ListItemIcon>}
          {label}
        </MenuItem>
      ))}
    </Menu>
  );
}
