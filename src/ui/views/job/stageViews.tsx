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

/** Fetches a stage's view, once. Where that fails it is forgotten, and fetched anew at the next wish. */
export function fetchStage(stage: StageId): Promise<View> {
  const coming = onTheWay.get(stage);
  if (coming) return coming;
  const fetched = fetches[stage]().then(
    (m) => {
      here.set(stage, m.default);
      return m.default;
    },
    (error: unknown) => {
      onTheWay.delete(stage);
      throw error;
    },
  );
  onTheWay.set(stage, fetched);
  return fetched;
}

/** In the place of a stage that could not be fetched; what is entered elsewhere is not touched by it. */
function NotHere() {
  return (
    <Alert
      severity="warning"
      role="alert"
      action={
        <Button color="inherit" onClick={() => location.reload()}>
          Try again
        </Button>
      }
    >
      This stage is not on this device and could not be fetched. What you entered is kept.
    </Alert>
  );
}

const wanted = new Map<StageId, Promise<View>>();

/** The view that is drawn for a stage: one promise for each, so that drawing does not ask for ever. */
function viewOf(stage: StageId): Promise<View> {
  const view = wanted.get(stage) ?? fetchStage(stage).catch((): View => NotHere);
  wanted.set(stage, view);
  return view;
}

/** A stage's view, at once if it was fetched. Going elsewhere does not draw it again. */
export const StageView = memo(function StageView({ stage, ...props }: StageProps & { stage: StageId }) {
  const View = here.get(stage) ?? use(viewOf(stage));
  return (
    <>
      <View {...props} />
      <Awake />
    </>
  );
});
