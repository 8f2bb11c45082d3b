import { createRequire } from 'node:module';

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
export function printer(): Promise<PdfMake> {
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

/** Characters outside the shipped fonts' Latin set would print as empty boxes; ours are none but these few. */
export const printable = (t: string) => t.replace(/≥/g, 'at least ').replace(/≤/g, 'at most ').replace(/¤/g, 'units');
