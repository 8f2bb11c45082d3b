/** What a panel and the strip hold in common: the note of a step that both read and write, and the check that the panel makes. */
export interface PanelNote {
  /** Id of the panel. */
  panel: string;
  /** How it stood, as a note of its step. */
  about: string;
  /** How it is to go back, where that is not as it stood. */
  chosen?: string;
  /** What is checked before the step is closed. */
  check?: string;
  /** Words of the step that it belongs to. */
  words: readonly string[];
}

export const panelNotes: readonly PanelNote[] = [
  {
    panel: 'clutch-order',
    about: 'Plate stack',
    check: 'Clutch plates in their order, none short, no two friction plates together',
    words: ['clutch', 'clutch plates', 'plates', 'friction plates', 'pressure plate'],
  },
  {
    panel: 'valves-shims',
    about: 'Shims',
    chosen: 'Shims to fit',
    check: 'Clearances with these shims',
    words: ['shims', 'buckets', 'camshaft', 'camshafts', 'cams', 'cam cover', 'valve cover'],
  },
  {
    panel: 'jets',
    about: 'Jets',
    chosen: 'Jets to fit',
    words: ['carburettor', 'carburettors', 'jets', 'float bowl', 'bank of carburettors'],
  },
];

/**
 * What a panel shares with the strip.
 * @param panel id of a panel
 * @returns its note, or null where it shares none
 */
export const noteOf = (panel: string): PanelNote | null => panelNotes.find((n) => n.panel === panel) ?? null;
