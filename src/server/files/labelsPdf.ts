import type { StripLabel } from '../../core/strip';
import { printable, printer } from './printer';

/** Sheets of A4 with three by eight labels of 70 × 37 mm, or single labels of 62 × 29 mm as label printers have them. */
export const labelSizes = ['a4', 'label'] as const;
export type LabelSize = (typeof labelSizes)[number];

const mm = (x: number) => (x * 72) / 25.4;
const [across, down] = [3, 8];

/** Points: how large the code and the two kinds of type are, and how many lines fit. */
interface Look {
  fit: number;
  head: number;
  text: number;
  lines: number;
}
const looks: Record<LabelSize, Look> = {
  a4: { fit: 78, head: 16, text: 8, lines: 4 },
  label: { fit: 58, head: 13, text: 7, lines: 2 },
};

/** A code that opens it, what it is, and what is in it; what does not fit is left to the screen. */
const cell = (label: StripLabel, bike: string, url: string, { fit, head, text, lines }: Look) => ({
  columns: [
    { qr: url, fit, width: fit, eccLevel: 'M' },
    {
      width: '*',
      stack: [
        { text: printable(label.head).slice(0, 22), font: 'Head', fontSize: head },
        { text: printable(bike).slice(0, 34), bold: true, fontSize: text },
        ...label.lines.slice(0, lines).map((l) => ({ text: printable(l).slice(0, 60), fontSize: text })),
      ],
    },
  ],
  columnGap: 6,
});

/**
 * Labels for bags and parts as a PDF.
 *
 * @param addressOf what the code of a label opens
 */
export async function labelsPdf(
  labels: readonly StripLabel[],
  bike: string,
  addressOf: (label: StripLabel) => string,
  size: LabelSize,
): Promise<Buffer> {
  const pdf = await printer();
  const base = { info: { title: `Labels: ${bike}`, creator: 'Ivrek' }, defaultStyle: { font: 'Text', fontSize: 9, lineHeight: 1.05 } };
  if (size === 'label') {
    const content = labels.map((l, i) => ({ ...cell(l, bike, addressOf(l), looks.label), ...(i > 0 && { pageBreak: 'before' }) }));
    return pdf.createPdf({ ...base, pageSize: { width: mm(62), height: mm(29) }, pageMargins: [5, 6, 4, 2], content }).getBuffer();
  }
  const cells = labels.map((l) => ({ ...cell(l, bike, addressOf(l), looks.a4), margin: [8, 10, 4, 0] }));
  const rows = Array.from({ length: Math.ceil(cells.length / across) }, (_x, r) =>
    Array.from({ length: across }, (_y, c) => cells.at(r * across + c) ?? ''),
  );
  const table = { widths: Array(across).fill(mm(70)), heights: mm(297 / down), body: rows, dontBreakRows: true };
  const none = () => 0;
  const layout = { hLineWidth: none, vLineWidth: none, paddingLeft: none, paddingRight: none, paddingTop: none, paddingBottom: none };
  return pdf.createPdf({ ...base, pageSize: 'A4', pageMargins: [0, 0, 0, 0], content: [{ table, layout }] }).getBuffer();
}
