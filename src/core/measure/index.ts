export { corrected } from './correct';
export { judge, spread, type GaugeError, type Judgement, type Limit, type Verdict } from './judge';
export { barGeometry } from './scale';
export { forBike, limitFor, otherGauge, quantityInfo, type QuantityInfo } from './limits';
export { plausibleFor } from './plausible';
