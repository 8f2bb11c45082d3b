import { parseQuantity, show } from '../quantity';

export interface PlannedStage {
  kind: 'torque' | 'angle';
  /** N·m or degrees */
  value: number;
}

export type StagesParsed = { ok: true; stages: PlannedStage[] } | { ok: false; message: string };

/**
 * Reads stages as they are spoken: "10, 20, 25" in the unit at hand, or "20, 90°, 90°". An empty text gives two even
 * steps and the figure itself; a small screw of under 12 N·m goes to its figure at once. A stage over the figure is refused:
 * a fastener that once went past it is spent.
 * @param text what was typed
 * @param unitId unit of its figures
 * @param figureNm the figure itself, N·m
 * @returns stages in N·m or degrees, or a message
 */
export function parseStages(text: string, unitId: string, figureNm: number): StagesParsed {
  if (text.trim() === '') {
    const steps = figureNm < 12 ? [1] : [0.4, 0.7, 1];
    return { ok: true, stages: steps.map((s) => ({ kind: 'torque' as const, value: Math.round(figureNm * s * 1000) / 1000 })) };
  }
  const stages: PlannedStage[] = [];
  for (const piece of text.split(/[,;]|\bthen\b/).map((p) => p.trim())) {
    if (piece === '') continue;
    if (/(°|deg(rees?)?)\s*$/i.test(piece)) {
      const degrees = Number.parseFloat(piece);
      if (!(degrees > 0 && degrees <= 360)) return { ok: false, message: `'${piece}' is not an angle between 1 and 360 degrees.` };
      stages.push({ kind: 'angle', value: degrees });
    } else {
      const torque = parseQuantity(piece, unitId, { low: 0.1, high: 2000 });
      if (!torque.ok) return { ok: false, message: torque.message };
      if (torque.si > figureNm * 1.001)
        return {
          ok: false,
          message: `${piece} is over the torque it ends at (${show(figureNm, unitId)} ${unitId}): no stage goes past it.`,
        };
      stages.push({ kind: 'torque', value: torque.si });
    }
  }
  if (!stages.some((s) => s.kind === 'torque'))
    return { ok: false, message: 'Begin with a torque: an angle alone has nothing to start from.' };
  if (stages[0].kind === 'angle') return { ok: false, message: 'The first stage is a torque; angles come after it.' };
  return { ok: true, stages };
}
