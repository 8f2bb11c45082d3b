import type pg from 'pg';
import type { Knowledge } from '../../core/knowledge';
import { openShop } from '../queries/shops';
import { ownKnowledge } from './ownKnowledge';
import { coverPicture, coverPlaces } from './pictures';
import { DemoJob, DemoWriter, idFor } from './writer';

export const demoShopId = idFor('shop');
const emptyShopId = idFor('empty shop');

/** A workshop of one's own to begin in. */
export const openEmptyShop = (pool: pg.Pool): Promise<void> => openShop(pool, emptyShopId, 'My workshop');

/** The demo shop with its people and machines, and an empty shop beside it. Everything in it is invented. */
export async function loadLanternYard(pool: pg.Pool, knowledge: Knowledge, today: Date): Promise<void> {
  await openEmptyShop(pool);
  await openShop(pool, demoShopId, 'Lantern Yard (demo)', true);
  const w = new DemoWriter(pool, demoShopId, today);
  const ines = idFor('person ines');
  await w.send(w.day(200), 'person.add', ines, { name: 'Ines Corrow' });
  await w.send(w.day(200), 'person.add', idFor('person tam'), { name: 'Tam Veley' });
  w.actorId = ines;
  const job = (name: string) => new DemoJob(w, name, knowledge.hash);
  await osprane(w, job('Osprane 650'));
  await hollin(w, job('Hollin 500'));
  await marram(w, job('Marram 80'));
  await quillon(w, job('Quillon 350'));
  await ownKnowledge(w);
}

/** Points twin that stood in a flooded boathouse: half-way through the trace. */
async function quillon(w: DemoWriter, j: DemoJob): Promise<void> {
  await j.bookIn(
    w.day(6, 9, 15),
    { name: 'Orla Fennimore', phone: '014 220 731' },
    'Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.',
    { 'no-start': 'present', 'will-not-turn': 'absent', 'smells-of-fuel': 'absent' },
    {
      year: 1968,
      frameNo: 'Q350-20417',
      engineNo: 'Q350-20417',
      mileageKm: 31240,
      archetype: 'air-twin',
      strokes: 'four',
      cylinders: 2,
      cooling: 'air',
      ignition: 'points',
      fuelling: 'carburettor',
      decompressor: 'none',
      voltage: 6,
      starting: 'kick',
      clutch: 'cable',
      boreMm: 60,
      strokeMm: 61,
      compressionRatio: 8.5,
    },
    {
      standingMonths: 30,
      storage: 'flooded',
      fuelLeft: 'no',
      crash: 'no',
      ranWhenParked: 'yes',
      lastTouched: ['ignition'],
      lastTouchedBy: 'a neighbour',
      lastTouchedWhen: 'new plug and points cover off, a year ago',
    },
  );
  await j.consent(
    w.day(6, 9, 30),
    'Find out why, and get it running if that stays under the limit. Ask before the engine is opened.',
    '400.00',
  );
  await w.send(w.day(6, 9, 40), 'spec.add', j.id('spec compression'), {
    bikeId: j.bikeId,
    quantity: 'compression',
    low: 142 * 6894.757293168,
    high: 195 * 6894.757293168,
    serviceLow: 115 * 6894.757293168,
    serviceHigh: null,
    unit: 'psi',
    entered: '142 to 195 psi',
    source: 'manual of this bike, page 61',
    origin: 'book',
  });
  await j.test(w.day(6, 10), 'turn-by-hand', 'free', { note: 'Oil in the holes, turned two full turns.' });
  await j.test(w.day(6, 10, 10), 'oil-check', 'right', { note: 'Fresh oil put in by the owner.' });
  await j.test(w.day(6, 10, 20), 'fuel-smell', 'fresh');
  await j.test(w.day(5, 9), 'read-plug', 'normal', { position: '1' });
  await j.test(w.day(5, 9, 5), 'read-plug', 'normal', { position: '2' });
  await j.test(w.day(5, 9, 30), 'compression', 'good', {
    position: '1',
    reading: ['compression', 170, 'psi'],
    predicted: ['If it was parked running, both are well over 140.', 'yes'],
  });
  await j.test(w.day(5, 9, 40), 'compression', 'good', { position: '2', reading: ['compression', 180, 'psi'] });
}

