import { fitnessOf, type Fitness, type FitnessVerdict } from '../../fitness';
import { list, type AttemptResult, type FitnessAct, type StartAttempt } from '../../state';
import { lastRepairId } from '../../repairs';
import { numbersAt } from '../numbers';
import { maybe, said, words } from '../slots';
import type { LineContext, Meaning, Phrase, SpokenReading, Slot } from '../types';

/** Whether it may be turned, cranked, run, ridden; allowing it anyway; tries to start it. */

const acts: Record<string, FitnessAct> = {
  turned: 'turn',
  turn: 'turn',
  cranked: 'crank',
  crank: 'crank',
  run: 'run',
  running: 'run',
  started: 'run',
  ridden: 'ride',
  ride: 'ride',
  riding: 'ride',
  'handed over': 'handOver',
  leave: 'handOver',
};
/** One of the acts, with or without the question mark that stands behind it. */
const act: Slot<string> = {
  hint: 'run',
  offers: () => ['run', 'ridden'],
  read: ({ tokens }, at) =>
    Object.keys(acts).flatMap((spokenAs) => {
      const parts = spokenAs.split(' ');
      const fits = parts.every((w, i) => tokens[at + i]?.low.replace(/\?$/, '') === w);
      return fits ? [{ value: spokenAs, next: at + parts.length }] : [];
    }),
};
const spoken: Record<FitnessAct, string> = { turn: 'turned', crank: 'cranked', run: 'run', ride: 'ridden', handOver: 'handed over' };

const fitnessIn = ({ knowledge, traced }: LineContext): Fitness => fitnessOf(knowledge, traced);

function answer({ act: a, may, reasons }: FitnessVerdict): string {
  if (may) return `Yes, it may be ${spoken[a]}: nothing on record stands against it.`;
  const more = reasons.length > 2 ? ` And ${reasons.length - 2} more.` : '';
  return `No, not to be ${spoken[a]}. ${reasons
    .slice(0, 2)
    .map((r) => `${r.because}: ${r.lift.toLowerCase()}.`)
    .join(' ')}${more}`;
}

const mayIt: Phrase = {
  id: 'mayIt',
  does: 'Ask whether it may be turned, cranked, run, ridden, handed over',
  example: 'may it run?',
  slots: [said('may it be', 'may it', 'can it be', 'can it', 'is it fit to be'), act, maybe(said('?'))] as Slot<unknown>[],
  mean([, a], { context }): Meaning[] {
    return [{ phrase: 'mayIt', words: answer(fitnessIn(context)[acts[a as string]]), acts: [], cost: 0 }];
  },
};

const allow: Phrase = {
  id: 'allow',
  does: 'Allow it anyway, with a reason',
  example: 'allow run because the owner was shown',
  slots: [said('allow'), act, said('because', 'since'), words('why')] as Slot<unknown>[],
  mean([, a, , why], { context }): Meaning[] {
    const verdict = fitnessIn(context)[acts[a as string]];
    if (verdict.may || !context.actor) return [];
    const codes = verdict.reasons.map((r) => r.code);
    return [
      {
        phrase: 'allow',
        words: `Allowed to be ${spoken[verdict.act]} anyway (${verdict.reasons.map((r) => r.because).join('; ')}): ${why as string}`,
        acts: [
          {
            do: 'act',
            type: 'overrule.say',
            id: null,
            payload: { jobId: context.jobId, act: verdict.act, reason: why as string, codes, saidBy: context.actor.name },
          },
        ],
        cost: 0,
      },
    ];
  },
};

const disallow: Phrase = {
  id: 'disallow',
  does: 'No longer allow it anyway',
  example: 'no longer allow run',
  slots: [said('no longer allow', 'withdraw leave to'), act] as Slot<unknown>[],
  mean([, a], { context }): Meaning[] {
    const standing = list(context.state, 'overrule').filter((o) => o.jobId === context.jobId && !o.endedAt && o.act === acts[a as string]);
    return standing.slice(-1).map((o) => ({
      phrase: 'disallow',
      words: `No longer allowed to be ${spoken[o.act]} anyway: ${o.reason}`,
      acts: [{ do: 'act', type: 'overrule.end', id: o.id, payload: { jobId: context.jobId } }],
      cost: 0,
    }));
  },
};

const results: [RegExp, AttemptResult][] = [
  [/^(nothing|dead|no)$/, 'nothing'],
  [/^(coughed|cough|coughs|popped|pop|fired|spat)$/, 'coughed'],
  [/^(kicked|kicks-back)$/, 'kicked back'],
  [/^(died|stalled)$/, 'ran and died'],
  [/^(ran|runs|started)$/, 'ran'],
  [/^(stuck|locked)$/, 'would not turn'],
];

