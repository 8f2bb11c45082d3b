export { drainAndReplaceMl, freezesAtC, shareFor } from './mix';
