import Box from '@mui/material/Box';
import type { PastSign } from '../../../../core/knowledge';
import { SelectField } from '../../../controls/SelectField';
import { useJob } from '../../../job/useJob';
import type { FindingDraft } from './draft';

interface PastSignsProps {
  draft: FindingDraft;
  of: PastSign['of'] | null;
  onDraft(next: Partial<FindingDraft>): void;
  strict: boolean;
}

/** What a strip shows of the past: a sign of the last hand, with where it worked, or of a crash. */
export function PastSigns({ draft, of, onDraft, strict }: PastSignsProps) {
  const { knowledge } = useJob();
  return (
    <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: { xs: '1fr', sm: of === 'hand' ? '1fr 1fr' : '1fr' } }}>
      <SelectField
        label="Shows of the past"
        value={draft.past}
        options={[{ id: '', label: 'nothing' }, ...knowledge.past.map((p) => ({ id: p.id, label: p.name }))]}
        onChange={(past) => onDraft({ past })}
      />
      {of === 'hand' && (
        <SelectField
          label="The last hand worked on"
          value={draft.area}
          options={[{ id: '', label: 'choose' }, ...knowledge.areas.map((a) => ({ id: a.id, label: a.name }))]}
          onChange={(area) => onDraft({ area })}
          error={strict && !draft.area ? 'Choose where it worked.' : undefined}
        />
      )}
    </Box>
  );
}
