import type {
  ChainSpec,
  FormulaDocument,
  Ingredient,
  FormulaSpec,
  IntakeLine,
  LineOrigin,
  LineSpec,
  MethodSpec,
  Openness,
  RecipeNotes,
} from "../api";
import type { NumberEntry } from "../parts";

/** The figures that can be measured of a line, as the core names them. */
export type MeasuredFigure = Ingredient["measurable"][number];

/** Measured figures being edited: a number may still be text that is not one. */
export type DraftMeasured = Partial<Record<MeasuredFigure, NumberEntry>>;

/** A line being edited: as asked of the server, but a number may still be text that is not one. */
export interface DraftLine {
  /** Stays with the line while it moves; never sent. */
  key: string;
  ingredient: string;
  grams: NumberEntry;
  sd?: NumberEntry;
  part?: string | null;
  form?: string | null;
  /** What was measured of it, by figure. */
  measured?: DraftMeasured | null;
  fatState?: string | null;
  /** Why it does not count yet; absent for a line that counts. */
  open?: Openness | null;
  origin?: LineOrigin | null;
  /** Key of the preparation chain that fills it; its ingredient is then that chain's. */
  prep?: string | null;
  /** Number of the stage in which it is wetted, from 0; none for the dough itself. */
  stage?: number | null;
  /** The heading it stood under, until somebody says where such lines belong; never sent. */
  heading?: string | null;
  /** What is to be confirmed about how its words were read; never sent. */
  check?: Pick<IntakeLine, "status" | "findings" | "near"> | null;
}

/** The method's settings being edited. */
export interface DraftSettings {
  style: string;
  kneading?: string | null;
  fatTiming?: string | null;
  waterTemperatureC?: NumberEntry;
  restMinutes?: NumberEntry;
  sheetMm?: NumberEntry;
  softnessTarget?: NumberEntry;
  method?: MethodSpec | null;
  preps?: ChainSpec[] | null;
}

/** A formula being edited. */
export interface Draft extends DraftSettings {
  name: string;
  lines: DraftLine[];
  notes?: RecipeNotes | null;
  /** What is being tried in Rework; never sent with the formula. */
  plan?: Plan | null;
  /** How it is divided, cooked and kept. */
  portion?: DraftPortion | null;
  /** What is looked at in Portion; never sent with the formula. */
  portionPlan?: PlannedPortion | null;
  /** What to say of the next version, as far as it is known already; never sent with the formula. */
  versionNote?: string | null;
}

/** What takes the place of what, until it is taken into the formula. */
export interface Plan {
  substitutions: PlannedSubstitution[];
  /** Kinds of what does not go along. */
  without: string[];
  ladder?: PlannedLadder | null;
  /** The limits to keep; null for the usual ones. */
  limits?: PlannedLimit[] | null;
  search?: PlannedSearch | null;
  trials?: PlannedTrials | null;
  blend?: PlannedBlend | null;
  match?: PlannedMatch | null;
}

/** How a dough is divided, cooked and kept, being edited: a number may still be text that is not one. */
export interface DraftPortion {
  panName?: string | null;
  panMm?: NumberEntry;
  burnerW?: NumberEntry;
  pans?: NumberEntry;
  load?: NumberEntry;
  /** Pieces of several sizes; none for equal ones. */
  sizes?: { count?: NumberEntry; grams?: NumberEntry }[] | null;
  /** Code of the way of keeping; none for the usual one. */
  storage?: string | null;
  /** What is kept otherwise. */
  splits?: { storage?: string | null; pieces?: NumberEntry }[] | null;
  /** How a piece with a filling is portioned; none where nothing is said of it. */
  filled?: DraftFilled | null;
}

/** A piece with a filling, as far as it is said. */
export interface DraftFilled {
  shellGrams?: NumberEntry;
  fillingGrams?: NumberEntry;
  /** Whether the shell is rolled out evenly before it is closed; else its edge is thin. */
  evenEdge?: boolean | null;
}

