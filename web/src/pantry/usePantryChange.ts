import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type PantryDocument, pantryQuery } from "../api";

/** A change of the pantry; what the server answers takes the place of what was there, and balances are asked again. */
export function usePantryChange<T>(change: (asked: T) => Promise<PantryDocument>, onDone?: () => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (pantry) => {
      queries.setQueryData(pantryQuery.queryKey, pantry);
      void queries.invalidateQueries({ queryKey: ["balance"] });
      onDone?.();
    },
  });
}
