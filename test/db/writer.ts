// Takes commands one after the other through the door and prints the id of each once it is acknowledged.
import { makeCommand } from '../../src/core/command';
import { handleCommand } from '../../src/server/commands/handle';
import { makePool } from '../../src/server/db/pool';

const [url, shopId, from] = process.argv.slice(2);
const pool = makePool(url, 1);
const uid = (kind: number, n: number) => `0000000${kind}-0000-4000-8000-${String(n).padStart(12, '0')}`;
for (let n = Number(from); n < Number(from) + 50000; n++) {
  const command = makeCommand({
    id: uid(1, n),
    type: 'person.add',
    kind: 'person',
    entityId: uid(2, n),
    madeAt: new Date().toISOString(),
    after: null,
    payload: { name: `Person ${n}` },
  });
  const answer = await handleCommand(pool, { shopId, actorId: null, deviceId: null }, command);
  if (answer.kind === 'applied') process.stdout.write(`${command.id}\n`);
}