/** What is looked at in Portion, as far as it is said. */
export interface PlannedPortion {
  stepGrams: NumberEntry;
  /** By what the formula is scaled: a field of the question. */
  scaleBy: "factor" | "pieces" | "flourGrams" | "doughGrams" | "panMm";
  scaleTo: NumberEntry;
  shapes: PlannedShapes;
  hours: NumberEntry;
}

/** Pieces that are more than a disc, as far as they are said. */
export interface PlannedShapes {
  /** Which of them are looked at; null for what goes with the formula. */
  kind: "filled" | "layered" | "cut" | null;
  /** Code of how a sheet becomes layers. */
  fold: string;
  times: NumberEntry;
  rollMm: NumberEntry;
  fatGrams: NumberEntry;
  /** Code of what is cut. */
  shape: string;
  sizeMm: NumberEntry;
  wedges: NumberEntry;
  /** Whether a disc is cut; else a rectangle. */
  fromDisc: boolean;
  discMm: NumberEntry;
  longMm: NumberEntry;
  shortMm: NumberEntry;
}

/** A blend of flours, as far as it is said. */
export interface PlannedBlend {
  /** The flours that may be used; null for those at hand. */
  flours: PlannedFlour[] | null;
  /** What is wanted, by the code of the figure. */
  wanted: Record<string, PlannedWant>;
  /** Code of the figure of which the best is wanted; empty for what the core takes. */
  goal: string;
  most: NumberEntry;
}

/** A flour that may go into a blend. */
export interface PlannedFlour {
  ingredient: string;
  /** Id of the lot whose figures it has. */
  lot: number | null;
  moisturePct: number | null;
  proteinPct: number | null;
  lowPct: NumberEntry;
  highPct: NumberEntry;
}

/** What is wanted of a blend: ends, or what to come near to. */
export interface PlannedWant {
  atLeast: NumberEntry;
  about: NumberEntry;
  atMost: NumberEntry;
}

/** What has to change, as far as it is said. */
export interface PlannedMatch {
  /** Keys of the lines that are out. */
  out: string[];
  allergen: string;
  /** Other lots, by the key of the line. */
  lots: Record<string, { lot: number | null; moisturePct: NumberEntry; proteinPct: NumberEntry }>;
  /** Codes of the figures to stay near to; null for the usual ones. */
  near: string[] | null;
}

/** A series of trials, as far as it is said. */
export interface PlannedTrials {
  /** Empty for the names of what is varied. */
  name: string;
  /** From what the order is drawn; empty for the name. */
  seed: string;
  centre: boolean;
  rounds: NumberEntry;
  /** Codes of what is not measured. */
  unmeasured: string[];
  /** The levels of each substitution, by its key. */
  levels: Record<string, { lowPct: NumberEntry; highPct: NumberEntry }>;
  /** The rungs that were picked, as shares of one substitution, by its key; null for two levels of each. */
  picked: { key: string; shares: number[] } | null;
}

/** What the most is looked for of, as far as it is said. */
export interface PlannedSearch {
  /** Code of the figure. */
  goal: string;
  /** Code of the inclusion that is meant, when the goal is inclusions; empty for all. */
  of?: string;
  free: PlannedFreeAmount[];
}

/** A line whose amount may move. */
export interface PlannedFreeAmount {
  /** Key of the line. */
  line: string;
  low: NumberEntry;
  high: NumberEntry;
}

/** How a substitution is raised, as far as it is said. */
export interface PlannedLadder {
  /** Key of the substitution that is raised; null for the first. */
  raised: string | null;
  /** Key of the one that is raised beside it, as a field; null for a ladder. */
  second: string | null;
  fromPct: NumberEntry;
  toPct: NumberEntry;
  rungs: NumberEntry;
}

/** A limit to keep, in the unit of its figure. */
export interface PlannedLimit {
  figure: string;
  /** Which of its ends are asked for; each may be empty as yet. */
  ends: ("atLeast" | "atMost")[];
  atLeast: NumberEntry;
  atMost: NumberEntry;
}

/** In the place of a line's key: nothing is replaced. */
export const ADDED = "+";

