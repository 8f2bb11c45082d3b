import { dayTimeWords } from '../../state';
import type { TrailStep } from './trail';

/** The trail as Markdown: a numbered list that any editor shows. */
export function trailMarkdown(title: string, steps: readonly TrailStep[], zone: string): string {
  const lines = steps.map((s, i) => {
    const facts = [...s.more, s.led ? `top suspect then: ${s.led}` : '', s.at ? dayTimeWords(s.at, zone) : ''].filter(Boolean);
    return `${i + 1}. ${s.kind === 'result' ? s.words : `**${s.words}**`}${facts.length ? `  \n   ${facts.join('; ')}` : ''}`;
  });
  return `# ${title}\n\n${lines.join('\n')}\n`;
}

const escape = (text: string) => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** Words in lines of at most `width` letters. */
function wrapped(text: string, width: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    if (line && line.length + word.length + 1 > width) {
      lines.push(line);
      line = word;
    } else line = line ? `${line} ${word}` : word;
  }
  return [...lines, line];
}

const lineHeight = 20;
const left = 48;
const width = 720;

/** The trail as a picture: one line of travel, a mark for each step, dark for repairs and hollow for results. */
export function trailSvg(title: string, steps: readonly TrailStep[], zone: string): string {
  let y = 64;
  const parts: string[] = [];
  const marks: string[] = [];
  steps.forEach((s) => {
    const head = wrapped(s.words, 78);
    const rest = wrapped(
      [...s.more, s.led ? `top suspect then: ${s.led}` : '', s.at ? dayTimeWords(s.at, zone) : ''].filter(Boolean).join('; '),
      88,
    ).filter(Boolean);
    const fill = s.kind === 'repair' ? '#1f4d3a' : s.kind === 'retest' ? '#b07a2a' : '#fbf8f1';
    marks.push(`<circle cx="24" cy="${y - 5}" r="${s.kind === 'complaint' ? 9 : 7}" fill="${fill}" stroke="#1f4d3a" stroke-width="2"/>`);
    head.forEach((t) => {
      parts.push(`<text x="${left}" y="${y}" font-size="16" font-weight="${s.kind === 'result' ? 400 : 700}">${escape(t)}</text>`);
      y += lineHeight;
    });
    rest.forEach((t) => {
      parts.push(`<text x="${left}" y="${y}" font-size="13" fill="#5a5346">${escape(t)}</text>`);
      y += lineHeight - 3;
    });
    y += 12;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${y + 8}" viewBox="0 0 ${width} ${y + 8}" font-family="sans-serif" fill="#1d1d1b">`,
    `<rect width="100%" height="100%" fill="#fbf8f1"/>`,
    `<text x="16" y="32" font-size="20" font-weight="700">${escape(title)}</text>`,
    steps.length > 1 ? `<line x1="24" y1="56" x2="24" y2="${y - 28}" stroke="#1f4d3a" stroke-width="2"/>` : '',
    ...marks,
    ...parts,
    '</svg>',
  ].join('\n');
}
