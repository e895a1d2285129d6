import { infiniteQueryOptions, keepPreviousData, queryOptions } from "@tanstack/react-query";
import {
  api,
  type BalanceAnswer,
  type BlendAnswer,
  type BlendFlourSpec,
  type BlendRequest,
  type Cooking,
  type CardAsked,
  type CookQuestion,
  type Keeping,
  type KeepingQuestion,
  type Portion,
  type OrderAnswer,
  type OrderRequest,
  type PortionQuestion,
  type Scaling,
  type ScalingQuestion,
  type SheetAnswer,
  type Shapes,
  type ShapesQuestion,
  type MatchAnswer,
  type MatchRequest,
  type Diagnosis,
  type Equivalent,
  type FormulaSpec,
  type HandlingAnswer,
  type MethodAnswer,
  type PrepAnswer,
  type PrepRequest,
  type ReadyAt,
  type LadderAnswer,
  type LadderRequest,
  lineByLine,
  type DaysAsked,
  type NotebookAsked,
  type PlanSpec,
  type PlanState,
  type MostAnswer,
  type MostProgress,
  type MostRequest,
  type SubstituteAnswer,
  type SubstituteRequest,
  type TrialRequest,
  type TrialSeries,
  taken,
} from "./client";

/** Everything a formula can be made from; it changes only with the program. */
export const pantryQuery = queryOptions({
  queryKey: ["pantry"],
  queryFn: ({ signal }) => taken(api.GET("/api/pantry", { signal })),
  staleTime: Infinity,
});

/** What there is of every ingredient. */
export const stockQuery = queryOptions({
  queryKey: ["stock"],
  queryFn: ({ signal }) => taken(api.GET("/api/pantry/stock", { signal })),
});

export const kitchenQuery = queryOptions({
  queryKey: ["kitchen"],
  queryFn: ({ signal }) => taken(api.GET("/api/kitchen", { signal })),
});

/** The kitchen's measures with what weigh-ins have taught. */
export const measuresQuery = queryOptions({
  queryKey: ["measures"],
  queryFn: ({ signal }) => taken(api.GET("/api/measures", { signal })),
});

export const lotsQuery = queryOptions({
  queryKey: ["lots"],
  queryFn: ({ signal }) => taken(api.GET("/api/pantry/lots", { signal })),
});

/** The names that this kitchen has taught. */
export const namesQuery = queryOptions({
  queryKey: ["names"],
  queryFn: ({ signal }) => taken(api.GET("/api/intake/names", { signal })),
});

/** What finished batches teach about flours. */
export const learningQuery = queryOptions({
  queryKey: ["learning"],
  queryFn: ({ signal }) => taken(api.GET("/api/learning", { signal })),
});

/** What is asked of the list of formulas. */
export interface FormulasAsked {
  search?: string;
  state?: string;
  sort?: string;
  down?: boolean;
  limit?: number;
}

/** The first pages of the list of formulas, searched and sorted by the server. */
export const formulasQuery = (asked: FormulasAsked) =>
  infiniteQueryOptions({
    queryKey: ["formulas", asked],
    queryFn: ({ signal, pageParam }) =>
      taken(api.GET("/api/formulas", { params: { query: { ...asked, after: pageParam } }, signal })),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
    staleTime: 0,
    placeholderData: (before) => before,
  });

/** Deleted formulas that can still be restored. */
export const binQuery = queryOptions({
  queryKey: ["formulas", "bin"],
  queryFn: ({ signal }) => taken(api.GET("/api/formulas/bin", { signal })),
  staleTime: 0,
});

export const formulaQuery = (id: number, version: number | null) =>
  queryOptions({
    queryKey: ["formula", id, version],
    queryFn: ({ signal }) =>
      version === null
        ? taken(api.GET("/api/formulas/{id}", { params: { path: { id } }, signal }))
        : taken(api.GET("/api/formulas/{id}/versions/{number}", { params: { path: { id, number: version } }, signal })),
    staleTime: 0,
  });

/** What was said of each version of a formula when it was saved, and is said now. */
export const saidQuery = (id: number) =>
  queryOptions({
    queryKey: ["formula", id, "said"],
    queryFn: ({ signal }) => taken(api.GET("/api/formulas/{id}/said", { params: { path: { id } }, signal })),
    staleTime: 0,
  });

/** A card; what else it depends on is part of its key. */
export const cardQuery = (id: number, asked: CardAsked, saved: string) =>
  queryOptions({
    queryKey: ["card", id, asked, saved],
    queryFn: ({ signal }) =>
      taken(api.GET("/api/formulas/{id}/card", { params: { path: { id }, query: sentOf(asked) }, signal })),
    retry: false,
    placeholderData: (before) => before,
  });

