import { readKnowledge } from '../../src/server/knowledge/load';
import { TestWorkshop } from '../fixtures/workshop';
import { percentile, type Report } from './report';
import type { AttackStand } from './stand';

/** Bytes that a process and its threads hold. */
async function residentMb(pid: number): Promise<number> {
  const { readFileSync } = await import('node:fs');
  return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;
}

/** Everything complained of at once, and everything bad that can be found: it is ranked, and others do not wait for it. */
export async function heavyFindings(stand: AttackStand, quick: boolean, report: Report): Promise<void> {
  const { knowledge } = readKnowledge('knowledge');
  const symptoms = knowledge.findings.filter((f) => f.symptom).map((f) => f.id);
  const heavy = await TestWorkshop.open(stand.home, 'Heavy');
  const light = await TestWorkshop.open(stand.home, 'Light');
  const small = light.booking('Marram 80', 'no pull');
  await light.send([small.command]);
  const times: number[] = [];
  const others: number[] = [];
  const sizes = quick ? [8, 16, 24, 30] : [6, 8, 10, 12, 14, 15, 16, 17, 19, 21, 24, 27, 30, symptoms.length];
  for (const n of sizes) {
    const booking = heavy.booking(`Bike with ${n}`, 'everything');
    const { command } = booking;
    (command.payload as { symptoms: object }).symptoms = Object.fromEntries(symptoms.slice(0, n).map((s) => [s, 'present']));
    const bikeId = (command.payload as { bikeId: string }).bikeId;
    const four = {
      archetype: 'faired-four',
      cylinders: 4,
      cooling: 'liquid',
      ignition: 'electronic',
      fuelling: 'carburettor',
      starting: 'electric',
    };
    const base = Object.fromEntries(Object.keys(four).map((f) => [f, 0]));
    await heavy.send([command, { ...heavy.command('bike.set', 'bike', { set: four }, bikeId), base }]);
    if (n === sizes.at(-1)) {
      const bad = knowledge.tests.filter((t) => t.kind !== 'ask' && t.outcomes.some((o) => !o.normal)).slice(0, 40);
      await heavy.send(
        bad.map((t) =>
          heavy.command('evidence.add', 'evidence', {
            jobId: booking.jobId,
            testId: t.id,
            position: t.per === 'cylinder' ? '1' : null,
            outcome: t.outcomes.find((o) => !o.normal)!.id,
            reading: null,
            predictionId: null,
            held: null,
            conditions: {},
            note: null,
            afterRepairId: null,
            knowledgeHash: 'x',
            shown: null,
          }),
        ),
      );
    }
    const ranked = heavy.ask(`/job/${booking.jobId}/trace`);
    const began = performance.now();
    const meanwhile = (async () => {
      for (let i = 0; i < 3; i++) {
        const t = performance.now();
        const r = await light.ask('/api/jobs');
        await r.text();
        if (i > 0 || n === sizes[0]) others.push(performance.now() - t);
        if (r.status !== 200) report.wrong(`another workshop was answered ${r.status} meanwhile`);
      }
    })();
    const r = await ranked;
    const text = await r.text();
    times.push(performance.now() - began);
    report.figure(`heavy.page of ${n} findings ms`, times.at(-1)!);
    await meanwhile;
    report.count('heavy bikes');
    if (r.status !== 200) report.wrong(`the page of ${n} findings: ${r.status}`);
    if (n <= 30 && !text.includes('"ranking":{')) report.wrong(`the page of ${n} findings came without its ranking`);
    if (n >= 17 && !text.includes('"rough":true')) report.wrong(`the page of ${n} findings does not say that it is rough`);
  }
  const first = performance.now();
  const board = await heavy.ask('/api/jobs');
  await board.text();
  report.figure('heavy.first screen ms', performance.now() - first);
  if (board.status !== 200) report.wrong(`the first screen of the heavy workshop: ${board.status}`);
  report.figure('heavy.page p99 ms', percentile(times, 0.99));
  report.figure('heavy.another workshop p99 ms', percentile(others, 0.99));
  const resident = await residentMb(stand.note().server.pid);
  report.figure('heavy.server MB', resident);
  if (resident > 900) report.wrong(`the server holds ${Math.round(resident)} MB`);
}
