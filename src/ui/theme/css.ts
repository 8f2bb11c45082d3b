import { theme } from './theme';

type Sheet = { [selector: string]: string | number | Sheet };

function written(sheet: Sheet): string {
  return Object.entries(sheet)
    .map(([key, value]) =>
      typeof value === 'object'
        ? `${key}{${written(value)}}`
        : `${key.startsWith('--') ? key : key.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`)}:${value};`,
    )
    .join('');
}

/**
 * The theme's variables as a style sheet for the head of the page. The theme provider would write them after the
 * content, and everything would shift when they arrive.
 */
export const themeCss: string = (theme as unknown as { generateStyleSheets(): Sheet[] }).generateStyleSheets().map(written).join('');