/** What is said of a card, without what is not. */
function sentOf(asked: CardAsked): CardAsked {
  return Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== null && value !== undefined));
}

/** The key of a search for the most. */
export const MOST = "most";

/** A question about what is on the page; what was asked is part of its key, so an answer never stands for another. */
export interface Question<S, T> {
  key: string;
  ask: (asked: S, signal: AbortSignal) => Promise<T>;
}

export const balanceQuestion: Question<FormulaSpec, BalanceAnswer> = {
  key: "balance",
  ask: (formula, signal) => taken(api.POST("/api/balance", { body: formula, signal })),
};

/** The chains of a formula and the balance that follows. */
export const prepQuestion: Question<PrepRequest, PrepAnswer> = {
  key: "prep",
  ask: (body, signal) => taken(api.POST("/api/prep", { body, signal })),
};

/** The run sheet of a formula. */
export const sheetQuestion: Question<FormulaSpec, SheetAnswer> = {
  key: "sheet",
  ask: (formula, signal) => taken(api.POST("/api/bench/sheet", { body: formula, signal })),
};

/** Every way of making a formula, side by side. */
export const methodQuestion: Question<FormulaSpec, MethodAnswer> = {
  key: "method",
  ask: (formula, signal) => taken(api.POST("/api/method", { body: formula, signal })),
};

/** What a formula becomes when some things take the place of others. */
export const substituteQuestion: Question<SubstituteRequest, SubstituteAnswer> = {
  key: "substitute",
  ask: (body, signal) => taken(api.POST("/api/rework/substitute", { body, signal })),
};

/** As much of something as a formula's dough can take; says how far it is while it is looked for. */
export const mostQuestion = (onProgress: (progress: MostProgress) => void): Question<MostRequest, MostAnswer> => ({
  key: MOST,
  ask: async (body, signal) => {
    let answer: MostAnswer | null | undefined;
    const asked = api.POST("/api/rework/most/progress", { body, signal, parseAs: "stream" });
    await lineByLine<MostProgress>(asked, (line) => {
      answer = line.answer;
      onProgress(line);
    });
    if (!answer) {
      throw new Error("The search ended without an answer.");
    }
    return answer;
  },
});

/** A change of a formula, raised rung by rung. */
export const ladderQuestion: Question<LadderRequest, LadderAnswer> = {
  key: "ladder",
  ask: (body, signal) => taken(api.POST("/api/rework/ladder", { body, signal })),
};

/** Flours mixed so that the blend has what is wanted of it. */
export const blendQuestion: Question<BlendRequest, BlendAnswer> = {
  key: "blend",
  ask: (body, signal) => taken(api.POST("/api/rework/blend", { body, signal })),
};

/** The flours at hand for a blend. */
export const floursAtHandQuestion: Question<FormulaSpec, BlendFlourSpec[]> = {
  key: "flours-at-hand",
  ask: (formula, signal) => taken(api.POST("/api/rework/blend/flours", { body: formula, signal })),
};

/** Ways back to how a formula was after something had to change. */
export const matchQuestion: Question<MatchRequest, MatchAnswer> = {
  key: "match",
  ask: (body, signal) => taken(api.POST("/api/rework/match", { body, signal })),
};

/** The runs that a series of trials would have. */
export const trialsQuestion: Question<TrialRequest, TrialSeries> = {
  key: "trials",
  ask: (body, signal) => taken(api.POST("/api/rework/trials", { body, signal })),
};

/** How a formula's dough handles. */
export const handlingQuestion: Question<FormulaSpec, HandlingAnswer> = {
  key: "handling",
  ask: (formula, signal) => taken(api.POST("/api/handling", { body: formula, signal })),
};

/** How the dough is divided. */
export const portionQuestion: Question<PortionQuestion, Portion> = {
  key: "portion",
  ask: (body, signal) => taken(api.POST("/api/portion", { body, signal })),
};

/** The formula larger or smaller, as it is weighed. */
export const scalingQuestion: Question<ScalingQuestion, Scaling> = {
  key: "scaling",
  ask: (body, signal) => taken(api.POST("/api/portion/scale", { body, signal })),
};

/** What pieces of a style said in this kitchen, the newest first. */
export const breadRecordsQuery = (style: string) =>
  queryOptions({
    queryKey: ["bread-records", style],
    queryFn: ({ signal }) => taken(api.GET("/api/bread-records", { params: { query: { style } }, signal })),
    enabled: style !== "",
  });

