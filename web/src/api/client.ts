import createClient from "openapi-fetch";
import type { components, operations, paths } from "./schema";

type Schemas = components["schemas"];
export type Batch = Schemas["Batch"];
export type BenchAdvice = Schemas["BenchAdvice"];
export type BenchAnswer = Schemas["BenchAnswer"];
export type BenchEntry = Schemas["BenchEntry"];
export type BenchStep = Schemas["BenchStep"];
export type BeginRequest = Schemas["BeginRequest"];
export type CardRun = Schemas["CardRun"];
export type DeviceState = Schemas["DeviceState"];
export type DevicesAnswer = Schemas["DevicesAnswer"];
export type ActRequest = Schemas["ActRequest"];
export type NotebookBatch = Schemas["NotebookBatch"];
export type ComparisonAnswer = Schemas["ComparisonAnswer"];
export type VersionTree = Schemas["VersionTree"];
export type Photo = Schemas["Photo"];
export type SheetAnswer = Schemas["SheetAnswer"];
export type StepEdit = Schemas["StepEdit"];
export type ScorecardAnswer = Schemas["ScorecardAnswer"];
export type NotebookPage = Schemas["NotebookPage"];
export type PlanSpec = Schemas["PlanSpec"];
export type ServingSpec = Schemas["ServingSpec"];
export type TraySpec = Schemas["TraySpec"];
export type WorkerSpec = Schemas["WorkerSpec"];
export type PlanState = Schemas["PlanState"];
export type PlannedServing = Schemas["PlannedServing"];
export type PlanWayOut = Schemas["PlanWayOut"];
export type TrayTime = Schemas["TrayTime"];
export type TooMuch = Schemas["TooMuch"];
export type PlanDemand = Schemas["Demand"];
export type DayListsAnswer = Schemas["DayListsAnswer"];
export type Stock = Schemas["Stock"];
export type Storage = Schemas["Storage"];
export type PlanBroken = Schemas["Broken"];
export type DayPlan = Schemas["DayPlan"];
export type DayTask = Schemas["DayTask"];
export type PlanAlternative = Schemas["AlternativeDay"];
export type SavedDay = Schemas["SavedDay"];
export type DayPage = Schemas["DayPage"];
export type DayRunAnswer = Schemas["DayRunAnswer"];
export type RunTask = Schemas["RunTask"];
export type BetterWay = Schemas["BetterWay"];
export type DaysAsked = NonNullable<operations["days"]["parameters"]["query"]>;
export type NotebookAsked = NonNullable<operations["page"]["parameters"]["query"]>;
export type ClockReading = Schemas["ClockReading"];
export type RunningBatches = Schemas["RunningBatches"];
/** Which card of a formula is wanted, and how it is written. */
export type CardAsked = NonNullable<operations["card"]["parameters"]["query"]>;
export type NotedBread = Schemas["NotedBread"];
export type OrderAnswer = Schemas["OrderAnswer"];
export type OrderRequest = Schemas["OrderRequest"];
export type CardDocument = Schemas["CardDocument"];
export type Caution = Schemas["Caution"];
export type ChainAnswer = Schemas["ChainAnswer"];
export type ChainSpec = Schemas["ChainSpec"];
export type Diagnosis = Schemas["Diagnosis"];
export type EditedFormula = Schemas["EditedFormula"];
export type Equivalent = Schemas["Equivalent"];
export type FormulaEdit = Schemas["FormulaEdit"];
export type FormulaPage = Schemas["FormulaPage"];
export type Filling = Schemas["Filling"];
export type GuideAnswer = Schemas["GuideAnswer"];
export type HandlingAnswer = Schemas["HandlingAnswer"];
export type Help = Schemas["Help"];
export type LadderAnswer = Schemas["LadderAnswer"];
export type LadderRequest = Schemas["LadderRequest"];
export type MostAnswer = Schemas["MostAnswer"];
export type MostRequest = Schemas["MostRequest"];
export type SubstituteAnswer = Schemas["SubstituteAnswer"];
export type SubstituteRequest = Schemas["SubstituteRequest"];
export type Proposal = Schemas["Proposal"];
export type MethodAnswer = Schemas["MethodAnswer"];
export type MethodSpec = Schemas["MethodSpec"];
export type ModelBook = Schemas["ModelBook"];
export type PrepAnswer = Schemas["PrepAnswer"];
export type PrepRequest = Schemas["PrepRequest"];
export type ReadyAt = Schemas["ReadyAt"];
export type PreparedLine = Schemas["PreparedLine"];
export type Spill = Schemas["Spill"];
export type StepAnswer = Schemas["StepAnswer"];
export type StepSpec = Schemas["StepSpec"];
export type SeriesAnswer = Schemas["SeriesAnswer"];
export type SeriesSummary = Schemas["SeriesSummary"];
export type TrialEffects = Schemas["TrialEffects"];
export type TrialRequest = Schemas["TrialRequest"];
export type TrialResult = Schemas["TrialResult"];
export type BlendFlourSpec = Schemas["BlendFlourSpec"];
export type TrialSeries = Schemas["TrialSeries"];
export type BlendAnswer = Schemas["BlendAnswer"];
export type Cooking = Schemas["Cooking"];
export type CookQuestion = Schemas["CookQuestion"];
export type Keeping = Schemas["Keeping"];
export type KeepingQuestion = Schemas["KeepingQuestion"];
export type Portion = Schemas["Portion"];
export type PortionQuestion = Schemas["PortionQuestion"];
export type Scaling = Schemas["Scaling"];
export type ScalingQuestion = Schemas["ScalingQuestion"];
export type Shapes = Schemas["Shapes"];
export type ShapesQuestion = Schemas["ShapesQuestion"];
export type BlendRequest = Schemas["BlendRequest"];
export type MostProgress = Schemas["MostProgress"];
export type MatchAnswer = Schemas["MatchAnswer"];
export type MatchRequest = Schemas["MatchRequest"];
export type BalanceAnswer = Schemas["BalanceAnswer"];
export type CsvReport = Schemas["CsvReport"];
export type Feel = Schemas["Feel"];
export type FormulaDocument = Schemas["FormulaDocument"];
export type SaidOfVersion = Schemas["SaidOfVersion"];
export type FormulaSpec = Schemas["FormulaSpec"];
export type FormulaSummary = Schemas["FormulaSummary"];
export type Handling = Schemas["Handling"];
export type Ingredient = Schemas["Item"];
export type LearningAnswer = Schemas["LearningAnswer"];
export type IntakeAnswer = Schemas["IntakeAnswer"];
export type IntakeLine = Schemas["IntakeLine"];
export type Kitchen = Schemas["Kitchen"];
export type LedgerRow = Schemas["LedgerRow"];
export type LineOrigin = Schemas["LineOrigin"];
export type LineSpec = Schemas["LineSpec"];
export type Material = LedgerRow["material"];
export type Lot = Schemas["Lot"];
export type MeasuresDocument = Schemas["MeasuresDocument"];
export type Openness = "unknown-amount" | "unread";
export type PantryDocument = Schemas["PantryDocument"];
export type Problem = Schemas["Problem"];
export type ProblemFault = Schemas["ProblemFault"];
export type Reason = Schemas["Reason"];
export type RecipeNotes = Schemas["RecipeNotes"];
export type Slip = Schemas["Slip"];
export type ExplanationStep = Schemas["ExplanationStep"];
export type Term = Schemas["Term"];
export type Variance = Schemas["Variance"];
export type VersionSummary = Schemas["VersionSummary"];
export type Warning = Schemas["Warning"];
export type WayOut = Schemas["WayOut"];

