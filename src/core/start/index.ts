export { startAdvice, type StartAdvice } from './log';
