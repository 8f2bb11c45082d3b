import { emptyDraft, type PanelDraft } from '../../../../core/measure/panel';
import { useStoredDraft } from '../../../controls/useStoredDraft';

const whole = (kept: unknown): PanelDraft => {
  const d = kept as PanelDraft | null;
  return d && typeof d.text === 'object' && typeof d.unit === 'object' ? d : emptyDraft;
};

/** What stands typed in a panel. It is still there after a reload, until it was kept. */
export function useDraft(jobId: string, panel: string): { draft: PanelDraft; change(next: PanelDraft): void; clear(): void } {
  const { value: draft, change, clear } = useStoredDraft(`ivrek-panel:${jobId}:${panel}`, emptyDraft, whole);
  return { draft, change, clear };
}
