import { logTail } from './cluster.mjs';
import { say } from './say.mjs';
import { freeMb, tellTrouble } from './status.mjs';

const lookMs = 1000;
const longestPauseMs = 30_000;

/** What is wrong as far as the launcher can see, in words for the page and the terminal. */
function troubleOf(cluster, base, since) {
  let free = null;
  try {
    free = freeMb(base);
  } catch {
    // the disk itself may be gone
  }
  const full = free !== null && free < 64;
  return {
    since,
    freeMb: free,
    what: full ? `The disk is full: ${free} MB are free.` : 'The database stopped and is being brought back.',
    log: logTail(cluster.data, 3),
  };
}

/**
 * Watches over PostgreSQL for as long as Ivrek runs: where it dies, however that came, it is brought back on its own port, at
 * once and then after longer and longer pauses. Meanwhile pages and the terminal say what is wrong. Answers how to stop.
 */
export function supervise(cluster, base, { pauseMs = 500 } = {}) {
  let stopped = false;
  let timer;
  let since = null;
  let wait = pauseMs;
  const next = (ms) => {
    if (!stopped) timer = setTimeout(() => void look(), ms);
  };
  const look = async () => {
    if (cluster.up()) {
      if (since) say('the database is back');
      tellTrouble(base, null);
      since = null;
      wait = pauseMs;
      return next(lookMs);
    }
    if (stopped) return;
    since ??= new Date().toISOString();
    const trouble = troubleOf(cluster, base, since);
    tellTrouble(base, trouble);
    say(`the database is not there. ${trouble.what}`);
    const why = await cluster.again().catch((error) => String(error?.message ?? error));
    if (!why) return next(0);
    tellTrouble(base, troubleOf(cluster, base, since));
    say(`it could not be brought back; next try in ${Math.ceil(wait / 1000)} s. ${why}`);
    next(wait);
    wait = Math.min(wait * 2, longestPauseMs);
  };
  next(lookMs);
  return () => {
    stopped = true;
    clearTimeout(timer);
    tellTrouble(base, null);
  };
}
