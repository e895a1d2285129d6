import { useQuery } from "@tanstack/react-query";
import { NavLink, useParams } from "react-router";
import { pantryQuery } from "../api";
import { ErrorNotice } from "../parts";
import { Ingredients } from "./Ingredients";
import { Learned } from "./Learned";
import { Lots } from "./Lots";
import { Measures } from "./Measures";
import { Names } from "./Names";

const TABS = [
  { path: "ingredients", name: "Ingredients" },
  { path: "lots", name: "Flour lots" },
  { path: "measures", name: "Measures" },
  { path: "names", name: "Names" },
  { path: "learned", name: "Learned" },
];

/** The pantry: ingredients, lots of flour, the kitchen's own measures and names. */
export function PantryPage() {
  const { tab } = useParams();
  const pantry = useQuery(pantryQuery);
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-7 pb-16">
      <div className="flex items-end gap-6 pb-4">
        <h1 className="text-[2.1rem] leading-tight">Pantry</h1>
        <nav aria-label="Pantry" className="flex gap-1 pb-1">
          {TABS.map(({ path, name }) => (
            <NavLink
              key={path}
              to={`/pantry/${path}`}
              className={({ isActive }) => `btn btn-sm font-normal ${isActive ? "btn-neutral" : "btn-ghost"}`}
            >
              {name}
            </NavLink>
          ))}
        </nav>
      </div>
      <ErrorNotice error={pantry.error} retry={() => void pantry.refetch()} />
      {pantry.isPending && <p className="soft py-16 text-center">Opening the pantry…</p>}
      {pantry.data && tab === "ingredients" && <Ingredients pantry={pantry.data} />}
      {pantry.data && tab === "lots" && <Lots pantry={pantry.data} />}
      {pantry.data && tab === "measures" && <Measures pantry={pantry.data} />}
      {pantry.data && tab === "names" && <Names pantry={pantry.data} />}
      {pantry.data && tab === "learned" && <Learned pantry={pantry.data} />}
    </main>
  );
}
