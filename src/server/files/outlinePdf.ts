import type { Fastener, Hole, Outline } from '../../core/state';
import { outlinePath, placedOf, proportions, screwLetter } from '../../core/strip';
import { printable, printer } from './printer';

/** Points across the page that the drawing takes, and those of one hole: a 6 mm screw stands in a hole of 7 mm. */
const room = 500;
const rim = 16;
const hole = (7 * 72) / 25.4 / 2;

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');

/**
 * A cover as a card on A4: its outline with a ring for each hole, to be pushed through with its screw, and what each letter means.
 * @param card the bike, what came off, its outline, its holes and its screws
 * @returns one page of PDF
 */
export async function outlinePdf(card: {
  bike: string;
  title: string;
  outline: Outline;
  holes: readonly Hole[];
  screws: readonly Fastener[];
}): Promise<Buffer> {
  const { bike, title, outline, holes, screws } = card;
  const [w, h] = proportions[outline.shape].map((p) => p * (room - 2 * rim));
  const ids = screws.map((f) => f.id);
  const of = (x: Hole) => screwLetter(ids, x.fastenerId);
  const rings = holes.map((x) => {
    const [cx, cy] = [x.x * w + rim, x.y * h + rim];
    return `<circle cx="${cx.toFixed(1)}" cy="${cy.toFixed(1)}" r="${hole.toFixed(1)}" fill="none" stroke="black" stroke-width="1"/><line x1="${(cx - 4).toFixed(1)}" y1="${cy.toFixed(1)}" x2="${(cx + 4).toFixed(1)}" y2="${cy.toFixed(1)}" stroke="black"/><line x1="${cx.toFixed(1)}" y1="${(cy - 4).toFixed(1)}" x2="${cx.toFixed(1)}" y2="${(cy + 4).toFixed(1)}" stroke="black"/><text x="${(cx + hole + 2).toFixed(1)}" y="${(cy - hole + 2).toFixed(1)}" font-size="13" font-family="Text">${escaped(of(x))}</text>`;
  });
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${room}" height="${(h + 2 * rim).toFixed(1)}" viewBox="0 0 ${room} ${(h + 2 * rim).toFixed(1)}"><g transform="translate(${rim} ${rim})"><path d="${outlinePath(outline, w, h)}" fill="none" stroke="black" stroke-width="2"/></g>${rings.join('')}</svg>`;
  const { kinds, empty } = placedOf(screws, holes);
  const lines = kinds.map(
    ({ fastener: f, placed }) =>
      `${screwLetter(ids, f.id)}   ${f.count} × ${f.size}${f.place ? `, ${f.place}` : ''}${placed === f.count ? '' : ` (${placed} of ${f.count} holes marked)`}`,
  );
  const pdf = await printer();
  return pdf
    .createPdf({
      info: { title: `Card: ${title}`, creator: 'Ivrek' },
      defaultStyle: { font: 'Text', fontSize: 12 },
      pageSize: 'A4',
      pageMargins: [47, 40, 47, 40],
      content: [
        { text: printable(title), font: 'Head', fontSize: 24 },
        { text: printable(bike), bold: true, margin: [0, 0, 0, 10] },
        { svg },
        ...[...lines, ...(empty > 0 ? [`?   ${empty} without a screw`] : [])].map((text) => ({
          text: printable(text),
          margin: [0, 3, 0, 0],
        })),
        { text: 'Glue it on card. Push each screw through its ring as it comes out.', fontSize: 10, margin: [0, 12, 0, 0] },
      ],
    })
    .getBuffer();
}
