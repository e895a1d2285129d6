import type { HandlingAnswer } from "../api";

type Disc = HandlingAnswer["dough"]["disc"];

/** The drawing of the piece. Sizes are the core's; only where a piece happens to lie is drawn by chance. */
export const TOP = { size: 220, margin: 6 };
export const SECTION = { width: 420, height: 190, floor: 166, room: 138 };

/** Units of the drawing for a millimetre of the cross-section: the thickest sheet fits. */
export function enlargement(disc: Disc): number {
  return SECTION.room / Math.max(1, disc.thicknesses.at(-1)?.sheetMm ?? 1);
}

const MOST_DRAWN = 700;
const SECTION_DRAWN = 26;

interface Placed {
  x: number;
  y: number;
  mm: number;
  turn: number;
}

/** A chance that is the same for the same dough, so that pieces stay where they are while one drags. */
function chance(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Pieces from above, spread evenly over a round, mm from its middle. */
export function scatter(inclusions: Disc["inclusions"], diameterMm: number): Placed[] {
  return inclusions.flatMap((inside, at) => {
    const next = chance(17 + 31 * at);
    const count = Math.min(MOST_DRAWN, Math.round(inside.count));
    return Array.from({ length: count }, () => {
      const radius = Math.max(0, diameterMm / 2 - inside.pieceMm / 2) * Math.sqrt(next());
      const angle = 2 * Math.PI * next();
      return { x: radius * Math.cos(angle), y: radius * Math.sin(angle), mm: inside.pieceMm, turn: 90 * next() };
    });
  });
}

interface InSection {
  x: number;
  /** Where in the thickness it lies, 0 (top) to 1 (bottom). */
  share: number;
  mm: number;
  soft: boolean;
  turn: number;
}

/** Pieces that a cut meets: as much of its length as their share of what they are in. */
export function crossPieces(inclusions: Disc["inclusions"], perMm: number): InSection[] {
  return inclusions.flatMap((inside, at) => {
    const next = chance(71 + 13 * at);
    const size = inside.pieceMm * perMm;
    const count = Math.min(SECTION_DRAWN, Math.max(1, Math.round(((inside.sharePct / 100) * SECTION.width) / size)));
    const place = SECTION.width / count;
    return Array.from({ length: count }, (_, index) => ({
      x: index * place + next() * Math.max(0, place - size),
      share: next(),
      mm: inside.pieceMm,
      soft: inside.soft,
      turn: 16 * (next() - 0.5),
    }));
  });
}
