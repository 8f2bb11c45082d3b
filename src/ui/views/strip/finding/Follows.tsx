import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { PastSign } from '../../../../core/knowledge';
import type { StoredVerdict } from '../../../../core/state';
import { useJob, type UsedJob } from '../../../job/useJob';

/** A replaced part is bought; one that is repaired or cleaned is made ready before its step goes back. */
const words: Partial<Record<StoredVerdict, string>> = {
  replace: 'Put it on the list of parts',
  repair: 'Keep it under parts to clean and mend: its step waits until it is ready',
  clean: 'Keep it under parts to clean and mend: its step waits until it is ready',
};

interface FollowsProps {
  item: string;
  verdict: StoredVerdict | null;
  checked: boolean;
  onChange(checked: boolean): void;
}

/** What follows from a verdict, done with the finding unless it is unticked. */
export function Follows({ item, verdict, checked, onChange }: FollowsProps) {
  const { rows } = useJob();
  const says = verdict && words[verdict];
  if (!says || !item || isListed(rows('part'), rows('treatedPart'), item, verdict)) return null;
  return <FormControlLabel control={<Checkbox checked={checked} onChange={(e) => onChange(e.target.checked)} />} label={says} />;
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** It stands on its list already, as far as it has not been done with. */
function isListed(
  parts: readonly { name: string; status: string }[],
  treated: readonly { item: string; state: string }[],
  item: string,
  verdict: StoredVerdict,
): boolean {
  return verdict === 'replace'
    ? parts.some((p) => same(p.name, item) && p.status !== 'fitted' && p.status !== 'spare')
    : treated.some((t) => same(t.item, item) && t.state !== 'ready');
}

interface Following {
  /** The finding that it follows from. */
  id: string;
  item: string;
  verdict: StoredVerdict;
  stepId: string | null;
  past: PastSign | null;
  /** Where the last hand worked. */
  area: string;
  /** The work that follows is wanted. */
  too: boolean;
}

/** Does what follows from a finding; true when all of it was taken. */
export function followed({ store, rows, traced, jobId }: UsedJob, { id, item, verdict, stepId, past, area, too }: Following): boolean {
  const history = () => {
    if (past?.of === 'crash') return traced.job.crash === 'yes' || store.set('job.set', jobId, { crash: 'yes' }).ok;
    const touched = traced.job.lastTouched ?? [];
    return !area || touched.includes(area) || store.set('job.set', jobId, { lastTouched: [...touched, area] }).ok;
  };
  const work = () => {
    if (!too || !words[verdict] || isListed(rows('part'), rows('treatedPart'), item, verdict)) return true;
    return verdict === 'replace'
      ? store.act('part.add', store.newId(), {
          jobId,
          findingId: id,
          name: item,
          number: null,
          source: null,
          quantity: 1,
          price: '0',
          dueOn: null,
        }).ok
      : store.act('treated.add', store.newId(), { jobId, stepId, item, materials: [] }).ok;
  };
  return history() && work();
}
