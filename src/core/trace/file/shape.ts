/** What a line of evidence may hold besides what it begins with. */
const besides: Record<string, readonly string[]> = {
  test: ['at', 'result', 'reading', 'conditions'],
  repair: ['at', 'then', 'of', 'now'],
  finding: ['verdict', 'fault', 'at'],
  off: [],
  on: [],
  learned: [],
};

const entries = ['format', 'version', 'bike', 'history', 'rate', 'complaint', 'symptoms', 'complaints', 'off', 'evidence'];

const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);

function lineProblems(line: unknown, where: string): string[] {
  if (!isObject(line)) return [`${where}: write it as {test: …, result: …}`];
  const kinds = Object.keys(besides).filter((kind) => kind in line);
  if (kinds.length !== 1) return [`${where}: needs one of ${Object.keys(besides).join(', ')}`];
  const [kind] = kinds;
  const isWords = typeof line[kind] === 'string' || typeof line[kind] === 'number';
  if (kind === 'learned' ? !isObject(line[kind]) : !isWords)
    return [`${where}: after ${kind} goes ${kind === 'learned' ? '{name: value, …}' : 'an id or words'}`];
  return Object.keys(line)
    .filter((name) => name !== kind && !besides[kind].includes(name))
    .map(
      (name) => `${where}: '${name}' does not go with ${kind}${besides[kind].length ? `, which takes ${besides[kind].join(', ')}` : ''}`,
    );
}

/** Words and symptoms, of the first complaint or of a further one. */
function complaintProblems(words: unknown, symptoms: unknown, inWords: string, inSymptoms: string): string[] {
  const none = (x: unknown) => x === undefined || x === null;
  return [
    ...(none(words) || typeof words === 'string' ? [] : [`${inWords}: write it in words`]),
    ...(none(symptoms) || isObject(symptoms) || (Array.isArray(symptoms) && symptoms.every((s) => typeof s === 'string'))
      ? []
      : [`${inSymptoms}: write them as {symptom: yes or no, …}`]),
  ];
}

/** What of a file is not laid out as a case file is; empty where it can be read. */
export function misshapen(file: unknown): string[] {
  if (!isObject(file)) return ['the file is not a case'];
  const wrong = Object.keys(file)
    .filter((name) => !entries.includes(name))
    .map((name) => `${name}: a case file takes ${entries.join(', ')}`);
  const given = (name: string) => file[name] !== undefined && file[name] !== null;
  for (const name of ['bike', 'history']) if (given(name) && !isObject(file[name])) wrong.push(`${name}: write it as {name: value, …}`);
  for (const name of ['complaints', 'off', 'evidence'])
    if (given(name) && !Array.isArray(file[name])) wrong.push(`${name}: write it as a list`);
  wrong.push(...complaintProblems(file.complaint, file.symptoms, 'complaint', 'symptoms'));
  if (given('rate') && !(Number(file.rate) >= 0)) wrong.push('rate: money an hour, as a number');
  if (Array.isArray(file.off))
    file.off.forEach((x, n) => {
      if (typeof x !== 'string') wrong.push(`off ${n + 1}: write it as an id or words`);
    });
  if (Array.isArray(file.evidence)) file.evidence.forEach((line, n) => wrong.push(...lineProblems(line, `evidence ${n + 1}`)));
  if (Array.isArray(file.complaints))
    file.complaints.forEach((c, n) => {
      const where = `complaint ${n + 1}`;
      if (!isObject(c)) wrong.push(`${where}: write it as {words: …, symptoms: {…}}`);
      else wrong.push(...complaintProblems(c.words, c.symptoms, `${where}, words`, `${where}, symptoms`));
    });
  return wrong;
}
