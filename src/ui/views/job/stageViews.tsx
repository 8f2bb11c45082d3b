import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { memo, use, type ComponentType } from 'react';
import type { StageId } from '../../../core/stage';
import { Awake } from '../../theme/Root';

/** What a stage's view is told beside the job itself: the panel that the address names. */
export interface StageProps {
  panel: string | null;
}

type View = ComponentType<StageProps>;

const fetches: Record<StageId, () => Promise<{ default: View }>> = {
  'book-in': () => import('../bookin/BookInView'),
  look: () => import('../look/LookView'),
  trace: () => import('../trace/TraceView'),
  strip: () => import('../strip/StripView'),
  measure: () => import('../measure/MeasureView'),
  decide: () => import('../decide/DecideView'),
  parts: () => import('../parts/PartsView'),
  rebuild: () => import('../rebuild/RebuildView'),
  start: () => import('../start/StartView'),
  tune: () => import('../tune/TuneView'),
  handover: () => import('../handover/HandOverView'),
};

const here = new Map<StageId, View>();
const onTheWay = new Map<StageId, Promise<View>>();

/** In the place of a stage that could not be fetched; what is entered elsewhere is not touched by it. */
function notHere(stage: StageId): View {
  return function NotHere() {
    return (
      <Alert
        severity="warning"
        role="alert"
        action={
          <Button color="inherit" onClick={() => location.reload()}>
            Try again
          </Button>
        }
        data-stage={stage}
      >
        This stage is not on this device and could not be fetched. What you entered is kept.
      </Alert>
    );
  };
}

/** Fetches a stage's view. It never fails: one that cannot be had says so, and is fetched anew when it is gone to again. */
export function fetchStage(stage: StageId): Promise<View> {
  const coming = onTheWay.get(stage);
  if (coming) return coming;
  const fetched = fetches[stage]().then(
    (m) => {
      here.set(stage, m.default);
      return m.default;
    },
    () => {
      onTheWay.delete(stage);
      return notHere(stage);
    },
  );
  onTheWay.set(stage, fetched);
  return fetched;
}

/** A stage's view, at once if it was fetched. Going elsewhere does not draw it again. */
export const StageView = memo(function StageView({ stage, ...props }: StageProps & { stage: StageId }) {
  const View = here.get(stage) ?? use(fetchStage(stage));
  return (
    <>
      <View {...props} />
      <Awake />
    </>
  );
});
