import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn } from '../../core/knowledge';
import type { Own } from '../../core/record';
import { buildModel, rank, type Case, type Ranking } from '../../core/trace';
import { readOwnYaml } from '../files/readOwnYaml';
import { readJobFile, type ReadResult } from '../files/readJobFile';

/** What takes long enough to hold up everyone else, and is therefore done beside the server's own thread. Plain data in and out. */

export interface RankTask {
  traced: Case;
  own: readonly Own[];
  agreedLeft: number | null;
}

export const tasks = {
  rank: ({ traced, own, agreedLeft }: RankTask): Ranking => rank(buildModel(withOwn(shipped, own), traced), { agreedLeft }),
  readJob: (bytes: Uint8Array): ReadResult => readJobFile(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength)),
  readOwn: (text: string) => readOwnYaml(text),
};

export type Tasks = typeof tasks;
