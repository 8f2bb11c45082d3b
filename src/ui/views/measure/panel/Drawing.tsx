import Box from '@mui/material/Box';
import type { Drawing as Drawn } from '../../../../core/measure/panel';
import { BoreDrawing } from './BoreDrawing';
import { Columns } from './Columns';
import { Curve } from './Curve';

/** A shape that tells more than a number. */
export default function Drawing({ drawing }: { drawing: Drawn }) {
  return (
    <Box sx={{ my: 1 }}>
      {drawing.kind === 'curve' && <Curve {...drawing} />}
      {drawing.kind === 'bore' && <BoreDrawing {...drawing} />}
      {drawing.kind === 'columns' && <Columns {...drawing} />}
    </Box>
  );
}
