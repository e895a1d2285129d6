import type { Problem, ProblemFault } from "../api";
import type { Figures } from "../figures";
import { clockWords, roleWords } from "./plan";

type FaultCode = ProblemFault["code"];

/** What a field is called, by its place or the last part of it; its unit is said with its values. */
const FIELDS: Record<string, string> = {
  ingredient: "The ingredient",
  grams: "The weight",
  sd: "The weighing error",
  part: "The part",
  form: "The form",
  waterPct: "The measured water",
  moisturePct: "The flour moisture",
  proteinPct: "The protein",
  absorptionPct: "The absorption",
  absorptionSdPct: "The error of the absorption",
  pieceMm: "The piece size",
  fatState: "The state of the fat",
  style: "The style",
  kneading: "The kneading",
  fatTiming: "When the fat goes in",
  waterTemperatureC: "The water temperature",
  restMinutes: "The rest",
  sheetMm: "The sheet",
  softnessTarget: "The softness to aim for",
  by: "What takes its place",
  basis: "What stays the same",
  changes: "What takes the place of what",
  without: "What does not go along",
  quantity: "The number of measures",
  measure: "The measure",
  text: "The text",
  method: "The method",
  pieces: "The number of pieces",
  pieceGrams: "The weight of a piece",
  diameterMm: "The diameter",
  sideSeconds: "The seconds a side",
  panC: "The heat of pan or oven",
  panMm: "The pan or press",
  filled: "The filling",
  shellGrams: "The dough of a piece",
  fillingGrams: "The filling of a piece",
  fold: "The fold test",
  times: "The number of folds",
  rollMm: "The roll",
  fatGrams: "The fat on a piece",
  shape: "The shape",
  sizeMm: "The size",
  wedges: "The number of wedges",
  discMm: "The disc",
  longMm: "The longer side",
  shortMm: "The shorter side",
  factor: "The factor",
  stepGrams: "What the scale weighs to",
  sizes: "The sizes",
  burnerW: "The burner",
  pans: "The number of pans",
  load: "The pieces in the oven",
  storage: "The way of keeping",
  inHandGrams: "What is in hand",
  shelf: "The shelf",
  store: "Where it is bought",
  parBaked: "Cooked for the most part before",
  panName: "The name of the pan",
  splits: "What is put aside",
  places: "The places",
  with: "The version to compare with",
  paper: "The paper",
  hide: "What is left out",
  sideOneS: "The time on the first side",
  sideTwoS: "The time on the second side",
  rawGrams: "The weight before",
  cookedGrams: "The weight afterwards",
  timeFactor: "A record of seconds",
  lossFactor: "A record of loss",
  marginPct: "A record of folding",
  material: "The material",
  hours: "The hour",
  recipe: "The recipe as it came",
  said: "What the method says",
  reason: "The reason",
  kitchenC: "The temperature of the kitchen",
  cupMl: "The cup",
  currency: "The currency",
  millilitres: "The volume",
  count: "The number",
  plural: "The plural",
  doughGrams: "The weight of the dough",
  bowlLossPct: "What stays on the bowl",
  beforeGrams: "The weight before",
  afterGrams: "The weight after",
  line: "The line",
  lines: "The lines",
  how: "The way to fill it",
  composition: "The composition",
  role: "The role",
  group: "The group",
  code: "The ingredient",
  field: "The figure",
  source: "Where it comes from",
  fatPct: "The fat",
  carbPct: "The carbohydrate",
  fibrePct: "The fibre",
  sugarsPct: "The sugars",
  ashPct: "The minerals",
  sodiumMg: "The sodium",
  bulkDensityGPerMl: "The density",
  pieceName: "What a piece is",
  allergens: "An allergen",
  notes: "The notes",
  uptakeTauMin: "The time of uptake",
  glutenQuality: "The gluten quality",
  amount: "The price",
  priceAmount: "The price",
  per: "What the price is for",
  pricePer: "What the price is for",
  milledOn: "The day of milling",
  moistureHow: "How the moisture was found",
  celsius: "The temperature",
  humidityPct: "The humidity of the air",
  lot: "The lot",
  record: "The kind of record",
  weighedAt: "The time of weighing",
  pct: "The baker’s percentage",
  name: "The name",
  note: "The note",
  parentNumber: "The version this was made from",
  formula: "The formula",
  key: "The key",
  liquid: "What happens to the liquid",
  kind: "The kind",
  liquidGrams: "The liquid",
  fromC: "The temperature at the start",
  roomC: "The temperature of the room",
  targetC: "The temperature to reach",
  readMinute: "The minute of the reading",
  readC: "The temperature read",
  prep: "The preparation",
  preps: "The preparations",
  steps: "The steps",
  words: "What is done",
  after: "The step before it",
  standing: "Where the version stands",
  items: "What is compared",
  last: "How many batches",
  caption: "What is said of the photograph",
  photos: "The photographs",
  added: "What is put in",
  additions: "What is put in",
  phases: "The phases",
  stage: "The stage",
  temperatureC: "The temperature",
  pressedLiquid: "What happens to pressed liquid",
  sticking: "What stops sticking",
  pickupGrams: "What the dough picks up",
  pickupBeforeGrams: "The weight on the bench before",
  pickupAfterGrams: "The weight left on the bench",
  waterAddition: "How the water goes in",
  seal: "How the filling is enclosed",
  heat: "The heat",
  firstStage: "The first stage",
  standingMinutes: "How long the first stage stands",
  minutes: "The duration",
  doughC: "The dough temperature",
  flourC: "The temperature of the flour",
  coldC: "The temperature of cold water",
  hotC: "The temperature of hot water",
  kneadMinutes: "The kneading time",
  minute: "The minute",
  minutesAgo: "How long ago water met flour",
  feel: "The feel",
  given: "What you put in",
  share: "The share",
  from: "The first rung",
  to: "The last rung",
  rungs: "The number of rungs",
  limits: "The limits",
  figure: "The figure",
  atLeast: "The least of a limit",
  atMost: "The most of a limit",
  add: "What is added",
  change: "What is raised",
  second: "What is raised beside it",
  beside: "What else is changed",
  goal: "What is looked for",
  of: "What is meant",
  free: "The amounts that may move",
  low: "The least of an amount",
  high: "The most of an amount",
  factors: "What is varied",
  lowShare: "The lower level",
  highShare: "The higher level",
  shares: "A picked rung",
  flours: "The flours that may be used",
  wanted: "What is wanted of the blend",
  about: "What to come near to",
  atMostFlours: "The number of flours",
  out: "What is out",
  allergen: "The allergen",
  lots: "The other lot",
  near: "The figures to stay near to",
  rounds: "How many times it is made",
  seed: "What the order is drawn from",
  measures: "What is measured",
  run: "The run",
  waterGrams: "The water poured",
  tears: "The number of torn pieces",
  rolling: "The mark for rolling",
  puffPct: "The share that puffed",
  taste: "The mark for taste",
  symptom: "What went wrong",
  who: "Who has read it",
  version: "The version",
  school: "The way of making",
  question: "The question",
  setAside: "The remarks set aside",
  acknowledged: "The cautions read",
  search: "The search",
  flourGrams: "The flour",
  batch: "A batch of formula",
  running: "Batches being made",
  subject: "What it is of",
  piece: "The piece",
  outcome: "How it went",
  entries: "What is noted",
  step: "The step",
  speed: "The speed of the clock",
  day: "The day",
  plan: "The plan",
  servings: "What is served",
  workers: "Who is there",
  roles: "What somebody can do",
  due: "The time of serving",
  comes: "The time when somebody comes",
  goes: "The time when somebody goes",
  start: "The time when it begins",
  task: "The task",
  pins: "What stays where it is",
  ovens: "The number of ovens",
  mixers: "The number of mixers",
  fridgeLitres: "The room in the fridge",
  "trays.count": "The number of trays",
  madeAs: "What was different",
  chillMinutes: "The chill",
};

