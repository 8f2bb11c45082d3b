export { changedTogether, trailOf, type TrailStep } from './trail';
export { trailMarkdown, trailSvg } from './draw';
