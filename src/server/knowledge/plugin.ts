import type { Plugin } from 'vite';
import { readKnowledge } from './load';

const id = 'virtual:knowledge';

/** Makes knowledge/*.yaml a module: checked when it is bundled, the same in the server, the page and the worker. */
export function knowledgePlugin(folder = 'knowledge'): Plugin {
  return {
    name: 'ivrek-knowledge',
    resolveId: (source) => (source === id ? `\0${id}` : undefined),
    load(source) {
      if (source !== `\0${id}`) return undefined;
      const { knowledge, problems } = readKnowledge(folder);
      if (problems.length) throw new Error(`knowledge/ is not sound:\n${problems.join('\n')}`);
      return `export const knowledge = JSON.parse(${JSON.stringify(JSON.stringify(knowledge))});`;
    },
  };
}
