import '@testing-library/jest-dom/vitest';
import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { afterAll, afterEach, vi } from 'vitest';

// An act goes by way of the device's own database before it is sent.
configure({ asyncUtilTimeout: 20_000 });
afterEach(cleanup);
// A part still on its way would wake a screen whose window is gone, and fail the run in no test's name.
afterAll(() => vi.dynamicImportSettled());

// The stand-in for a browser has no workers: one that says nothing, where a test brings none of its own.
globalThis.Worker ??= class {
  onmessage = null;
  postMessage(): void {}
  terminate(): void {}
} as unknown as typeof Worker;