/** Several formulas at a time. */
export const orderQuestion: Question<OrderRequest, OrderAnswer> = {
  key: "order",
  ask: (body, signal) => taken(api.POST("/api/portion/order", { body, signal })),
};

/** Pieces that are filled, layered or cut. */
export const shapesQuestion: Question<ShapesQuestion, Shapes> = {
  key: "shapes",
  ask: (body, signal) => taken(api.POST("/api/portion/shapes", { body, signal })),
};

/** How pieces are cooked. */
export const cookQuestion: Question<CookQuestion, Cooking> = {
  key: "cook",
  ask: (body, signal) => taken(api.POST("/api/cook", { body, signal })),
};

/** How long they stay soft, or crisp. */
export const keepingQuestion: Question<KeepingQuestion, Keeping> = {
  key: "keeping",
  ask: (body, signal) => taken(api.POST("/api/keeping", { body, signal })),
};

/** The yeast, or the place, that makes the dough ready at a time. */
export const readyQuestion: Question<{ formula: FormulaSpec; minutes: number }, ReadyAt> = {
  key: "ready",
  ask: (body, signal) => taken(api.POST("/api/handling/ready", { body, signal })),
};

/** What likely went wrong. */
export const diagnosisQuestion: Question<{ formula: FormulaSpec; symptom: string }, Diagnosis> = {
  key: "diagnosis",
  ask: (body, signal) => taken(api.POST("/api/handling/diagnosis", { body, signal })),
};

/** What can stand for a line. */
export const equivalentsQuestion: Question<{ formula: FormulaSpec; line: number }, Equivalent[]> = {
  key: "equivalents",
  ask: (body, signal) => taken(api.POST("/api/method/equivalents", { body, signal })),
};

/** The feel guide; it changes only with the program. */
export const guideQuery = queryOptions({
  queryKey: ["guide"],
  queryFn: ({ signal }) => taken(api.GET("/api/handling/guide", { signal })),
  staleTime: Infinity,
});

/** How it is computed; it changes only with the program. */
export const modelQuery = queryOptions({
  queryKey: ["model"],
  queryFn: ({ signal }) => taken(api.GET("/api/model", { signal })),
  staleTime: Infinity,
});

/** The batches of a formula, the newest first. */
export const batchesQuery = (formula: number) =>
  queryOptions({
    queryKey: ["batches", formula],
    queryFn: ({ signal }) =>
      taken(api.GET("/api/formulas/{formula}/batches", { params: { path: { formula } }, signal })),
    staleTime: 0,
  });

/** The series of trials of a formula, the newest first. */
export const seriesListQuery = (formula: number) =>
  queryOptions({
    queryKey: ["series", "of", formula],
    queryFn: ({ signal }) =>
      taken(api.GET("/api/formulas/{formula}/trials", { params: { path: { formula } }, signal })),
    staleTime: 0,
  });

/** A series of trials with what came of it. */
export const seriesQuery = (id: number) =>
  queryOptions({
    queryKey: ["series", id],
    queryFn: ({ signal }) => taken(api.GET("/api/trials/{id}", { params: { path: { id } }, signal })),
    staleTime: 0,
  });

/** The batches that are made just now. */
export const runningQuery = queryOptions({
  queryKey: ["bench"],
  queryFn: ({ signal }) => taken(api.GET("/api/bench", { signal })),
  refetchInterval: 10_000,
});

/** The devices at the bench, with what is done to the simulated ones. */
export const devicesQuery = queryOptions({
  queryKey: ["devices"],
  queryFn: ({ signal }) => taken(api.GET("/api/devices", { signal })),
});

/** A batch at the bench. */
export const benchQuery = (id: number) =>
  queryOptions({
    queryKey: ["bench", id],
    queryFn: ({ signal }) => taken(api.GET("/api/bench/{id}", { params: { path: { id } }, signal })),
    refetchInterval: 10_000,
  });

/** Batches of the notebook, page by page. */
export const notebookQuery = (asked: NotebookAsked) =>
  infiniteQueryOptions({
    queryKey: ["notebook", "list", asked],
    queryFn: ({ signal, pageParam }) =>
      taken(api.GET("/api/notebook", { params: { query: { ...asked, after: pageParam } }, signal })),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
    staleTime: 0,
    placeholderData: (before) => before,
  });

/** The filters of the notebook that the kitchen keeps. */
export const filtersQuery = queryOptions({
  queryKey: ["notebook", "filters"],
  queryFn: ({ signal }) => taken(api.GET("/api/notebook/filters", { signal })),
});

/** The tags that batches have. */
export const tagsQuery = queryOptions({
  queryKey: ["notebook", "tags"],
  queryFn: ({ signal }) => taken(api.GET("/api/notebook/tags", { signal })),
  staleTime: 0,
});

