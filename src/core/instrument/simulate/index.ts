import type { InstrumentKind } from '../types';
import type { HiddenBike } from './bike';
import { vacuumColumns } from './columns';
import {
  boreGauge,
  compressionGauge,
  dialIndicator,
  exhaustThermometer,
  leakDownTester,
  multimeter,
  timingMeter,
  torqueWrench,
} from './gauges';
import type { Simulator } from './simulator';

export { chances, seedOf } from './chance';
export { hiddenBike, type HiddenBike } from './bike';
export { rate, record, type Simulator } from './simulator';

/** Every instrument that ships, by its kind. */
export const simulators: Readonly<Record<InstrumentKind, (bike: HiddenBike, random: () => number) => Simulator>> = {
  compression: compressionGauge,
  'leak-down': leakDownTester,
  multimeter,
  timing: timingMeter,
  vacuum: vacuumColumns,
  bore: boreGauge,
  dial: dialIndicator,
  torque: torqueWrench,
  thermometer: exhaustThermometer,
};
