import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import HelpOutline from '@mui/icons-material/HelpOutlined';
import { useEffect, useEffectEvent, useRef, useState, type ComponentType, type KeyboardEvent, type RefObject } from 'react';
import type { Understanding } from '../../../core/line';
import { fonts } from '../../theme/tokens';
import { usePreHydrationInput } from '../../theme/preHydrationInput';

/** What the panel knows about the line as it stands, for the keys. */
export interface Desk {
  understanding: Pick<Understanding, 'meanings' | 'offers'>;
  keep(index: number): boolean;
}

/** What every panel over the line is told. */
export interface PanelProps {
  text: string;
  chosen: number;
  open: boolean;
  desk: RefObject<Desk | null>;
  onText(text: string): void;
  onKept(): void;
  onFocus(): void;
}

/** A line that was begun on another screen goes on here. */
function useLineBegun(onBegun: (line: string) => void): void {
  const go = useEffectEvent(onBegun);
  useEffect(() => {
    const begun = new URLSearchParams(location.search).get('line');
    if (!begun) return;
    go(begun);
    history.replaceState(null, '', location.pathname);
  }, []);
}

/** A slash, where nobody is writing, leads to the line. */
function useSlash(onSlash: () => void): void {
  const go = useEffectEvent(onSlash);
  useEffect(() => {
    const slash = (e: globalThis.KeyboardEvent) => {
      const on = e.target as HTMLElement | null;
      const writing = on?.closest('input, textarea, select, [contenteditable], [role="combobox"], [role="menu"], [role="listbox"]');
      if (e.key !== '/' || writing || e.ctrlKey || e.metaKey || e.altKey) return;
      e.preventDefault();
      go();
    };
    addEventListener('keydown', slash);
    return () => removeEventListener('keydown', slash);
  }, []);
}

/**
 * The one field that takes a line as a mechanic would say it. It shows what it understood before anything is kept; Enter
 * keeps what is clear, and where a line has several meanings nothing is kept until one is chosen. The panel that understands
 * it is fetched when someone is about to write.
 */
// eslint-disable-next-line max-lines-per-function -- its keys, its field and its panel know all of each other
export function BenchLine({
  panel: Panel,
  placeholder = 'Type it, e.g. comp 2 118 psi',
}: {
  panel: ComponentType<PanelProps>;
  placeholder?: string;
}) {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState(-1);
  const [awake, setAwake] = useState(false);
  const [open, setOpen] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const around = usePreHydrationInput<HTMLFormElement>();
  const desk = useRef<Desk | null>(null);
  const write = (line: string) => {
    setAwake(true);
    setText(line);
    setChosen(-1);
    setOpen(true);
  };
  useLineBegun((begun) => {
    write(begun);
    field.current?.focus();
  });
  useSlash(() => field.current?.focus());
  const keys = (e: KeyboardEvent<HTMLInputElement>) => {
    const known = desk.current;
    const list = known ? (known.understanding.meanings.length > 1 ? known.understanding.meanings : known.understanding.offers) : [];
    if (e.key === 'Escape') {
      if (text) write('');
      else field.current?.blur();
      setOpen(false);
    } else if (e.key === 'ArrowDown' && list.length) {
      e.preventDefault();
      setChosen((chosen + 1) % list.length);
    } else if (e.key === 'ArrowUp' && list.length) {
      e.preventDefault();
      setChosen((chosen <= 0 ? list.length : chosen) - 1);
    } else if (e.key === 'Tab' && !e.shiftKey && known?.understanding.offers.length && text && known.understanding.meanings.length === 0) {
      e.preventDefault();
      write(`${known.understanding.offers[Math.max(0, chosen)]} `);
    } else if (e.key === 'Enter' && known) {
      e.preventDefault();
      const { meanings, offers } = known.understanding;
      if (meanings.length === 0 && chosen >= 0 && offers[chosen]) write(`${offers[chosen]} `);
      else if (meanings.length === 1 ? known.keep(0) : meanings.length > 1 && chosen >= 0 && known.keep(chosen)) write('');
    }
  };
  return (
    <Box
      component="form"
      role="search"
      ref={around}
      aria-label="Bench line"
      onSubmit={(e) => e.preventDefault()}
      sx={{ position: 'relative', zIndex: 5, bgcolor: '#1d3b2f', color: '#f4eedf', borderTop: '3px solid #b5852f' }}
    >
      {awake && (
        <Panel
          text={text}
          chosen={chosen}
          open={open}
          desk={desk}
          onText={write}
          onKept={() => write('')}
          onFocus={() => field.current?.focus()}
        />
      )}
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, px: { xs: 1, md: 2 }, minHeight: 56 }}>
        <Box component="span" aria-hidden sx={{ fontFamily: fonts.head, fontWeight: 600, fontSize: '1.6rem', color: '#e0b35c' }}>
          ›
        </Box>
        <Box
          component="input"
          ref={field}
          value={text}
          onChange={(e: { target: HTMLInputElement }) => write(e.target.value)}
          onFocus={() => {
            setAwake(true);
            setOpen(true);
          }}
          onKeyDown={keys}
          placeholder={placeholder}
          aria-label="Type a line. ? lists what you can type."
          aria-describedby="line-panel"
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          enterKeyHint="done"
          sx={{
            flex: 1,
            minWidth: 0,
            minHeight: 48,
            border: 0,
            bgcolor: 'transparent',
            color: 'inherit',
            font: 'inherit',
            fontSize: '1.2rem',
            '&::placeholder': { color: '#b9c4b4', opacity: 1 },
            '&:focus': { outline: 'none' },
            '&:focus-visible': { outline: 'none' },
          }}
        />
        <IconButton
          color="inherit"
          aria-label="Help"
          onClick={() => {
            setAwake(true);
            write('?');
            field.current?.focus();
          }}
        >
          <HelpOutline />
        </IconButton>
      </Box>
    </Box>
  );
}
