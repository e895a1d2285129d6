import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Ingredient, taken } from "../api";
import { ErrorText } from "../parts";
import type { DraftLine } from "../formula";

/** Offers to remember what the recipe calls an ingredient, once somebody has said what it is. */
export function RememberName({ line, ingredient }: { line: DraftLine; ingredient: Ingredient | null }) {
  // The words that were not understood when the line was read; they stay while the line is corrected.
  const [words] = useState(() => line.check?.findings.find(({ kind }) => kind === "no-ingredient")?.words ?? []);
  const name = words.join(" ").toLowerCase();
  const teach = useMutation({
    mutationFn: (code: string) => taken(api.PUT("/api/intake/names", { body: { name, ingredient: code } })),
  });
  if (!ingredient || name === "") {
    return null;
  }
  return (
    <p className="pb-1 pl-7 text-xs" role="status">
      {teach.isSuccess ? (
        `“${name}” will be read as ${ingredient.name} from now on.`
      ) : (
        <button className="link text-primary" onClick={() => teach.mutate(ingredient.code)}>
          Remember “{name}” as {ingredient.name}
        </button>
      )}
      <ErrorText error={teach.error} className="text-error" />
    </p>
  );
}
