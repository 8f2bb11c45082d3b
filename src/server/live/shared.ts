import { pool } from '../db/pool';
import { Hub } from './hub';

let shared: Hub | undefined;

/** The hub of this server process. */
export const hub = (): Hub => (shared ??= new Hub(pool(), process.env.IVREK_APP_URL!));
