import Button from '@mui/material/Button';
import CalendarMonth from '@mui/icons-material/CalendarMonthOutlined';
import Logout from '@mui/icons-material/LogoutOutlined';
import MenuBook from '@mui/icons-material/MenuBookOutlined';
import MoveToInbox from '@mui/icons-material/MoveToInboxOutlined';
import Tablet from '@mui/icons-material/TabletOutlined';
import Warehouse from '@mui/icons-material/WarehouseOutlined';
import { useState } from 'react';
import { call } from '../../device/client';
import { ActsMenu, type BarAct } from '../../frame/BarActs';

/** What belongs to the workshop as a whole. */
export const workshopActs = (home: boolean): BarAct[] => [
  { does: '/import', label: 'Import a job', icon: <MoveToInbox />, menuOnly: true },
  { does: '/knowledge', label: 'Own knowledge', icon: <MenuBook />, menuOnly: true },
  { does: '/calendar', label: 'Calendar of waits', icon: <CalendarMonth />, menuOnly: true },
  ...(home
    ? [
        { does: '/devices', label: 'Tablets', icon: <Tablet />, menuOnly: true },
        { does: '/workshops', label: 'Change workshop', icon: <Warehouse />, menuOnly: true },
      ]
    : []),
  { does: () => void logOut(), label: 'Log out', icon: <Logout />, menuOnly: true },
];

/** Ends the session of this device. What waits on it stays, and is sent when it is back. */
async function logOut(): Promise<void> {
  const done = await call('DELETE /api/session');
  if (done.ok) location.assign('/');
}

/** The same as a button with a menu, where there is room for it. */
export function WorkshopMenu({ home }: { home: boolean }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button
        color="inherit"
        onClick={(e) => setAnchor(e.currentTarget)}
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        sx={{ px: 1, display: { xs: 'none', sm: 'inline-flex' } }}
      >
        Workshop
      </Button>
      {anchor && (
        <ActsMenu anchor={anchor} acts={workshopActs(home).map(({ label, does }) => ({ label, does }))} onClose={() => setAnchor(null)} />
      )}
    </>
  );
}
