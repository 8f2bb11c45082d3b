import { memo, useEffect, useMemo, type ReactNode } from 'react';
import { spineOf, stages, type StageId } from '../../../core/stage';
import { list } from '../../../core/state';
import { useJob, useJobView } from '../../job/useJob';
import { useStanding } from '../../job/useThought';
import { ScreenFrame } from '../../frame/ScreenFrame';
import { BenchLine } from '../../frame/line/BenchLine';
import { Spine } from '../../widgets/Spine';
import { lazyPart } from '../../controls/lazyPart';
import { JobBar } from './JobBar';
import { Notices } from './Notices';

// Fetched when someone is about to write.
const JobPanel = lazyPart(() => import('../../frame/line/LinePanel'));
const Line = memo(function Line() {
  return <BenchLine panel={JobPanel} />;
});

/** Frame of every stage of a job: the bar, the spine, what is unsent or refused, and the bench line. */
export function Frame({ stage, hrefOf, children }: { stage: StageId; hrefOf(stage: StageId): string; children: ReactNode }) {
  const { store, device, state, knowledge, jobId, traced } = useJob();
  const actor = useJobView((v) => v.actor);
  const standing = useStanding();
  const lines = useMemo(() => spineOf(state, knowledge, jobId, standing), [state, knowledge, jobId, standing]);
  const { shop } = store.snapshot;
  useEffect(() => {
    const people = list(state, 'person').map(({ id, name }) => ({ id, name }));
    void device.saveWorkshop({ shop: { demo: false, ...shop }, actor, people, own: list(state, 'own'), home: true });
  }, [device, shop, actor, state]);
  const title = `${traced.bike.name}: ${stages.find((s) => s.id === stage)!.name} · Ivrek`;
  useEffect(() => {
    document.title = title;
  }, [title]);
  return (
    <ScreenFrame bar={<JobBar />} side={<Spine lines={lines} current={stage} href={hrefOf} />} line={<Line />}>
      <Notices />
      {children}
    </ScreenFrame>
  );
}