/** One thing in the place of another, or one more thing, as far as it is chosen. */
export interface PlannedSubstitution {
  key: string;
  /** Key of the line that is replaced; {@link ADDED} when something is added. */
  line: string;
  by: string;
  form: string | null;
  /** Share of the line, or of the flour when something is added, %. */
  sharePct: NumberEntry;
  basis: string;
}

let keys = 0;

/** A key no other line of this page has. */
export function newKey(): string {
  keys += 1;
  return `${Date.now().toString(36)}-${keys}`;
}

export function draftOf(document: FormulaDocument): Draft {
  return { ...draftOfSpec(document.formula), name: document.version.name };
}

export function draftOfSpec(spec: FormulaSpec): Omit<Draft, "name"> {
  const { lines, style, ...settings } = spec;
  return { ...settings, style: style ?? "", lines: (lines ?? []).map((line) => draftLine(line)) };
}

export function emptyDraft(style: string): Draft {
  return { name: "", style, lines: [] };
}

function draftLine(line: LineSpec | null): DraftLine {
  return {
    ...line,
    key: newKey(),
    ingredient: line?.prep ? "" : (line?.ingredient ?? ""),
    grams: line?.grams ?? null,
    measured: line?.measured ?? null,
    open: (line?.open ?? null) as Openness | null,
  };
}

/** What an open line becomes when its ingredient is chosen. */
export function picks(line: DraftLine): Partial<DraftLine> {
  return { check: null, open: line.open ? (line.grams === null ? "unknown-amount" : null) : null };
}

/** A line put on the scale: it counts, and how it was measured before says nothing any more. */
export function weighed(line: DraftLine, grams: NumberEntry): Partial<DraftLine> {
  const counts = grams === null ? {} : { open: null, check: line.open ? null : line.check };
  return line.origin?.measure == null && !line.origin?.follows
    ? { grams, ...counts }
    : { grams, sd: null, origin: { ...line.origin, measure: null, quantity: null, follows: null }, ...counts };
}

/** Another value of one figure; none is left when the last one goes. */
export function measuredWith(line: DraftLine, figure: MeasuredFigure, value: NumberEntry): Pick<DraftLine, "measured"> {
  const measured = { ...line.measured, [figure]: value };
  return { measured: Object.values(measured).some((each) => each != null) ? measured : null };
}

/** The lines without the empty ones at their end. */
export function filledLines(lines: DraftLine[]): DraftLine[] {
  return lines.slice(0, lines.findLastIndex((line) => !isEmpty(line)) + 1);
}

/** Whether nothing was written on a line yet. */
export function isEmpty(line: DraftLine): boolean {
  return line.ingredient === "" && line.grams === null && !line.open && !line.prep;
}

/**
 * The draft as it is saved. Empty lines at the end are left out; text that is no number goes along, to be refused by
 * line and field.
 */
export function specOf(draft: Draft): FormulaSpec {
  const { name: _name, plan: _plan, portionPlan: _portion, versionNote: _note, lines, ...settings } = draft;
  const spec = {
    ...settings,
    lines: filledLines(lines).map(({ key: _key, check: _check, heading: _heading, ...line }) =>
      line.open === "unread" || line.prep ? { ...line, ingredient: null } : line,
    ),
  };
  return JSON.parse(JSON.stringify(spec)) as FormulaSpec;
}

/** The draft as it is balanced: a line without a weight yet weighs nothing. */
export function balancedSpecOf(spec: FormulaSpec): FormulaSpec {
  return {
    ...spec,
    lines: spec.lines?.map((line) =>
      line && line.grams == null && !line.open && !line.prep ? { ...line, grams: 0 } : line,
    ),
  };
}

/** Whether two drafts hold the same, whatever keys their lines have. */
export function sameContent(one: Draft, two: Draft): boolean {
  return one.name === two.name && stable(specOf(one)) === stable(specOf(two));
}

function stable(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    inner && typeof inner === "object" && !Array.isArray(inner)
      ? Object.fromEntries(
          Object.entries(inner)
            .filter(([, held]) => held !== null)
            .sort(([a], [b]) => a.localeCompare(b)),
        )
      : inner,
  );
}
