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

/** What is wanted of what follows. */
export interface Wanted {
  /** The work on the part itself. */
  work: boolean;
  /** What goes back new with it. */
  renew: boolean;
}

interface FollowsProps {
  item: string;
  verdict: StoredVerdict | null;
  /** Names of what goes back new with the part. */
  renews: readonly string[];
  wanted: Wanted;
  onChange(wanted: Wanted): void;
}

/** What follows from a verdict, done with the finding unless it is unticked. */
export function Follows({ item, verdict, renews, wanted, onChange }: FollowsProps) {
  const { rows } = useJob();
  const says = verdict && item && !isListed(rows('part'), rows('treatedPart'), item, verdict) ? words[verdict] : null;
  const fresh = renews.filter((name) => !isWanted(rows('part'), name));
  return (
    <>
      {says && (
        <FormControlLabel
          control={<Checkbox checked={wanted.work} onChange={(e) => onChange({ ...wanted, work: e.target.checked })} />}
          label={says}
        />
      )}
      {fresh.length > 0 && (
        <FormControlLabel
          control={<Checkbox checked={wanted.renew} onChange={(e) => onChange({ ...wanted, renew: e.target.checked })} />}
          label={`New with it, on the list of parts: ${fresh.join(', ').toLowerCase()}`}
        />
      )}
    </>
  );
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

interface OnList {
  name: string;
  status: string;
}

/** It stands on the list of parts and is still to be fitted. */
const isWanted = (parts: readonly OnList[], name: string): boolean =>
  parts.some((p) => same(p.name, name) && p.status !== 'fitted' && p.status !== 'spare');

/** It stands on its list already, as far as it has not been done with. */
function isListed(
  parts: readonly OnList[],
  treated: readonly { item: string; state: string }[],
  item: string,
  verdict: StoredVerdict,
): boolean {
  return verdict === 'replace' ? isWanted(parts, item) : treated.some((t) => same(t.item, item) && t.state !== 'ready');
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
  /** Names of what goes back new with it. */
  renews: readonly string[];
  wanted: Wanted;
}

/** Does what follows from a finding; true when all of it was taken. */
export function followed(
  { store, rows, traced, jobId }: UsedJob,
  { id, item, verdict, stepId, past, area, renews, wanted }: Following,
): boolean {
  const history = () => {
    if (past?.of === 'crash') return traced.job.crash === 'yes' || store.set('job.set', jobId, { crash: 'yes' }).ok;
    const touched = traced.job.lastTouched ?? [];
    return !area || touched.includes(area) || store.set('job.set', jobId, { lastTouched: [...touched, area] }).ok;
  };
  const buy = (name: string) =>
    isWanted(rows('part'), name) ||
    store.act('part.add', store.newId(), {
      jobId,
      findingId: id,
      name,
      number: null,
      source: null,
      quantity: 1,
      price: '0',
      dueOn: null,
    }).ok;
  const work = () => {
    if (!wanted.work || !words[verdict] || isListed(rows('part'), rows('treatedPart'), item, verdict)) return true;
    return verdict === 'replace' ? buy(item) : store.act('treated.add', store.newId(), { jobId, stepId, item, materials: [] }).ok;
  };
  return history() && work() && (!wanted.renew || renews.every(buy));
}
