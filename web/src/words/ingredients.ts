import type { PantryDocument } from "../api";

/** The name of an ingredient; its code when the pantry lost it. */
export function ingredientName(code: string, pantry: PantryDocument): string {
  return pantry.ingredients.find((ingredient) => ingredient.code === code)?.name ?? code;
}

/** The name of an ingredient without what stands in brackets or behind a comma, for heads of columns and sentences. */
export function shortName(code: string, pantry: PantryDocument): string {
  return briefName(ingredientName(code, pantry));
}

/** A name without what stands in brackets or behind a comma. */
export function briefName(name: string): string {
  return name.split(/ ?[(,]/)[0] ?? name;
}
