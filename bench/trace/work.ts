import { parentPort, workerData } from 'node:worker_threads';
import { readKnowledge } from '../../src/server/knowledge/load';
import { runTask } from './family';
import { runNamed } from './named';
import { benchOptimum } from './optimum';
import { benchOwnWorld } from './ownWorld';
import { runPictures } from './picture';
import type { AnyTask } from './pool';

const task = workerData as AnyTask;
const { knowledge } = readKnowledge('knowledge');
const run = () => {
  if ('models' in task) return benchOptimum(task);
  if ('kinds' in task) return benchOwnWorld(knowledge, task);
  if ('named' in task) return runNamed(knowledge, task);
  return 'pictured' in task ? runPictures(knowledge, task) : runTask(knowledge, task);
};
parentPort!.postMessage(run());
