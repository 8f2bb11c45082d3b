import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import type { FoundLine } from '../../../core/find';
import { day } from '../../controls/times';
import { call } from '../../device/client';

const pauseMs = 250;
const most = 4;

/** Bikes of the name that is being typed which the workshop knows, so that one that is back is not begun anew. Silent without a server. */
export function KnownBikes({ name }: { name: string }) {
  const [known, setKnown] = useState<FoundLine[]>([]);
  const wanted = name.trim();
  useEffect(() => {
    if (wanted.length < 3) {
      setKnown([]);
      return undefined;
    }
    const going = new AbortController();
    const timer = setTimeout(() => {
      void call('GET /api/find', { query: { q: wanted.slice(0, 200) }, signal: going.signal }).then((found) => {
        if (found.ok) setKnown(found.body.lines.filter((l) => l.kind === 'bike' && !l.near).slice(0, most));
      });
    }, pauseMs);
    return () => {
      clearTimeout(timer);
      going.abort();
    };
  }, [wanted]);
  if (known.length === 0) return null;
  return (
    <Box role="status" aria-label="Known here" sx={{ borderLeft: '6px solid', borderColor: 'bench.brass', pl: 1.5 }}>
      <Typography sx={{ fontWeight: 600 }}>{known.length === 1 ? 'Is it this one?' : 'Is it one of these?'}</Typography>
      {known.map((k) => (
        <Box
          component="a"
          key={k.id}
          href={`/job/${k.jobId}/${k.handedOverAt ? 'handover' : 'book-in'}`}
          sx={{ display: 'flex', alignItems: 'center', minHeight: 48, color: 'inherit' }}
        >
          {k.words}
          {k.handedOverAt ? `, handed over ${day(k.handedOverAt)}: it is back` : ', in the workshop now'}
        </Box>
      ))}
    </Box>
  );
}