/** What is measured with a tape, and typed in the kitchen's unit of sizes. */
const TAPED = /^(diameter|pan|size|disc|long|short)Mm$/;

const WEIGHED = /grams$/i;

/** In which units a field is read; nothing where only in its own. */
const unitsRead = (field: string) =>
  WEIGHED.test(field) ? "g, kg, oz or lb" : TAPED.test(field) ? "cm, mm or inches" : "";

/** How the values of a field are written, by the end of its name. */
function unitOf(field: string): (figures: Figures, value: number) => string {
  const number = (f: Figures, value: number, decimals = 3) => f.number(value, decimals).replace(/[.,]?0+$/, "") || "0";
  if (WEIGHED.test(field) || /^(low|high|sd|given)$/.test(field)) {
    return (f, value) => (f.massUnit === "g" ? `${number(f, value)} g` : f.mass(value));
  }
  if (/Pct$|^pct$/.test(field) || field === "composition") {
    return (f, value) => `${number(f, value)} %`;
  }
  if (/^(share|shares|from|to|lowShare|highShare)$/.test(field)) {
    return (f, value) => `${number(f, 100 * value)} %`;
  }
  if (/C$/.test(field) || field === "celsius") {
    return (f, value) => f.temperature(value);
  }
  if (TAPED.test(field)) {
    return (f, value) => `${number(f, f.lengthUnitFromMm(value), 2)} ${f.lengthUnit}`;
  }
  if (/Mm$/.test(field)) {
    return (f, value) => `${number(f, value)} mm`;
  }
  if (/^(due|comes|goes|start)$/.test(field)) {
    return (_, value) => clockWords(value);
  }
  if (field === "minute") {
    return number;
  }
  if (/minutes?$/i.test(field) || field === "minutesAgo" || field === "uptakeTauMin") {
    return (f, value) => `${number(f, value)} min`;
  }
  if (/Ml$|^millilitres$/.test(field)) {
    return (f, value) => `${number(f, value)} ml`;
  }
  if (/Mg$/.test(field)) {
    return (f, value) => `${number(f, value)} mg`;
  }
  return number;
}

