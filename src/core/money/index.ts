export * from './bill';
export { agreedLeft, spentCents } from './spent';