export const api = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? "",
  fetch: (request) => window.fetch(request),
});

/** How a file goes to the server: as it is. */
export const asFile = (file: File) => ({
  body: file as unknown as string,
  bodySerializer: (body: unknown) => body as BodyInit,
  headers: { "Content-Type": "application/octet-stream" },
});

/** A request that the server refused, with its problem document; or one that never reached it. */
export class ProblemError extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

const OFFLINE: Problem = {
  type: "urn:verdamen:problem:offline",
  title: "The server does not answer",
  status: 0,
  detail: "Your edits are kept on this page. Start Verdamen again (./verdamen start), then try once more.",
};

/** The data of an answer; a refusal or a dead server is thrown as a ProblemError. */
export async function taken<T>(asked: Promise<{ data?: T; error?: unknown }>): Promise<T> {
  let answer;
  try {
    answer = await asked;
  } catch (failure) {
    if (failure instanceof DOMException && failure.name === "AbortError") {
      throw failure;
    }
    throw new ProblemError(OFFLINE);
  }
  if (answer.data === undefined) {
    throw new ProblemError(isProblem(answer.error) ? answer.error : OFFLINE);
  }
  return answer.data;
}

/** A line at a time of an answer that is written while it is worked out; a refusal is thrown as with {@link taken}. */
export async function lineByLine<T>(
  asked: Promise<{ data?: unknown; error?: unknown; response: Response }>,
  onLine: (line: T) => void,
): Promise<void> {
  const { data, error, response } = await asked;
  if (error !== undefined || !(data instanceof ReadableStream) || !response.ok) {
    throw new ProblemError(isProblem(error) ? error : OFFLINE);
  }
  const reader = (data as ReadableStream<BufferSource>).pipeThrough(new TextDecoderStream()).getReader();
  let text = "";
  for (let { done, value } = await reader.read(); !done; { done, value } = await reader.read()) {
    const lines = (text + value).split("\n");
    text = lines.pop() ?? "";
    lines.forEach((line) => onLine(JSON.parse(line) as T));
  }
}

function isProblem(error: unknown): error is Problem {
  return typeof error === "object" && error !== null && "detail" in error;
}

/** The problem behind a failed query or mutation. */
export function problemOf(error: unknown): Problem | null {
  if (error instanceof ProblemError) {
    return error.problem;
  }
  return error ? OFFLINE : null;
}
