import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import { atOnce, buildModel, rank, type Question, type Ranking } from '../../core/trace';
import { readOwnYaml } from '../files/readOwnYaml';
import { readJobFile, type ReadResult } from '../files/readJobFile';

/** What takes long enough to hold up everyone else, and is therefore done beside the server's own thread. Plain data in and out. */

export const tasks = {
  rank: ({ traced, own, agreedLeft }: Question): Ranking => atOnce(rank(buildModel(withOwn(shipped, own), traced), { agreedLeft })),
  readJob: (bytes: Uint8Array): ReadResult => readJobFile(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength)),
  readOwn: (text: string) => readOwnYaml(text),
};

export type Tasks = typeof tasks;
