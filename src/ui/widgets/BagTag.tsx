import Box from '@mui/material/Box';

/** The little string tag of a bag. */
export function BagTag({ label, back }: { label: string; back: boolean }) {
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 0.75,
        border: '2px solid',
        borderColor: back ? 'divider' : 'bench.brass',
        bgcolor: back ? 'transparent' : 'bench.brassWash',
        px: 1,
        minHeight: 32,
        fontWeight: 600,
        clipPath: 'polygon(8px 0, 100% 0, 100% 100%, 8px 100%, 0 50%)',
        pl: 1.75,
        textDecoration: back ? 'line-through' : 'none',
      }}
    >
      Bag {label}
    </Box>
  );
}