/** Two-stroke step-through that loses its pull on the harbour hill when hot: port found coked, waiting for a gasket. */
async function marram(w: DemoWriter, j: DemoJob): Promise<void> {
  await j.bookIn(
    w.day(12, 14),
    { name: 'Piet Hallam', phone: '014 220 118' },
    'Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.',
    { 'starts-and-dies': 'present', 'dies-hot': 'present', 'no-start': 'absent' },
    {
      year: 1979,
      mileageKm: 18800,
      archetype: 'step-through',
      strokes: 'two',
      cylinders: 1,
      cooling: 'air',
      ignition: 'magneto',
      fuelling: 'carburettor',
      decompressor: 'none',
      voltage: 6,
      starting: 'kick',
      clutch: 'automatic',
    },
    {
      standingMonths: 0,
      storage: 'dry',
      crash: 'no',
      ranWhenParked: 'yes',
      lastTouched: ['exhaust'],
      lastTouchedBy: 'the owner',
      lastTouchedWhen: 'oil brand changed in spring',
    },
  );
  await j.consent(w.day(12, 14, 10), 'Up to two hundred without asking.', '200.00');
  await j.test(w.day(11, 9), 'turn-by-hand', 'free');
  await j.test(w.day(11, 9, 10), 'oil-check', 'right');
  await j.test(w.day(11, 9, 15), 'fuel-smell', 'fresh');
  await j.test(w.day(11, 9, 20), 'read-plug', 'bad', { position: '1', note: 'Black and wet.' });
  await j.step(
    w.day(11, 10),
    'Exhaust',
    '3',
    [
      [2, 'M6x20', 'flange'],
      [1, 'M8x30', 'hanger'],
    ],
    'exhaust',
    'Gasket broke up.',
  );
  await j.finding(w.day(11, 10, 20), 'Exhaust', 'Exhaust port', 'Carbon to a third of its area, hard and shiny.', 'clean', {
    wear: 'coked',
    faultId: 'exhaust-blocked',
  });
  await j.cleaned(w.day(11, 10, 25), 'Exhaust', 'Exhaust pipe', ['steel'], 'caustic', 2, 2, w.day(10, 10, 30));
  await j.test(w.day(11, 10, 30), 'exhaust-look', 'choked');
  await j.repair(
    w.day(10, 11),
    'exhaust-blocked',
    'Port and pipe cleared with the piston covering the port',
    55,
    '0.00',
    'Exhaust port coked to a third',
  );
  await j.part(w.day(10, 11, 30), 'Exhaust gasket', '4.20', 'Harbour Stores', 'ordered', 1, w.day(-2).slice(0, 10));
  await j.part(w.day(10, 11, 32), 'Plug, right heat range', '6.50', 'Harbour Stores', 'arrived');
  await j.wait(w.day(10, 11, 40), 'part', 'Exhaust gasket from Harbour Stores', w.day(-2, 12), null);
}

