import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { effectsOn } from '../../../core/knowledge';
import type { Substitute } from '../../../core/state';
import { Card } from '../../controls/Card';
import { Empty } from '../../controls/Empty';
import { useJob } from '../../job/useJob';
import { SubstituteForm } from './SubstituteForm';

/** Parts and settings that are not as the manual has them: as found, manual, chosen, and what each brings. They stay with the bike. */
export function Substitutes() {
  const { traced } = useJob();
  const all = traced.substitutes ?? [];
  const [open, setOpen] = useState(false);
  return (
    <Card title="Not as the manual has it" over="As found, manual, chosen" data-testid="substitutes">
      {all.length === 0 && !open && (
        <Empty>
          Everything is as the manual has it, as far as it is noted. A part of another kind, a jet of another size, a terminal opened out:
          note it here, and what it brings is told where it matters.
        </Empty>
      )}
      {all.map((s) => (
        <OneSubstitute key={s.id} row={s} />
      ))}
      {open ? (
        <SubstituteForm onClose={() => setOpen(false)} />
      ) : (
        <Button variant="outlined" onClick={() => setOpen(true)} sx={{ mt: 1 }}>
          Add a part or setting
        </Button>
      )}
    </Card>
  );
}

function OneSubstitute({ row }: { row: Substitute }) {
  const { store, knowledge, traced } = useJob();
  const effects = effectsOn(knowledge, [row]);
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1, opacity: row.endedAt ? 0.75 : 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Typography sx={{ fontWeight: 600, flex: '1 1 9rem', minWidth: 0 }}>{row.item}</Typography>
        {row.endedAt ? (
          <Typography variant="body2">as the manual has it again</Typography>
        ) : (
          <Button
            variant="text"
            onClick={() => store.act('substitute.end', row.id, { bikeId: traced.bike.id })}
            aria-label={`As the manual again: ${row.item}`}
          >
            As the manual again
          </Button>
        )}
      </Box>
      <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'max-content minmax(0,1fr)', columnGap: 1.5, m: 0 }}>
        {(
          [
            ['As found', row.asFound],
            ['Manual', row.manual],
            ['As chosen', row.chosen],
            ['Changed to fit', row.modified],
            ['Why', row.why],
            ['Brings', effects.map((e) => e.name).join(', ')],
          ] as const
        ).flatMap(([name, says]) =>
          says
            ? [
                <Typography component="dt" key={name} color="text.secondary">
                  {name}
                </Typography>,
                <Typography component="dd" key={`${name} says`} sx={{ m: 0, fontWeight: name === 'As chosen' ? 600 : 400 }}>
                  {says}
                </Typography>,
              ]
            : [],
        )}
      </Box>
    </Box>
  );
}
