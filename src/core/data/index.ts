export { sameData } from './same';
