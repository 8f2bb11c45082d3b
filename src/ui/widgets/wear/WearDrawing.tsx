import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

const plate = <rect x="5" y="5" width="30" height="30" rx="2" fill="none" strokeWidth="1.5" />;
const dots = (...at: [number, number, number][]) =>
  at.map(([x, y, r]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill="currentColor" stroke="none" />);

/** One drawing for each word of wear, by its id; drawn in a square of 40. */
const drawings: Record<string, ReactNode> = {
  scored: (
    <>
      {plate}
      <path d="M11 9v22M15 6v29M17 12v14M22 8v20M26 6v29M29 16v13" />
    </>
  ),
  worn: (
    <>
      <path d="M4 14h32" strokeDasharray="3 3" strokeWidth="1.5" />
      <path d="M4 14h5c3 0 3 7 8 7h6c5 0 5-7 8-7h5v18H4z" fill="none" />
    </>
  ),
  pitted: (
    <>
      {plate}
      {dots([12, 12, 2.2], [20, 15, 3], [28, 11, 1.6], [14, 22, 1.6], [25, 23, 3.2], [17, 29, 2.4], [30, 30, 1.5])}
    </>
  ),
  blued: (
    <>
      {plate}
      <path d="M5 28c6-7 24-7 30 0M5 22c6-8 24-8 30 0M5 15c6-8 24-8 30 0" fill="none" strokeWidth="1.5" />
      <path d="M8 33l3-3M14 33l5-5M21 33l5-5M28 33l4-4" strokeWidth="1.5" />
    </>
  ),
  burnt: (
    <>
      <path d="M20 4a16 16 0 1 0 13 25l-4-2 1-3-5-2 4-4-2-4 6-3A16 16 0 0 0 20 4z" fill="none" />
      {dots([31, 20, 1.3], [34, 24, 1.6], [34, 16, 1.1])}
    </>
  ),
  hammered: (
    <>
      <path d="M3 17c3 0 3-4 5-4 0 9 9 9 9 0 2-2 4-2 6 0 0 9 9 9 9 0 2 0 2 4 5 4v16H3z" fill="none" />
      <path d="M12 3v5M28 3v5" />
    </>
  ),
  glazed: (
    <>
      {plate}
      <path d="M9 31 31 9M9 22 22 9M18 31l13-13" strokeWidth="1" />
      <path d="M27 21v8M23 25h8" strokeWidth="2.5" />
    </>
  ),
  hooked: <path d="M3 33V22c6 0 9-5 11-13 0 7 1 10 0 13 5 0 8-5 10-13 0 7 1 10 0 13 5 0 8-5 11-13 0 7 1 10 0 13v11z" fill="none" />,
  cracked: (
    <>
      {plate}
      <path d="M12 5l4 8-3 5 7 5-2 6 5 6M20 23l7-2 3-5" fill="none" strokeWidth="2.5" />
    </>
  ),
  broken: (
    <>
      <path d="M3 13h16l-4 5 5 4-4 6H3z" fill="none" />
      <path d="M37 13h-9l-4 5 5 4-4 6h12z" fill="none" strokeDasharray="3 3" strokeWidth="1.5" />
    </>
  ),
  coked: (
    <>
      <path d="M7 20h26v15H7z" fill="none" />
      <path d="M6 20c-2-5 3-6 4-9 3 2 4-5 8-4 2 3 5-3 8 0 2 4 6 3 6 7 3 2 2 5 2 6z" fill="currentColor" />
    </>
  ),
  flattened: (
    <>
      <circle cx="20" cy="20" r="14" fill="none" strokeDasharray="3 3" strokeWidth="1.5" />
      <path d="M8 25a14 14 0 0 0 24 0c2-4 0-9-4-9H12c-4 0-6 5-4 9z" fill="none" strokeWidth="2.5" />
    </>
  ),
  seized: (
    <>
      <path d="M6 4v32M34 4v32" strokeWidth="3" />
      <path d="M10 10h20v22H10z" fill="none" />
      <path d="M6 15h5M6 19h6M6 23h4M6 27h6M34 15h-6M34 20h-5M34 24h-6M34 28h-4" strokeWidth="2.5" />
    </>
  ),
  galled: (
    <>
      <path d="M3 26h4l3-6 3 6 5-9 2 4 3-7 2 12 4-5 2 5h6v9H3z" fill="none" />
      <path d="M8 12h22l-4-3M30 12l-4 3" fill="none" strokeWidth="1.5" />
    </>
  ),
  bent: (
    <>
      <path d="M4 30h32" strokeDasharray="3 3" strokeWidth="1.5" />
      <path d="M4 27c10 0 14-2 18-8s8-10 14-11" fill="none" strokeWidth="4" />
    </>
  ),
  corroded: (
    <>
      {plate}
      <path d="M11 13c3-4 8-1 7 2 4 0 5 5 1 6 0 4-7 4-7 0-4-1-4-6-1-8zM25 22c4-2 8 2 5 5 0 4-7 4-7 1-2-2-1-5 2-6z" fill="none" />
      {dots([14, 16, 1.2], [16, 19, 0.9], [27, 26, 1.1], [26, 10, 1.4], [12, 29, 1.3])}
    </>
  ),
  cut: (
    <>
      <path d="M4 12h32M4 28h32" fill="none" />
      <path d="M4 20h11M25 20h11" strokeWidth="1" />
      <path d="M16 6l8 28" strokeWidth="3" />
      <path d="M14 12l6 8-2 8M22 12l4 4M17 28l5-3" fill="none" strokeWidth="1" />
    </>
  ),
};

/** The ids that there is a drawing of; a test holds them against the knowledge. */
export const drawn: readonly string[] = Object.keys(drawings);

/** How a part looks that is worn so. The word stands beside it, so that it says nothing to a screen reader. */
export function WearDrawing({ wear, size = 40 }: { wear: string; size?: number }) {
  if (!(wear in drawings)) return null;
  return (
    <Box
      component="svg"
      viewBox="0 0 40 40"
      aria-hidden
      sx={{
        width: size,
        height: size,
        flexShrink: 0,
        stroke: 'currentColor',
        strokeWidth: 2,
        strokeLinejoin: 'round',
        strokeLinecap: 'round',
      }}
    >
      {drawings[wear]}
    </Box>
  );
}