type Tried = Pick<StartAttempt, 'choke' | 'throttle' | 'kicks' | 'seconds' | 'volts'> & { did: AttemptResult };

/** Reads what was tried and what it did, in any order; null where a word belongs to nothing or nothing is said of what it did. */
function readTry({ tokens }: SpokenReading, from: number): Tried | null {
  const got: Tried = { choke: null, throttle: null, kicks: null, seconds: null, volts: null, did: 'nothing' };
  let did: AttemptResult | null = null;
  const low = (i: number) => tokens[i]?.low ?? '';
  for (let i = from; i < tokens.length;) {
    if (/^[,;.]$/.test(tokens[i].text) || ['on', 'the', 'with', 'and', 'it', 'a', 'for'].includes(low(i))) {
      i++;
      continue;
    }
    const [a, b] = [low(i), low(i + 1)];
    const choke = { full: 'full', half: 'half', no: 'off', without: 'off', off: 'off', on: 'full' } as const;
    const throttle = {
      shut: 'shut',
      closed: 'shut',
      no: 'shut',
      some: 'some',
      half: 'some',
      quarter: 'some',
      open: 'open',
      full: 'open',
      wide: 'open',
    } as const;
    if (b === 'choke' && a in choke) [got.choke, i] = [choke[a as keyof typeof choke], i + 2];
    else if (a === 'choke') [got.choke, i] = b in choke ? [choke[b as keyof typeof choke], i + 2] : ['full', i + 1];
    else if (b === 'throttle' && a in throttle) [got.throttle, i] = [throttle[a as keyof typeof throttle], i + 2];
    else if (a === 'throttle' && b in throttle) [got.throttle, i] = [throttle[b as keyof typeof throttle], i + 2];
    else if (a === 'kicked' && b === 'back') [did, i] = ['kicked back', i + 2];
    else if (a === 'would' && b === 'not') [did, i] = ['would not turn', i + (low(i + 2) === 'turn' ? 3 : 2)];
    else {
      const number = numbersAt(tokens, i).find(
        (x) => /^(kicks?|s|secs?|seconds?|v|volts?)$/.test(low(x.next)) || /^\d+(\.\d+)?(s|v)$/.test(a),
      );
      const glued = /^(\d+(?:\.\d+)?)(s|v)$/.exec(a);
      const result = results.find(([word]) => word.test(a));
      if (glued) {
        got[glued[2] === 's' ? 'seconds' : 'volts'] = Number(glued[1]);
        i++;
      } else if (number) {
        const unit = low(number.next);
        if (unit.startsWith('kick')) got.kicks = number.value;
        else if (unit.startsWith('s')) got.seconds = number.value;
        else got.volts = number.value;
        i = number.next + 1;
      } else if (result) {
        did =
          result[1] === 'ran' && did === 'ran and died' ? did : did === 'ran' && result[1] === 'ran and died' ? 'ran and died' : result[1];
        i++;
      } else return null;
    }
  }
  return did && (got.kicks === null || Number.isInteger(got.kicks)) ? { ...got, did } : null;
}

const attempt: Phrase = {
  id: 'attempt',
  does: 'Log a start attempt: choke, throttle, kicks or seconds, volts, what it did',
  example: 'start full choke 6 kicks 12.1 v coughed',
  slots: [said('start', 'start attempt', 'tried', 'tried to start'), words('choke, kicks, what it did')] as Slot<unknown>[],
  mean([opening], line): Meaning[] {
    const tried = readTry(line, (opening as string).split(' ').length);
    if (!tried) return [];
    const { choke, throttle, kicks, seconds, volts, did } = tried;
    const parts = [
      choke && `choke ${choke}`,
      throttle && `throttle ${throttle}`,
      kicks && `${kicks} kicks`,
      seconds && `${seconds} s`,
      volts && `${volts} V`,
    ];
    const { jobId, traced } = line.context;
    return [
      {
        phrase: 'attempt',
        words: `Start attempt: ${[...parts.filter(Boolean), did].join(', ')}`,
        acts: [
          {
            do: 'act',
            type: 'attempt.log',
            id: null,
            payload: { jobId, ...tried, afterRepairId: lastRepairId(traced.repairs) },
          },
        ],
        cost: 0,
      },
    ];
  },
};

export const fitnessPhrases: readonly Phrase[] = [mayIt, attempt, allow, disallow];