/** Four that slid down a wet quay: cause found and cured, on its way back together. */
// eslint-disable-next-line max-lines-per-function -- the story of one bike, told in its order
async function osprane(w: DemoWriter, j: DemoJob): Promise<void> {
  await j.bookIn(
    w.day(34, 11),
    { name: 'Juna Aldercott', phone: '014 221 905' },
    'Went down on the wet quay. Ran home on three, next morning nothing.',
    { 'no-start': 'present', misfires: 'present', 'will-not-turn': 'absent', 'smells-of-fuel': 'absent' },
    {
      year: 1994,
      mileageKm: 52110,
      archetype: 'faired-four',
      strokes: 'four',
      cylinders: 4,
      cooling: 'liquid',
      ignition: 'electronic',
      fuelling: 'carburettor',
      decompressor: 'none',
      voltage: 12,
      starting: 'electric',
      clutch: 'hydraulic',
      boreMm: 65,
      strokeMm: 48.8,
      compressionRatio: 11,
    },
    {
      standingMonths: 1,
      storage: 'dry',
      crash: 'yes',
      fuelLeft: 'yes',
      ranWhenParked: 'no',
      lastTouched: ['electrics'],
      lastTouchedBy: 'roadside help',
      lastTouchedWhen: 'the night of the slide',
    },
  );
  await j.consent(w.day(34, 11, 20), 'Repair, side panel left as it is.', '900.00');
  await j.test(w.day(33, 9), 'turn-by-hand', 'free');
  await j.test(w.day(33, 9, 10), 'oil-check', 'right');
  await j.test(w.day(33, 9, 20), 'battery-rest', 'good', { reading: ['battery-rest', 12.62, 'V'] });
  await j.test(w.day(33, 9, 30), 'fuel-smell', 'fresh');
  for (const p of ['1', '2', '3', '4']) await j.test(w.day(33, 9, 40), 'read-plug', 'normal', { position: p });
  await j.test(w.day(33, 10), 'crank-volts', 'good', { reading: ['battery-cranking', 10.4, 'V'] });
  await j.test(w.day(33, 10, 20), 'spark-look', 'none', {
    position: '1',
    predicted: ['If the slide hurt the pick-up, all four are dead.', 'yes'],
  });
  await j.test(w.day(33, 10, 25), 'spark-look', 'none', { position: '2' });
  await j.test(w.day(33, 11), 'coil-volts', 'good', { reading: ['coil-supply', 12.3, 'V'] });
  await j.test(w.day(32, 9), 'pickup-ohms', 'good', { reading: ['pickup', 214, 'ohm'] });
  await j.step(w.day(32, 10), 'Left fairing side', '11', [
    [5, 'M6x16', 'edge'],
    [2, 'M5x12', 'nose'],
  ]);
  await j.fluid(w.day(32, 10, 20), 'Left fairing side', 'coolant', 'drained', 1750);
  await j.step(
    w.day(32, 11),
    'Generator cover',
    '12',
    [
      [7, 'M6x30', 'rim'],
      [2, 'M6x45', 'lower edge'],
      [2, 'dowel', 'top and bottom'],
    ],
    'generator-cover',
    'Rubbed through at the bottom; a dowel was lost.',
  );
  await j.followed(
    w.day(32, 11, 2),
    'Generator cover',
    'generator-cover/cover',
    [['Wire route and its grommet', 'out at the rear, flat side of the grommet down']],
    ['Both dowels in place, none left in the sump', 'No wire under the rim'],
  );
  const round = (n: number, from: number) =>
    Array.from({ length: n }, (_x, i): [number, number] => {
      const turn = from + (i * 2 * Math.PI) / 9;
      return [Number((0.5 + 0.44 * Math.sin(turn)).toFixed(3)), Number((0.5 - 0.44 * Math.cos(turn)).toFixed(3))];
    });
  // Nine round the rim; the two at the bottom are the long ones.
  await j.outline(w.day(32, 11, 3), 'Generator cover', 'round', [
    [0, round(7, (-6 * Math.PI) / 9)],
    [1, round(2, (8 * Math.PI) / 9)],
    [
      2,
      [
        [0.5, 0.2],
        [0.5, 0.8],
      ],
    ],
  ]);
  await j.wire(w.day(32, 11, 4), 'Generator cover', 'Pick-up, left', 'Ignition unit, pin 3', 'green', 'A');
  await j.wire(w.day(32, 11, 4), 'Generator cover', 'Pick-up, right', 'Ignition unit, pin 4', 'green with white', 'B');
  await j.photo(w.day(32, 11, 5), 'Generator cover', await coverPicture(), [
    [...coverPlaces.lost, 'Dowel lost from here'],
    [...coverPlaces.long, 'The two long screws, M6x45'],
    [...coverPlaces.scrape, 'Rubbed through by the slide'],
  ]);
  await j.piece(w.day(32, 11, 10), 'Generator cover', 'Lower dowel', 'missing', 'its hole is empty and bright', {
    at: w.day(32, 11, 50),
    outcome: 'found',
    proof: 'in the crankcase beside the rotor, with a magnet',
    settledBy: 'Ines Corrow',
  });
  await j.finding(w.day(32, 11, 30), 'Generator cover', 'Pick-up wires', 'Cut half through by the cover; gap wide open.', 'repair', {
    wear: 'cut',
    faultId: 'pickup-gap',
  });
  await j.test(w.day(32, 11, 35), 'pickup-gap', 'bad');
  await j.repair(
    w.day(31, 10),
    'pickup-gap',
    'Wires mended and led away from the cover, pick-up gap set',
    70,
    '6.40',
    'Pick-up wires cut by the cover after the slide',
  );
  await j.retest(w.day(31, 12), 'gone', { temperature: 'cold', battery: 'own', tries: 4 }, 'Starts at once, all four.');
  await w.send(w.day(31, 12, 30), 'complaint.set', j.complaintId, { set: { explained: true } }, { base: { explained: 0 } });
  await j.substitute(w.day(31, 12, 40), 'Gearbox sprocket', '17 teeth', '16 teeth', '17 teeth, kept', 'the owner rides it on long roads', [
    'other-sprockets',
  ]);
  await j.part(w.day(31, 13), 'Generator cover gasket', '18.90', 'Quayside Spares', 'fitted');
  await j.part(w.day(31, 13, 5), 'Dowel 8 mm', '1.10', 'Quayside Spares', 'fitted', 2);
  await j.part(w.day(31, 13, 10), 'Coolant 2 l', '14.00', 'Harbour Stores', 'arrived');
  await j.joined(w.day(3, 14, 30), 'Pick-up, left', 'Ignition unit, pin 3');
  await j.joined(w.day(3, 14, 32), 'Pick-up, right', 'Ignition unit, pin 4');
  await j.fluid(w.day(3, 14, 40), 'Left fairing side', 'coolant', 'filled', 1900, 'half and half');
  await j.refit(w.day(3, 15), 'Generator cover', [7, 0, 2]);
  await j.torque(
    w.day(3, 15, 30),
    'Generator cover, rim',
    'M6',
    7,
    8,
    'lbf·ft',
    [
      ['torque', 4],
      ['torque', 8],
    ],
    2,
    'Ines Corrow',
  );
  await j.torque(
    w.day(3, 15, 40),
    'Generator cover, lower edge',
    'M6',
    2,
    8,
    'lbf·ft',
    [
      ['torque', 4],
      ['torque', 8],
    ],
    1,
    null,
  );
  await j.torque(w.day(3, 16), 'Sump plug', 'M12x1.25', 1, 25, 'N·m', [['torque', 25]], 0, null);
  await w.send(w.day(3, 16, 30), 'provisional.add', j.id('provisional panel'), {
    jobId: j.jobId,
    what: 'Left panel held by two ties',
    why: 'Lug broken in the slide, new panel not wanted',
    until: 'a used panel turns up',
    untilOn: null,
    mayRun: true,
    mayRide: true,
    mayLeave: true,
  });
  await w.send(w.day(3, 16, 40), 'watch.add', j.id('watch coolant'), {
    jobId: j.jobId,
    what: 'Coolant level cold',
    due: 'after the first 100 km',
  });
  await j.check(w.day(2, 9), 'first-start', 'oil');
  await j.check(w.day(2, 9, 5), 'first-start', 'extinguisher');
}

