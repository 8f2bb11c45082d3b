export { amount, billOf, cents } from './bill';
export { agreedLeft, spentCents } from './spent';
