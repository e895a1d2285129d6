import { queryOptions } from "@tanstack/react-query";
import { api, type FormulaSpec, taken } from "./client";

/** Everything a formula can be made from; it changes only with the program. */
export const pantryQuery = queryOptions({
  queryKey: ["pantry"],
  queryFn: ({ signal }) => taken(api.GET("/api/pantry", { signal })),
  staleTime: Infinity,
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

export const formulasQuery = queryOptions({
  queryKey: ["formulas"],
  queryFn: ({ signal }) => taken(api.GET("/api/formulas", { signal })),
  staleTime: 0,
});

export const formulaQuery = (id: number, version: number | null) =>
  queryOptions({
    queryKey: ["formula", id, version],
    queryFn: ({ signal }) =>
      version === null
        ? taken(api.GET("/api/formulas/{id}", { params: { path: { id } }, signal }))
        : taken(
            api.GET("/api/formulas/{id}/versions/{number}", { params: { path: { id, number: version } }, signal }),
          ),
    staleTime: 0,
  });

/** The balance of a formula: the key is the formula, so an answer can never stand for another one. */
export const balanceQuery = (formula: FormulaSpec) =>
  queryOptions({
    queryKey: ["balance", formula],
    queryFn: ({ signal }) => taken(api.POST("/api/balance", { body: formula, signal })),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });
