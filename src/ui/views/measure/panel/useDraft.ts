import { emptyDraft, type Draft } from '../../../../core/measure/panel';
import { useKept } from '../../../parts/useKept';

const whole = (kept: unknown): Draft => {
  const d = kept as Draft | null;
  return d && typeof d.text === 'object' && typeof d.unit === 'object' ? d : emptyDraft;
};

/** What stands typed in a panel. It is still there after a reload, until it was kept. */
export function useDraft(jobId: string, panel: string): { draft: Draft; change(next: Draft): void; clear(): void } {
  const { value: draft, change, clear } = useKept(`ivrek-panel:${jobId}:${panel}`, emptyDraft, whole);
  return { draft, change, clear };
}
