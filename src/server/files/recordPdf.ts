import { createRequire } from 'node:module';
import type { JobRecord } from '../../core/handover';

const require = createRequire(import.meta.url);
const font = (name: string) => require.resolve(`@fontsource/${name}`);

interface PdfMake {
  addFonts(fonts: Record<string, Record<string, string>>): void;
  setUrlAccessPolicy(allow: () => boolean): void;
  setLocalAccessPolicy(allow: (path: string) => boolean): void;
  createPdf(doc: object): { getBuffer(): Promise<Buffer> };
}

let made: Promise<PdfMake> | undefined;

/** pdfmake with our own fonts and nothing else: it may read no other file and no address. */
function printer(): Promise<PdfMake> {
  made ??= (async () => {
    const module = (await import('pdfmake')) as unknown as { default: PdfMake };
    const pdf = module.default;
    const text = (weight: number) => font(`source-sans-3/files/source-sans-3-latin-${weight}-normal.woff`);
    const head = font('barlow-condensed/files/barlow-condensed-latin-600-normal.woff');
    const files = [text(400), text(600), head];
    pdf.setUrlAccessPolicy(() => false);
    pdf.setLocalAccessPolicy((path) => files.includes(path));
    pdf.addFonts({
      Text: { normal: files[0], bold: files[1], italics: files[0], bolditalics: files[1] },
      Head: { normal: head, bold: head, italics: head, bolditalics: head },
    });
    return pdf;
  })();
  return made;
}

const green = '#1d4c39';
const line = '#b9ad93';

/** Characters outside the shipped fonts' Latin set would print as empty boxes; the record uses none but these few. */
const printable = (t: string) => t.replace(/≥/g, 'at least ').replace(/≤/g, 'at most ').replace(/¤/g, 'units');

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
