import type { Command } from '../../core/command';
import type { CommandAnswer, ErrorBody } from '../../wire';
import { call, forShop, isElsewhere, type Failure } from './client';
import { sameAct } from './outbox';
import type { Answered, OutboxItem } from './types';

/** Speaks to the server for this device. Every call says what became of it and never throws. */
export interface Transport {
  /** Sends entries of one person, in order, whole acts at a time; one answer for each that was dealt with. */
  send(items: readonly OutboxItem[], actorId: string | null): Promise<Answered[]>;
  /** Brings the bytes of a photo to the server. */
  upload(
    sha256: string,
    blob: Blob,
    onPart: (part: number) => void,
    shopId: string,
  ): Promise<{ kind: 'kept' } | ({ kind: 'refused' } & ErrorBody) | { kind: 'cut' }>;
}

function answered(answer: CommandAnswer): Answered {
  if (answer.status === 200) return { kind: 'kept', seq: answer.seq, changes: answer.changes };
  const { status, code, message, refusal } = answer;
  if (isElsewhere({ status, code })) return { kind: 'elsewhere' };
  if (status === 401 || status === 421) return { kind: 'away' };
  if (status >= 500 || status === 429) return { kind: 'cut' };
  if (code === 'not-alone') return { kind: 'left' };
  return {
    kind: 'refused',
    refusal: refusal ?? { code: 'unknown', message: message || 'The server refused this and gave no reason. Try again.' },
  };
}

/** What a request may take before the line counts as cut; entries are kept and sent again, so impatience costs nothing. */
const patienceMs = 20_000;

/** How entries are sent, over anything that asks as fetch does. */
export const sendOver = (via: typeof fetch): Transport['send'] =>
  async function send(items, actorId) {
    const { shopId } = items[0];
    const asking = { shopId, via };
    const body = items.map((i) => (i.personal ? { ...i.command, personal: i.personal } : i.command));
    const post = (who: string | null) =>
      call('POST /api/commands list', {
        ...asking,
        body,
        ...(who && { headers: { 'x-ivrek-person': who } }),
        signal: AbortSignal.timeout(patienceMs),
      });
    let answer = await post(actorId);
    if (!answer.ok && answer.code === 'not-taken-up') {
      // Someone took this device up while the server was away: it is told now. Whom it does not know cannot have.
      const worked = await call('PUT /api/session', {
        ...asking,
        body: { personId: actorId, worked: true },
        signal: AbortSignal.timeout(patienceMs),
      });
      if (!worked.ok && worked.status === 0) return [{ kind: 'cut' }];
      answer = await post(worked.ok ? actorId : null);
    }
    // Something else may answer in the server's place; what is entered stays here until the server itself has it.
    if (answer.ok) return Array.isArray(answer.body.answers) ? answer.body.answers.map(answered) : [{ kind: 'cut' }];
    if (answer.status === 0) return [{ kind: 'cut' }];
    // Refused as a whole, for its size perhaps: one at a time tells which.
    if (answer.status === 413) {
      let half = Math.ceil(items.length / 2);
      while (half < items.length && sameAct(items[half - 1], items[half])) half++;
      if (half < items.length) return send(items.slice(0, half), actorId);
    }
    return [answered(answer as Failure & CommandAnswer)];
  };

export const serverTransport: Transport = {
  send: sendOver((path, init) => fetch(path, init)),

  upload(sha256, blob, onPart, shopId) {
    return new Promise((resolve) => {
      // XMLHttpRequest, because fetch cannot tell how far an upload has come.
      const request = new XMLHttpRequest();
      request.open('PUT', `/api/photos/${sha256}`);
      for (const [name, value] of Object.entries(forShop(shopId))) request.setRequestHeader(name, value);
      request.timeout = 180_000;
      request.upload.onprogress = (e) => e.lengthComputable && onPart(e.loaded / e.total);
      request.onload = () => {
        const { status } = request;
        if (status === 200) resolve({ kind: 'kept' });
        else if (status >= 500 || status === 401 || status === 429) resolve({ kind: 'cut' });
        else {
          let body: Partial<ErrorBody> = {};
          try {
            body = JSON.parse(request.responseText) as typeof body;
          } catch {
            // the plain words will do
          }
          // Sent with the entry that names it, which tells the same.
          if (isElsewhere({ status, code: body.code })) resolve({ kind: 'cut' });
          else
            resolve({
              kind: 'refused',
              code: body.code,
              message: body.message ?? 'The server refused this picture and gave no reason. Try again.',
            });
        }
      };
      request.onerror = request.ontimeout = request.onabort = () => resolve({ kind: 'cut' });
      request.send(blob);
    });
  },
};

/** Sends one command now or says why not; for what cannot wait in an outbox, such as a person who is about to go in. */
export async function sendNow(command: Command, shopId: string): Promise<Answered> {
  const item: OutboxItem = { id: command.id, shopId, jobId: null, command, actorId: null, photos: [], changes: [], state: 'waiting' };
  return (await serverTransport.send([item], null))[0];
}
