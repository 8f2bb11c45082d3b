import type { Step } from '../../../core/state';
import { lines, nodeHeight, nodeWidth, pathOf, type Drawn } from './layout';

const escaped = (text: string): string => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** The drawing as a file of its own, in ink on paper: the ready ones have a thick edge. */
export function svgFile(title: string, steps: readonly Step[], ready: ReadonlySet<string>, { width, height, nodes, edges }: Drawn): string {
  const node = (s: Step): string => {
    const { x, y } = nodes.get(s.id)!;
    const said = lines(s.title);
    return [
      `<rect x="${x - nodeWidth / 2}" y="${y - nodeHeight / 2}" width="${nodeWidth}" height="${nodeHeight}" fill="#fff" stroke="#222" stroke-width="${ready.has(s.id) ? 4 : 1.2}"/>`,
      ...said.map((l, i) => `<text x="${x}" y="${y - (said.length > 1 ? 10 : 3) + i * 17}" text-anchor="middle">${escaped(l)}</text>`),
      s.bag ? `<text x="${x}" y="${y + 26}" text-anchor="middle" font-size="13">bag ${escaped(s.bag)}</text>` : '',
    ].join('');
  };
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 -28 ${Math.ceil(Math.max(width, 200))} ${Math.ceil(height + 28)}" font-family="sans-serif" font-size="14" fill="#222">`,
    `<title>${escaped(title)}</title><text x="6" y="-9" font-weight="bold">${escaped(title)}</text>`,
    ...edges.map((e) => `<path d="${pathOf(e.points)}" fill="none" stroke="#222" stroke-width="1.4"/>`),
    ...steps.map(node),
    '</svg>',
  ].join('\n');
}
