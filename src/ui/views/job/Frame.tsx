import { memo, useEffect, useMemo, type ReactNode } from 'react';
import { spineOf, stages, type StageId } from '../../../core/stage';
import { list } from '../../../core/record';
import { useJob } from '../../job/useJob';
import { useStanding } from '../../job/useThought';
import { Bench } from '../../parts/Bench';
import { BenchLine } from '../../parts/line/BenchLine';
import { Spine } from '../../parts/Spine';
import { later } from '../../parts/later';
import { JobBar } from './JobBar';
import { Notices } from './Notices';

// Fetched when someone is about to write.
const JobPanel = later(() => import('../../parts/line/LinePanel'));
const Line = memo(function Line() {
  return <BenchLine panel={JobPanel} />;
});

/** Frame of every stage of a job: the bar, the spine, what is unsent or refused, and the bench line. */
export function Frame({ stage, hrefOf, children }: { stage: StageId; hrefOf(stage: StageId): string; children: ReactNode }) {
  const { store, device, view, knowledge, jobId, traced } = useJob();
  const standing = useStanding();
  const lines = useMemo(() => spineOf(view.state, knowledge, jobId, standing), [view.state, knowledge, jobId, standing]);
  const { shop } = store.snapshot;
  useEffect(() => {
    const people = list(view.state, 'person').map(({ id, name }) => ({ id, name }));
    void device.saveYard({ shop: { demo: false, ...shop }, actor: view.actor, people, own: list(view.state, 'own'), home: true });
  }, [device, shop, view.actor, view.state]);
  const title = `${traced.bike.name}: ${stages.find((s) => s.id === stage)!.name} · Ivrek`;
  useEffect(() => {
    document.title = title;
  }, [title]);
  return (
    <Bench bar={<JobBar />} side={<Spine lines={lines} current={stage} href={hrefOf} />} line={<Line />}>
      <Notices />
      {children}
    </Bench>
  );
}