/** Dry-sump single in boxes: stuck, soaking. */
async function hollin(w: DemoWriter, j: DemoJob): Promise<void> {
  await j.bookIn(
    w.day(21, 16),
    { name: 'Brannoc Teague', phone: '014 223 440' },
    'Father took it apart in the eighties and never went back. Will not turn.',
    { 'will-not-turn': 'present' },
    {
      year: 1955,
      archetype: 'dry-single',
      strokes: 'four',
      cylinders: 1,
      cooling: 'air',
      ignition: 'magneto',
      fuelling: 'carburettor',
      decompressor: 'manual',
      voltage: 6,
      starting: 'kick',
      clutch: 'cable',
      boreMm: 84,
      strokeMm: 90,
    },
    {
      standingMonths: 480,
      storage: 'damp',
      fuelLeft: 'no',
      crash: 'no',
      ranWhenParked: 'yes',
      lastTouched: ['top-end'],
      lastTouchedBy: 'the owner’s father',
      lastTouchedWhen: 'about forty years ago',
    },
  );
  await j.consent(w.day(21, 16, 20), 'Free it and say what it needs. Nothing bought without a call.', '150.00');
  await j.test(w.day(20, 9), 'turn-by-hand', 'stuck', { note: 'Solid at about half stroke.' });
  await j.test(w.day(20, 9, 10), 'oil-check', 'low', { note: 'Tank dry; a dry-sump tank may only have drained down.' });
  await j.test(w.day(20, 9, 20), 'bore-look', 'rust', { position: '1' });
  await j.finding(w.day(20, 10), null, 'Oil tank', 'Dry, clean inside, a film of old oil.', 'clean');
  await j.wait(w.day(3, 17), 'soaking', '50 ml of penetrant in the cylinder', w.day(-4, 9), w.day(-1, 9));
  await w.send(w.day(3, 17, 10), 'hazard.acknowledge', j.id('hazard'), {
    jobId: j.jobId,
    hazard: 'penetrant',
    place: 'soaking',
  });
}
