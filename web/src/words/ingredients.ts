import type { PantryDocument } from "../api";

/** The name of an ingredient; its code when the pantry lost it. */
export function ingredientName(code: string, pantry: PantryDocument): string {
  return pantry.ingredients.find((ingredient) => ingredient.code === code)?.name ?? code;
}
