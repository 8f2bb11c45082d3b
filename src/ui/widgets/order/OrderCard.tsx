import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { inOrder } from '../../../core/strip';
import { Card } from '../../controls/Card';
import { lazyPart } from '../../controls/lazyPart';
import { useJob } from '../../job/useJob';
import { Ribbon } from './Ribbon';
import { useRefitPlan } from './useRefitPlan';

const OrderGraph = lazyPart(() => import('./OrderGraph'));

/** The strip as a ribbon, or the refit as the same the other way with what is ready lit; and the drawing of what hangs on what. */
export function OrderCard({ way, onOpen }: { way: 'strip' | 'refit'; onOpen(id: string): void }) {
  const { rows } = useJob();
  const [drawing, setDrawing] = useState(false);
  const log = rows('step');
  const all = inOrder(log);
  const plan = useRefitPlan(way === 'refit' || drawing);
  if (all.length === 0) return null;
  const ready = new Set(way === 'refit' ? plan.steps.filter((s) => s.ready).map((s) => s.step.id) : []);
  const steps = way === 'strip' ? all : plan.steps.map((s) => s.step);
  return (
    <Card title={way === 'strip' ? 'As it came off' : 'As it goes back'} data-testid="order">
      <Ribbon label={way === 'strip' ? 'Steps, first off first' : 'Steps, first on first'} steps={steps} ready={ready} onOpen={onOpen} />
      {steps.some((s) => !s.refittedAt) && (
        <Box>
          <Button variant="text" aria-expanded={drawing} onClick={() => setDrawing(!drawing)}>
            What hangs on what
          </Button>
        </Box>
      )}
      {drawing && <OrderGraph steps={log} ready={new Set(plan.steps.filter((s) => s.ready).map((s) => s.step.id))} onOpen={onOpen} />}
    </Card>
  );
}
