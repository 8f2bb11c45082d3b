import { parentPort, workerData } from 'node:worker_threads';
import { readKnowledge } from '../../src/server/knowledge/load';
import { runTask, type Task } from './family';

const { knowledge } = readKnowledge('knowledge');
parentPort!.on('message', (task: Task) => parentPort!.postMessage(runTask(knowledge, task)));
parentPort!.postMessage(`ready ${String(workerData)}`);
