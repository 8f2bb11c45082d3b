import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Card } from '../controls/Card';
import { Field } from '../controls/Field';
import { day } from '../controls/times';
import { useJob } from '../job/useJob';

/** What the owner agreed to spend. A new word takes the place of the old one; neither is ever undone. */
export function Agreed() {
  const { store, rows, jobId } = useJob();
  const consents = rows('consent');
  const [words, setWords] = useState('');
  const [upTo, setUpTo] = useState('');
  const [tried, setTried] = useState(false);
  const badSum = upTo.trim() !== '' && !/^(0|[1-9]\d{0,8})(\.\d{1,2})?$/.test(upTo.trim());
  const keep = () => {
    setTried(true);
    if (!words.trim() || badSum) return;
    const done = store.act('consent.give', store.newId(), {
      jobId,
      words: words.trim(),
      upTo: upTo.trim() || null,
      supersedes: consents.at(-1)?.id ?? null,
    });
    if (!done.ok) return;
    setWords('');
    setUpTo('');
    setTried(false);
  };
  return (
    <Card title="Agreed with the owner">
      {[...consents].reverse().map((c, i) => (
        <Typography key={c.id} sx={{ mb: 0.5, color: i ? 'text.secondary' : 'text.primary', textDecoration: i ? 'line-through' : 'none' }}>
          {c.words} {c.upTo ? `Up to ${c.upTo} ${store.snapshot.shop.currency}.` : ''} ({day(c.givenAt)})
        </Typography>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, alignItems: 'end' }}>
        <Field
          sx={{ flex: '2 1 8rem' }}
          label="Agreed work"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          error={tried && !words.trim() ? 'Enter what was agreed.' : null}
        />
        <Field
          sx={{ flex: '1 1 5rem' }}
          label={`Up to (${store.snapshot.shop.currency})`}
          value={upTo}
          onChange={(e) => setUpTo(e.target.value)}
          inputProps={{ inputMode: 'decimal' }}
          error={badSum ? 'An amount like 400 or 400.50.' : null}
        />
        <Button variant="outlined" onClick={keep}>
          Record agreement
        </Button>
      </Box>
    </Card>
  );
}
