import type { JobRecord } from '../../core/handover';
import { printable, printer } from './printer';

const green = '#1d4c39';
const line = '#b9ad93';

/** The record on A4. */
export async function recordPdf(record: JobRecord, notice: string): Promise<Buffer> {
  const pdf = await printer();
  const sections = record.sections.flatMap((s) => [
    { text: s.title, font: 'Head', fontSize: 15, color: green, margin: [0, 14, 0, 3] },
    s.lines.length === 0
      ? { text: s.empty, color: '#56584c' }
      : {
          table: {
            widths: ['*', '*', 130],
            body: s.lines.map((cells) =>
              [0, 1, 2].map((i) => ({
                text: printable(cells[i] ?? ''),
                bold: i === 0,
                alignment: s.title === 'Bill' && i === 2 ? 'right' : 'left',
              })),
            ),
          },
          layout: {
            hLineWidth: () => 0.5,
            vLineWidth: () => 0,
            hLineColor: () => line,
            paddingLeft: () => 0,
            paddingRight: () => 8,
            paddingTop: () => 3,
            paddingBottom: () => 3,
          },
        },
  ]);
  const doc = {
    pageSize: 'A4',
    pageMargins: [48, 48, 48, 56],
    info: { title: `Record: ${record.title}`, creator: 'Ivrek' },
    defaultStyle: { font: 'Text', fontSize: 10, lineHeight: 1.15, color: '#23261f' },
    footer: (page: number, pages: number) => ({
      text: `${record.title}, page ${page} of ${pages}`,
      alignment: 'right',
      margin: [48, 16, 48, 0],
      color: '#56584c',
      fontSize: 9,
    }),
    content: [
      { text: record.title, font: 'Head', fontSize: 26 },
      ...record.under.map((u) => ({ text: u, color: '#56584c' })),
      { canvas: [{ type: 'line', x1: 0, y1: 6, x2: 499, y2: 6, lineWidth: 2, lineColor: green }] },
      ...sections,
      { text: notice, margin: [0, 22, 0, 0], color: '#56584c', fontSize: 9 },
    ],
  };
  return pdf.createPdf(doc).getBuffer();
}
