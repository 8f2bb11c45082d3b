import type { Panel, PanelGroup } from '../panel';
import { compression, leakDown } from './compression';
import { bore, crank, rings } from './cylinder';
import { belt, chain } from './chain';
import { clutch, release } from './clutch';
import { clutchOrder } from './clutchOrder';
import { coolant } from './coolant';
import { forks } from './forks';
import { battery, drain, starter } from './battery';
import { charging, voltageDrop } from './circuit';
import { carbonPort, crankcase, pistonPosition, volumes } from './engine';
import { balance, jets } from './fuel';
import { advance, points, staticTiming, windings } from './ignition';
import { noise } from './noise';
import { debris, fill, level, mix, use } from './oil';
import { firstMovement, pipes } from './running';
import { screwValves } from './screwValves';
import { shims } from './shims';
import { valveTiming } from './valveTiming';

export const panelGroups: Readonly<Record<PanelGroup, string>> = {
  engine: 'Engine',
  valves: 'Valves',
  drive: 'Clutch, drive, forks, coolant',
  ignition: 'Ignition',
  electrics: 'Electrics',
  fuel: 'Carburettors',
  oil: 'Oil',
  noise: 'Noise',
};

/** Every panel of the measuring bench, in the order in which they stand. */
export const panels: readonly Panel[] = [
  compression,
  leakDown,
  bore,
  rings,
  crank,
  volumes,
  pistonPosition,
  carbonPort,
  crankcase,
  firstMovement,
  screwValves,
  shims,
  valveTiming,
  points,
  staticTiming,
  advance,
  windings,
  pipes,
  battery,
  voltageDrop,
  starter,
  charging,
  drain,
  jets,
  balance,
  mix,
  use,
  level,
  debris,
  fill,
  clutch,
  clutchOrder,
  release,
  chain,
  forks,
  coolant,
  belt,
  noise,
];

export const panelById = (id: string): Panel | undefined => panels.find((p) => p.id === id);
