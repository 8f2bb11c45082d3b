import { parentPort, workerData } from 'node:worker_threads';
import { readKnowledge } from '../../src/server/knowledge/load';
import { runTask, type Task } from './family';
import { benchOptimum, type OptimumTask } from './optimum';

const task = workerData as Task | OptimumTask;
parentPort!.postMessage('models' in task ? benchOptimum(task) : runTask(readKnowledge('knowledge').knowledge, task));
