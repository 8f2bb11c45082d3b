export { accountOf, parseFasteners, type ParsedFastener } from './account';