/** A batch in the notebook. */
export const notebookBatchQuery = (id: number) =>
  queryOptions({
    queryKey: ["notebook", "batch", id],
    queryFn: ({ signal }) => taken(api.GET("/api/notebook/{id}", { params: { path: { id } }, signal })),
    staleTime: 0,
  });

/** Batches and versions side by side, each by its key. */
export const comparisonQuery = (items: string[]) =>
  queryOptions({
    queryKey: ["notebook", "compare", items],
    queryFn: ({ signal }) => taken(api.GET("/api/notebook/compare", { params: { query: { items } }, signal })),
    staleTime: 0,
  });

/** What the model predicts against what the last batches were. */
export const scorecardQuery = (asked: { formula?: number; last?: number; byTheBook?: boolean }) =>
  queryOptions({
    queryKey: ["notebook", "scorecard", asked],
    queryFn: ({ signal }) => taken(api.GET("/api/notebook/scorecard", { params: { query: asked }, signal })),
    staleTime: 0,
    placeholderData: keepPreviousData,
  });

/** The versions of a formula with their batches and verdicts. */
export const versionTreeQuery = (formula: number) =>
  queryOptions({
    queryKey: ["notebook", "tree", formula],
    queryFn: ({ signal }) =>
      taken(api.GET("/api/notebook/formulas/{formula}", { params: { path: { formula } }, signal })),
    staleTime: 0,
  });

/** What a plan begins with. */
export const usualPlanQuery = queryOptions({
  queryKey: ["plan", "usual"],
  queryFn: ({ signal }) => taken(api.GET("/api/plan/usual", { signal })),
  staleTime: Infinity,
});

const PLAN_LOOK_MS = 150;
const UNDER_WAY = new Set<PlanState["stage"]>(["waiting", "solving", "explaining"]);

/** A day's plan; says how far it is while it is solved, and has the server stop when nobody waits for it any more. */
export const planQuestion = (onProgress: (state: PlanState) => void): Question<PlanSpec, PlanState> => ({
  key: "day-plan",
  ask: async (body, signal) => {
    let state = await taken(api.POST("/api/plan", { body, signal }));
    const path = { id: state.id };
    const cancel = () => void api.DELETE("/api/plan/{id}", { params: { path } });
    signal.addEventListener("abort", cancel);
    try {
      while (UNDER_WAY.has(state.stage)) {
        onProgress(state);
        await new Promise((later) => setTimeout(later, PLAN_LOOK_MS));
        state = await taken(api.GET("/api/plan/{id}", { params: { path }, signal }));
      }
    } finally {
      signal.removeEventListener("abort", cancel);
    }
    onProgress(state);
    return state;
  },
});

/** What a planned day needs beside its plan. */
export const dayListsQuery = (plan: string) =>
  queryOptions({
    queryKey: ["plan", "lists", plan],
    queryFn: ({ signal }) => taken(api.GET("/api/plan/{id}/lists", { params: { path: { id: plan } }, signal })),
  });

/** What breaks when a task of a plan begins at another time. */
export const movedQuery = (plan: string, task: string, start: number) =>
  queryOptions({
    queryKey: ["plan", plan, "moved", task, start],
    queryFn: ({ signal }) =>
      taken(api.POST("/api/plan/{id}/moved", { params: { path: { id: plan } }, body: { task, start }, signal })),
    staleTime: Infinity,
  });

/** The days that are kept, page by page. */
export const daysQuery = (asked: DaysAsked) =>
  infiniteQueryOptions({
    queryKey: ["days", "list", asked],
    queryFn: ({ signal, pageParam }) =>
      taken(api.GET("/api/days", { params: { query: { ...asked, after: pageParam } }, signal })),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
    staleTime: 0,
    placeholderData: (before) => before,
  });

/** A day that is kept. */
export const dayQuery = (id: number) =>
  queryOptions({
    queryKey: ["days", id],
    queryFn: ({ signal }) => taken(api.GET("/api/days/{id}", { params: { path: { id } }, signal })),
    staleTime: 0,
  });

/** A day that is run. */
export const dayRunQuery = (id: number) =>
  queryOptions({
    queryKey: ["days", id, "run"],
    queryFn: ({ signal }) => taken(api.GET("/api/days/{id}/run", { params: { path: { id } }, signal })),
    refetchInterval: 3_000,
    staleTime: 0,
  });

/** Where calendar programs find the days. */
export const feedQuery = queryOptions({
  queryKey: ["days", "feed"],
  queryFn: ({ signal }) => taken(api.GET("/api/days/feed", { signal })),
});
