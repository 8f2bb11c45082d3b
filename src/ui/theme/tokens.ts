/**
 * The look in one place: a well-kept bench. Warm paper ground, one deep green for what is right and for acting, one
 * brass accent for what is open, signal red for danger and out of limit only.
 */
export const light = {
  ground: '#f2ecdf',
  sheet: '#fbf8f1',
  sunk: '#e7dfcd',
  line: '#b9ad93',
  ink: '#23261f',
  soft: '#56584c',
  green: '#1d4c39',
  greenWash: '#d9e5d8',
  brass: '#7d5410',
  brassWash: '#f1e1bd',
  red: '#a5211a',
  redWash: '#f7dcd5',
};

export const dark: typeof light = {
  ground: '#151916',
  sheet: '#1e2420',
  sunk: '#111411',
  line: '#4d564e',
  ink: '#ece6d8',
  soft: '#b7b5a6',
  green: '#7cc8a0',
  greenWash: '#1f3a2e',
  brass: '#e0b35c',
  brassWash: '#3b3019',
  red: '#ff8a7a',
  redWash: '#482019',
};

export const fonts = {
  text: "'Source Sans 3', system-ui, sans-serif",
  head: "'Barlow Condensed', 'Arial Narrow', sans-serif",
};

/** Smallest side of anything that is touched, in px. */
export const target = 48;
