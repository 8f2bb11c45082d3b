import IconButton from '@mui/material/IconButton';
import Search from '@mui/icons-material/Search';
import { lazy, Suspense, useEffect, useState } from 'react';

const FindDialog = lazy(() => import('./FindDialog'));

/** Opens the one search: by the lens, or by the letter F wherever nothing is being written. */
export function FindButton() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const on = e.target as HTMLElement | null;
      if (
        e.key !== 'f' ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        on?.closest('input, textarea, select, [contenteditable], [role="combobox"], [role="dialog"], [role="menu"], [role="listbox"]')
      )
        return;
      e.preventDefault();
      setOpen(true);
    };
    addEventListener('keydown', key);
    return () => removeEventListener('keydown', key);
  }, []);
  return (
    <>
      <IconButton color="inherit" onClick={() => setOpen(true)} aria-label="Find" aria-keyshortcuts="f">
        <Search />
      </IconButton>
      <Suspense fallback={null}>{open && <FindDialog onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
