import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Theme } from '@mui/material/styles';
import { useEffect, useRef, useState, type FormEvent, type ReactNode } from 'react';

/** The frame of every entry form: a title, what could not be kept, and the two ways out. */
export function EntryDialog({
  title,
  problem,
  wrong,
  busy = false,
  onKeep,
  onClose,
  children,
}: {
  title: string;
  problem?: string | null;
  /** How many fields need attention. */
  wrong: number;
  busy?: boolean;
  onKeep: () => void;
  onClose: () => void;
  children: ReactNode;
}) {
  const submit = (e: FormEvent) => {
    e.preventDefault();
    // A form inside another screen's form keeps its own.
    e.stopPropagation();
    onKeep();
    setTries(tries + 1);
  };
  const form = useRef<HTMLFormElement>(null);
  const phone = useMediaQuery((t: Theme) => t.breakpoints.down('sm'));
  const [tries, setTries] = useState(0);
  useEffect(() => {
    // To the first field that wants something, once it says so.
    if (tries) form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [tries]);
  return (
    <Dialog open onClose={onClose} fullWidth fullScreen={phone} maxWidth="md" aria-labelledby="entry-title">
      <Box component="form" ref={form} noValidate onSubmit={submit} sx={{ p: 2.5, display: 'grid', gap: 1.5 }}>
        <Typography variant="h2" id="entry-title">
          {title}
        </Typography>
        {children}
        {problem && (
          <Alert severity="warning" role="alert">
            {problem} What you wrote is still here.
          </Alert>
        )}
        <Box
          sx={{
            display: 'flex',
            gap: 1,
            justifyContent: 'flex-end',
            alignItems: 'center',
            flexWrap: 'wrap',
            // In reach however long the form is.
            position: 'sticky',
            bottom: 0,
            zIndex: 1,
            bgcolor: 'background.paper',
            borderTop: 1,
            borderColor: 'divider',
            mx: -2.5,
            px: 2.5,
            py: 1,
            mb: -2.5,
          }}
        >
          {wrong > 0 && (
            <Typography color="error" sx={{ mr: 'auto' }}>
              {wrong === 1 ? 'One field needs attention.' : `${wrong} fields need attention.`}
            </Typography>
          )}
          <Button onClick={onClose}>Back</Button>
          <Button type="submit" variant="contained" disabled={busy}>
            Save
          </Button>
        </Box>
      </Box>
    </Dialog>
  );
}

export const twoColumns = { display: 'grid', gap: 1.5, gridTemplateColumns: { xs: 'minmax(0,1fr)', sm: 'minmax(0,1fr) minmax(0,1fr)' } };
