import type { Board } from '../board/board.ts';
import type { Step } from '../order/step.ts';
import type { StageFigures } from './figures.ts';
import { stagesOf } from './stages.ts';
import type { WiredKit } from './wiredKit.ts';

/** What the boards of a kit show, stage by stage, and what that was worked out from. */
export interface KitFigures {
  /** Differs as soon as anything differs that the figures depend on. */
  readonly basis: string;
  readonly stages: readonly FiguresOfStage[];
}

export interface FiguresOfStage {
  /** What is fitted, sorted. */
  readonly places: readonly string[];
  /** Null where no solution was found. */
  readonly figures: StageFigures | null;
}

/** Raised when models change, so that figures are worked out anew. */
const modelsVersion = 7;

/** A short text for all that figures depend on beside how far a board is built. */
export function basisOf({
  board,
  circuitNotes,
  parts,
  supplyVolt,
}: WiredKit & { readonly supplyVolt: number | null }): string {
  // What is said of its blocks moves no reading.
  const { does: _, ...said } = circuitNotes;
  return digest(
    JSON.stringify([
      modelsVersion,
      supplyVolt,
      { ...(board && wiringOf(board)), circuit: Object.keys(said).length > 0 ? said : undefined },
      parts.map(
        ({ designators, family, value, pins, package: body, lotNote, supply, description }) => [
          designators,
          family,
          value,
          pins,
          body,
          lotNote?.pinout,
          supply,
          description,
        ],
      ),
    ]),
  );
}

/** What of a board says what is joined. */
const wiringOf = ({ kind, pads, placements, cuts, links, widthMm, heightMm }: Board) => ({
  kind,
  pads,
  placements,
  cuts,
  links,
  widthMm,
  heightMm,
});

/** A hash of 53 bits (cyrb53, public domain): two different circuits of one kit never meet by chance. */
function digest(text: string): string {
  let [a, b] = [0xdeadbeef, 0x41c6ce57];
  for (let index = 0; index < text.length; index += 1) {
    const code = text.charCodeAt(index);
    a = Math.imul(a ^ code, 2654435761);
    b = Math.imul(b ^ code, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36);
}

/** The figures of what is fitted; undefined where they were never worked out. */
export const figuresAt = (
  figures: KitFigures | undefined,
  places: readonly string[],
): FiguresOfStage | undefined => {
  const key = places.join(' ');
  return figures?.stages.find((stage) => stage.places.join(' ') === key);
};

/** Steps with what good boards show at each check, where it is known. */
export function withFigures(steps: readonly Step[], figures: KitFigures | undefined): Step[] {
  if (!figures) return [...steps];
  const byStep = new Map(
    stagesOf(steps).flatMap(({ steps: ids, places }) =>
      ids.map((id) => [id, figuresAt(figures, places)?.figures ?? null] as const),
    ),
  );
  return steps.map((step) => {
    const shown = step.kind === 'check' ? byStep.get(step.id) : undefined;
    if (step.kind !== 'check' || !shown) return step;
    const { ohm, milliampere, limitMilliampere } = shown;
    const shows = {
      ...(ohm ? { ohm: ohm.redAtPlus, settlesSeconds: ohm.settlesSeconds } : {}),
      ...(milliampere ? { milliampere } : {}),
      ...(limitMilliampere === null ? {} : { limitMilliampere }),
    };
    return { ...step, shows };
  });
}
