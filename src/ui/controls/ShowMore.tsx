import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Fragment, useState, type ReactNode } from 'react';

interface ShowMoreProps<T> {
  list: readonly T[];
  most?: number;
  /** Rows are items of a list in an order, the first with the highest number. */
  ordered?: boolean;
  /** The id of a row that must be among them. */
  reveal?: string | null;
  children: (item: T, index: number) => ReactNode;
}

/** The beginning of a long list, so that an old bike opens as fast as a new one; the rest comes when it is asked for. */
export function ShowMore<T extends { id: string }>({ list, most = 24, ordered = false, reveal = null, children }: ShowMoreProps<T>) {
  const [asked, setShown] = useState(most);
  const shown = Math.max(asked, reveal === null ? 0 : list.findIndex((x) => x.id === reveal) + 1);
  const left = list.length - shown;
  const rows = list.slice(0, shown).map((item, i) => <Fragment key={item.id}>{children(item, i)}</Fragment>);
  return (
    <>
      {ordered ? (
        <Box component="ol" reversed sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {rows}
        </Box>
      ) : (
        rows
      )}
      {left > 0 && (
        <Button variant="outlined" onClick={() => setShown(shown + 4 * most)} sx={{ mt: 1 }}>
          {left === 1 ? 'One more' : `${left} more`}
        </Button>
      )}
    </>
  );
}