function lastPart(place: string): string {
  return place.slice(place.lastIndexOf(".") + 1).replace(/\[.*/, "");
}

interface Said {
  /** The field, as a sentence begins. */
  field: string;
  /** The value given, as the kitchen writes it. */
  value: string;
  limit: string;
  /** Whether the fault has a limit. */
  limited: boolean;
  /** The units in which the field is read; nothing where only in its own. */
  units: string;
}

const CODES: Record<FaultCode, (said: Said) => string> = {
  missing: ({ field }) => `${field} is missing. Fill it in.`,
  "not-a-number": ({ field, value, units }) =>
    `${field} is not a number${value && `: “${value}”`}.${units && ` It is read in ${units}.`}`,
  "not-whole": ({ field, value }) => `${field} is ${value}; it must be a whole number.`,
  "too-small": ({ field, value, limit, limited }) =>
    limited ? `${field} is ${value}; it must be at least ${limit}.` : sum(field, value),
  "too-large": ({ field, value, limit, limited }) =>
    limited ? `${field} is ${value}; it must be at most ${limit}.` : sum(field, value),
  "kills-yeast": ({ value, limit }) => `At ${value} the yeast that goes in there dies: it bears less than ${limit}.`,
  "unknown-code": ({ field, value }) => `${field}${value && ` “${value}”`} is not known. Choose one from the list.`,
  "not-for-this-ingredient": ({ field }) => `${field} does not apply to this ingredient. Remove it.`,
  contradicts: ({ field }) =>
    `${field} contradicts the rest of the line: it is not known yet, or its preparation gives it.`,
  "in-the-future": ({ field }) => `${field} is in the future.`,
  "in-use": ({ field, value }) => `${field} “${value}” still uses it. Change that first.`,
  breaks: ({ field, value }) => `${field} “${value}” uses it and could no longer be read. Change that first.`,
  taken: ({ field, value }) => `${field} “${value}” is taken already. Choose another one.`,
  "too-long": ({ field, value, limit }) => `${field} has ${value} characters; at most ${limit} are kept.`,
  "too-many": ({ field, value, limit }) => `${field}: there are ${value}; at most ${limit} are allowed.`,
  "control-characters": ({ field }) => `${field} holds characters that cannot be typed. Type it again.`,
  "creates-matter": ({ field, value, limit }) =>
    `${field} is ${value}, but there are only ${limit}: nothing can come out of nothing. Check both weighings.`,
  "no-water-left": ({ field, value, limit }) =>
    `${field} is ${value}, which would drive its water below zero; the limit is ${limit}. Check the scale.`,
  "not-for-this-step": ({ field, value }) => `${field} does not go with “${value}”. Choose another one.`,
  "impossible-temperatures": ({ field, value, limit }) =>
    `${field} is ${value}, which does not go with the other temperatures (${limit}). Something hot cools towards the room.`,
  "wrong-kind": ({ field }) => `${field} cannot be read: it is not known here, or its value is of the wrong kind.`,
  unreadable: ({ field, value }) => `${field} cannot be read${value && ` (${value})`}.`,
  "out-of-reach": ({ field, value }) => `${field}${value && ` ${value}`} cannot be reached with this dough.`,
  itself: ({ field }) => `${field} is what stands there already. Choose something else.`,
  "not-from-here": ({ value }) => `It cannot become “${value}” from what it is now.`,
  locked: ({ value }) => `Version ${value} is released, and so locked. Set it aside first.`,
  "no-flour": () => "Nothing in the dough takes up water the way flour does. Add a flour.",
};

/** A composition that does not add up. */
function sum(field: string, value: string): string {
  return `${field} adds up to ${value}; water, protein, fat, carbohydrate and minerals must make 100 %, give or take a little.`;
}

const COUNTED: FaultCode[] = ["too-long", "too-many"];

/** Faults that say more than what is wrong with a field. */
const OWN_WORDS: Record<string, (value: string) => string> = {
  "roles missing": (value) => `Nobody who is there can ${roleWords(value)}.`,
  "goes contradicts": () => "Nobody goes before coming.",
  "servings missing": () => "There is nothing to serve yet.",
  "workers missing": () => "Nobody is there.",
  "day missing": () => "Say which day it is.",
  "plan contradicts": (value) => `That is no plan of “${value}” as it is now: wait for the new one, and try again.`,
  "plan missing": () => "There is no plan of this day yet.",
  "run taken": (value) => `“${value}” is run already.`,
};

/** A fault in a sentence: what, the value, and what to do, in the kitchen's units. */
export function faultWords(fault: ProblemFault, figures: Figures): string {
  const last = lastPart(fault.field);
  const write = COUNTED.includes(fault.code) ? (f: Figures, value: number) => f.number(value, 0) : unitOf(last);
  const given = fault.value == null || fault.value === "" ? NaN : Number(fault.value);
  const own = OWN_WORDS[`${last} ${fault.code}`];
  if (own) {
    return own(fault.value ?? "");
  }
  return CODES[fault.code]({
    field: FIELDS[fault.field] ?? FIELDS[last] ?? `“${fault.field}”`,
    value: Number.isFinite(given) ? write(figures, given) : (fault.value ?? ""),
    limit: fault.limit == null ? "" : write(figures, fault.limit),
    limited: fault.limit != null,
    units: unitsRead(last),
  });
}

const FILE_REASONS: Record<string, string> = {
  "too-large": "The file is too large.",
  empty: "The file is empty.",
  "wrong-encoding": "The file is not in UTF-8. Save it as UTF-8 and try again.",
  broken: "The file is broken or cut off. Export it again where it came from.",
  "other-kind": "The file is of another kind.",
  "no-photo": "This is neither a PNG, a JPEG nor a WebP picture.",
  "photo-too-large": "The photograph is over 10 MB.",
  "too-many-pixels": "The picture has more pixels than can be taken.",
  "newer-version": "The file was written by a newer Verdamen. Update this one.",
};

/** What a problem says, in the kitchen's units: the first fault, or the kind of problem. */
export function problemWords(problem: Problem, figures: Figures): string {
  const kind = problem.type.slice(problem.type.lastIndexOf(":") + 1);
  const first = problem.faults?.[0];
  switch (kind) {
    case "refused-file": {
      const where = first?.value ? ` (${first.value})` : "";
      return `${FILE_REASONS[problem.reason ?? ""] ?? "The file cannot be read."}${where} Nothing of it was taken.`;
    }
    case "newer-version":
      return `Version ${problem.newest?.number} was saved after version ${problem.latestKnown}, the newest you knew of. Nothing is lost: save yours beside it, or open theirs.`;
    case "too-large":
      return "This is too much at once. Send it in smaller parts.";
    case "unexpected":
      return `Your edits are still on the page. Try again; if it stays, look for ${problem.incident} in the server’s log.`;
    case "foreign-host":
    case "foreign-origin":
      return "This page is not served by this Verdamen. Open it under its own address.";
    default:
      break;
  }
  if (!first) {
    return problem.detail;
  }
  const count = problem.faultCount ?? problem.faults?.length ?? 1;
  const words = faultWords(first, figures);
  return count > 1 ? `${count} values must be changed. The first: ${words}` : words;
}

const TITLES: Record<string, string> = {
  refused: "This cannot be used as it is",
  "refused-file": "The file cannot be imported",
  "newer-version": "A newer version was saved",
  "not-found": "Not found",
  unreadable: "This cannot be read",
  unexpected: "Something went wrong in Verdamen",
};

/** The kind of a problem in a few words. */
export function problemTitle(problem: Pick<Problem, "type" | "title">): string {
  return TITLES[problem.type.slice(problem.type.lastIndexOf(":") + 1)] ?? problem.title;
}
