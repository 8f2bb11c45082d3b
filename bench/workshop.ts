import { randomUUID } from 'node:crypto';
import { makeCommand } from '../src/core/command';
import type { CommandAnswers } from '../src/wire';

/** What one of the bikes came in for; several, so that their rankings differ. */
const complaints = [
  ['Will not start', 'no-start'],
  ['Drops a cylinder', 'misfires'],
  ['Slips under load', 'clutch-slips'],
] as const;

/** A workshop of its own with so many open bikes, entered over the wire; the cookie that opens it. */
export async function fillWorkshop(url: string, bikes: number): Promise<{ cookie: string }> {
  const post = (path: string, body: unknown, as: Record<string, string> = {}) =>
    fetch(url + path, { method: 'POST', headers: { 'content-type': 'application/json', origin: url, ...as }, body: JSON.stringify(body) });
  const opened = await post('/api/session', { newShop: `Bench of ${bikes}` });
  const { shopId } = (await opened.json()) as { shopId: string };
  const cookie = (opened.headers.get('set-cookie') ?? '').split(';')[0];
  const commands = Array.from({ length: bikes }, (_x, i) => {
    const [words, symptom] = complaints[i % complaints.length];
    const bikeId = randomUUID();
    return makeCommand({
      id: randomUUID(),
      type: 'bike.bookIn',
      kind: 'bike',
      entityId: bikeId,
      madeAt: new Date().toISOString(),
      after: null,
      payload: {
        bikeId,
        newJobId: randomUUID(),
        ownerId: randomUUID(),
        personalId: randomUUID(),
        complaintId: randomUUID(),
        name: `Bench ${i + 1}`,
        words,
        symptoms: { [symptom]: 'present' },
        rate: '35.00',
      },
    });
  });
  for (let at = 0; at < commands.length; at += 50) {
    const { answers } = (await (
      await post('/api/commands', commands.slice(at, at + 50), { cookie, 'x-ivrek-shop': shopId })
    ).json()) as CommandAnswers;
    const refused = answers.find((a) => a.status !== 200);
    if (refused) throw new Error(`a bike was not taken: ${JSON.stringify(refused)}`);
  }
  return { cookie };
}

/** Looks at the board until everything on it is worked out: then it answers at once. Seconds that took. */
export async function boardWorkedOut(url: string, cookie: string): Promise<number> {
  const began = Date.now();
  for (;;) {
    const asked = Date.now();
    await (await fetch(`${url}/api/jobs`, { headers: { cookie } })).text();
    if (Date.now() - asked < 2000) return (Date.now() - began) / 1000;
    if (Date.now() - began > 300_000) throw new Error('the board was not worked out within five minutes');
  }
}
