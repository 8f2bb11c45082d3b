import { Activity, startTransition, useEffect, useLayoutEffect, useReducer, useRef, useState } from 'react';
import type { JobSnapshot } from '../../../core/state';
import { stages, type StageId } from '../../../core/stage';
import type { Ranking } from '../../../core/trace';
import { hrefOf, moveWithin, type Place } from '../../job/address';
import { JobProvider } from '../../job/useJob';
import { whenIdle } from '../../job/whenIdle';
import type { OutboxItem } from '../../device/types';
import { WhileBookedIn } from '../../widgets/WhileBookedIn';
import { pageAwake, Root } from '../../theme/Root';
import { Frame } from './Frame';
import { fetchStage, StageView } from './stageViews';

export interface JobAppProps {
  snapshot: JobSnapshot;
  stage: StageId;
  panel?: string | null;
  /** What the server, or this device without one, advises: it stands until something else is known. */
  ranking?: Ranking | null;
  /** How many suspects are worth a look, on stages that need no more of it. */
  standing?: number | null;
  /** What a screen opened without a server knows of its own unsent entries. */
  pending?: readonly OutboxItem[];
}

/** Where one is in the job, and what is drawn besides: stages that were gone to stay as they were left. */
interface Way {
  stage: StageId;
  been: readonly StageId[];
  panel: string | null;
}

const nameOf = ({ stage, panel }: Place) => (stage === 'measure' ? `${stage} ${panel ?? ''}` : stage);

const withStage = (been: Way['been'], stage: StageId) => (been.includes(stage) ? been : [...been, stage]);

const onward = ({ been, panel }: Way, to: Place): Way => ({
  stage: to.stage,
  been: withStage(been, to.stage),
  panel: to.stage === 'measure' ? to.panel : panel,
});

/** Measure is gone back to where it was left; from within it, its knot leads to all panels. */
const hrefFrom = (jobId: string, way: Way) => (stage: StageId) =>
  hrefOf(jobId, { stage, panel: stage === 'measure' && way.stage !== 'measure' ? way.panel : null });

const scroller = () => document.querySelector<HTMLElement>('[data-scroller]');

/** What is gone to stands as far down as it was left, and has the keys. */
function useShown(way: Way, scrolled: ReadonlyMap<string, number>): void {
  const name = nameOf(way);
  const shown = useRef(name);
  useLayoutEffect(() => {
    if (shown.current === name) return;
    shown.current = name;
    const main = scroller();
    if (!main) return;
    main.scrollTop = scrolled.get(name) ?? 0;
    main.focus({ preventScroll: true });
  }, [name, scrolled]);
}

/**
 * A part that can be hidden is woken last of all by itself, when the browser has nothing else to do; drawn once more it is woken next,
 * in pieces that hold up no hand.
 */
function useWokenNext(): void {
  const [, again] = useReducer((n: number) => n + 1, 0);
  useLayoutEffect(() => startTransition(again), []);
}

/** What is fetched only once it is drawn, or pressed. */
const withStages = [() => import('../../controls/DateInput'), () => import('../../frame/ActsMenu')];

/** When the page is awake and there is nothing else to do the other stages are fetched, one after the other, so that they are there at a tap. */
function useFetchedAhead(): void {
  useEffect(() => {
    const all: (() => Promise<unknown>)[] = [...stages.map((s) => () => fetchStage(s.id)), ...withStages];
    let over = false;
    let callOff = () => undefined as void;
    const fetchFrom = (i: number) => {
      if (over || i === all.length) return;
      const onward = () => fetchFrom(i + 1);
      // One that cannot be had is asked for again when it is gone to.
      callOff = whenIdle(() => void all[i]().then(onward, onward));
    };
    void pageAwake.then(() => fetchFrom(0));
    return () => {
      over = true;
      callOff();
    };
  }, []);
}

/**
 * One bike's job on the screen. Its stages are one application: moving between them loads no page, and each keeps what is typed in
 * it and how far it was scrolled.
 */
export default function JobApp({ snapshot, stage, panel = null, ranking = null, standing = null, pending }: JobAppProps) {
  const { jobId } = snapshot;
  const [way, setWay] = useState<Way>({ stage, been: [stage], panel });
  const at = useRef(way);
  const scrolled = useRef(new Map<string, number>());
  useEffect(() => {
    const go = (next: Way) => {
      at.current = next;
      // The stage that one leaves stays on the screen until the other is there.
      startTransition(() => setWay(next));
    };
    return moveWithin(
      jobId,
      (to) => {
        scrolled.current.set(nameOf(at.current), scroller()?.scrollTop ?? 0);
        go(onward(at.current, to));
      },
      // What a hand is near is drawn before it presses.
      (to) => {
        if (!at.current.been.includes(to.stage)) go({ ...at.current, been: withStage(at.current.been, to.stage) });
      },
    );
  }, [jobId]);
  useShown(way, scrolled.current);
  useFetchedAhead();
  useWokenNext();
  return (
    <Root awake={false}>
      <JobProvider snapshot={snapshot} pending={pending} ranking={ranking} standing={standing}>
        <WhileBookedIn>
          <Frame stage={way.stage} hrefOf={hrefFrom(jobId, way)}>
            {way.been.map((id) => (
              <Activity key={id} mode={id === way.stage ? 'visible' : 'hidden'}>
                <StageView stage={id} panel={id === 'measure' ? way.panel : null} />
              </Activity>
            ))}
          </Frame>
        </WhileBookedIn>
      </JobProvider>
    </Root>
  );
}
