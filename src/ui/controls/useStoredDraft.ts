import { useCallback, useEffect, useState } from 'react';

/**
 * What stands typed in a form: still there after a reload, until it is cleared. `read` makes something whole of what lay on the device,
 * which may be null or of an earlier version.
 */
export function useStoredDraft<T>(key: string, empty: T, read: (kept: unknown) => T): { value: T; change(next: T): void; clear(): void } {
  const [value, setValue] = useState(empty);
  // After waking: the server's picture knows nothing of this device.
  useEffect(() => setValue(read(left(key))), [key, read]);
  const change = useCallback(
    (next: T) => {
      setValue(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // No room on the device: it stays on the screen.
      }
    },
    [key],
  );
  const clear = useCallback(() => {
    setValue(empty);
    try {
      localStorage.removeItem(key);
    } catch {
      // Nothing was kept.
    }
  }, [key, empty]);
  return { value, change, clear };
}

function left(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null');
  } catch {
    return null;
  }
}
