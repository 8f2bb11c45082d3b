import { useCallback, useEffect, useState } from 'react';
import { emptyDraft, type Draft } from '../../../../core/measure/panel';

const keyOf = (jobId: string, panel: string) => `ivrek-panel:${jobId}:${panel}`;

function left(key: string): Draft {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Draft | null;
    return kept && typeof kept.text === 'object' && typeof kept.unit === 'object' ? kept : emptyDraft;
  } catch {
    return emptyDraft;
  }
}

/** What stands typed in a panel. It is still there after a reload, until it was kept. */
export function useDraft(jobId: string, panel: string): { draft: Draft; change(next: Draft): void; clear(): void } {
  const key = keyOf(jobId, panel);
  const [draft, setDraft] = useState(emptyDraft);
  // After waking: the server's picture knows nothing of this device.
  useEffect(() => setDraft(left(key)), [key]);
  const change = useCallback(
    (next: Draft) => {
      setDraft(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // No room on the device: it stays on the screen.
      }
    },
    [key],
  );
  return {
    draft,
    change,
    clear: () => {
      setDraft(emptyDraft);
      localStorage.removeItem(key);
    },
  };
}
