import '@testing-library/jest-dom/vitest';
import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';

// An act goes by way of the device's own database before it is sent.
configure({ asyncUtilTimeout: 8000 });
afterEach(cleanup);
