import IconButton from '@mui/material/IconButton';
import Search from '@mui/icons-material/Search';
import { useCallback, useEffect, useRef, useState } from 'react';
import { lazyPart } from '../../controls/lazyPart';

const load = () => import('./FindDialog');
const FindDialog = lazyPart(load);

/** Opens the one search: by the lens, or by the letter F wherever nothing is being written. */
export function FindButton() {
  const [open, setOpen] = useState(false);
  // What is typed while the dialog is still on its way belongs to it.
  const early = useRef<string | null>(null);
  const taken = useCallback(() => {
    const typed = early.current ?? '';
    early.current = null;
    return typed;
  }, []);
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if (early.current !== null && e.key.length === 1 && !e.ctrlKey && !e.metaKey && !e.altKey) {
        early.current += e.key;
        e.preventDefault();
        return;
      }
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
      early.current = '';
      // If it does not come, the keys belong to the page again.
      load().catch(() => (early.current = null));
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
      {open && <FindDialog taken={taken} onClose={() => setOpen(false)} />}
    </>
  );
}
