import { createHash } from 'node:crypto';
import sharp from 'sharp';

/** An invented generator cover on a bench, drawn: seven screws round the rim, two long ones below, the scrape of a slide. */
const bolt = (x: number, y: number, long = false) =>
  `<g transform="translate(${x} ${y})"><circle r="17" fill="#8d9294"/><circle r="17" fill="none" stroke="#4b5052" stroke-width="4"/>` +
  `<polygon points="-8,0 -4,-7 4,-7 8,0 4,7 -4,7" fill="${long ? '#7a5a1e' : '#33383a'}"/></g>`;
const rim = Array.from({ length: 7 }, (_, i) => {
  const a = ((i * 38 - 204) * Math.PI) / 180;
  return bolt(500 + 268 * Math.cos(a), 360 + 258 * Math.sin(a));
}).join('');
const cover = `<svg xmlns="http://www.w3.org/2000/svg" width="1000" height="750" viewBox="0 0 1000 750">
<defs><linearGradient id="g" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="#c9cccd"/><stop offset="1" stop-color="#85898b"/></linearGradient></defs>
<rect width="1000" height="750" fill="#6b5a45"/>
${Array.from({ length: 11 }, (_, i) => `<rect x="0" y="${i * 70}" width="1000" height="3" fill="#594a38"/>`).join('')}
<ellipse cx="512" cy="386" rx="305" ry="292" fill="#3d3327" opacity="0.5"/>
<circle cx="500" cy="360" r="296" fill="url(#g)"/><circle cx="500" cy="360" r="226" fill="none" stroke="#74797b" stroke-width="6"/>
<circle cx="500" cy="360" r="96" fill="#a2a6a8" stroke="#74797b" stroke-width="5"/>
<path d="M330 560 L470 610 L640 596 L700 548" stroke="#f1f2f0" stroke-width="22" stroke-dasharray="46 9 18 6" fill="none"/>
${rim}${bolt(412, 606, true)}${bolt(592, 604, true)}
</svg>`;

export const coverPlaces = { lost: [0.5, 0.13], long: [0.41, 0.81], scrape: [0.64, 0.79] } as const;

/** The picture as a photo is kept: a JPEG under its SHA-256. */
export async function coverPicture(): Promise<{ sha256: string; bytes: Buffer; width: number; height: number }> {
  const bytes = await sharp(Buffer.from(cover)).jpeg({ quality: 82 }).toBuffer();
  return { sha256: createHash('sha256').update(bytes).digest('hex'), bytes, width: 1000, height: 750 };
}
