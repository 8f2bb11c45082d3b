import { parentPort, workerData } from 'node:worker_threads';
import { readKnowledge } from '../../src/server/knowledge/load';
import { runTask, type Task } from './family';
import { benchOptimum, type OptimumTask } from './optimum';

const { knowledge } = readKnowledge('knowledge');
parentPort!.on('message', (task: Task | OptimumTask) =>
  parentPort!.postMessage('models' in task ? benchOptimum(task) : runTask(knowledge, task)),
);
parentPort!.postMessage(`ready ${String(workerData)}`);
