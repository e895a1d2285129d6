import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { api, namesQuery, type PantryDocument, taken } from "../api";
import { IngredientPicker } from "../formula";
import { ErrorNotice, IconButton } from "../parts";

/** What this kitchen calls its ingredients. */
export function Names({ pantry }: { pantry: PantryDocument }) {
  const query = useQuery(namesQuery);
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const [ingredient, setIngredient] = useState("");
  const put = (names: { name: string; ingredient: string }[]) => queries.setQueryData(namesQuery.queryKey, names);
  const teach = useMutation({
    mutationFn: () => taken(api.PUT("/api/intake/names", { body: { name, ingredient } })),
    onSuccess: (names) => {
      setName("");
      put(names);
    },
  });
  const forget = useMutation({
    mutationFn: (old: string) => taken(api.DELETE("/api/intake/names", { params: { query: { name: old } } })),
    onSuccess: put,
  });
  const called = (code: string) => pantry.ingredients.find((each) => each.code === code)?.name ?? code;
  return (
    <section aria-label="Names" className="max-w-2xl">
      <p className="soft pb-3 text-sm">
        Many common names are understood already. Other names from your recipes are remembered here and used first.
      </p>
      <form
        className="flex items-center gap-2 pb-3"
        onSubmit={(event) => {
          event.preventDefault();
          teach.mutate();
        }}
      >
        <input
          className="quiet-field framed !w-56"
          aria-label="Name"
          placeholder="the house blend"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <span className="soft text-sm">is</span>
        <div className="hairline min-w-0 flex-1 rounded-md border">
          <IngredientPicker
            ingredients={pantry.ingredients}
            value={ingredient}
            label="Ingredient"
            onPick={({ code }) => setIngredient(code)}
          />
        </div>
        <button className="btn btn-primary btn-sm">Remember</button>
      </form>
      <ErrorNotice error={teach.error ?? forget.error} />
      {query.data?.length === 0 && (
        <p className="soft hairline border-y py-8 text-center text-sm">No names of your own yet.</p>
      )}
      <ul>
        {query.data?.map((each) => (
          <li key={each.name} className="hairline flex items-center gap-3 border-t py-1">
            <span className="font-display w-56">{each.name}</span>
            <span className="flex-1">{called(each.ingredient)}</span>
            <IconButton quiet label={`Forget ${each.name}`} onClick={() => forget.mutate(each.name)}>
              <Trash2 size={14} aria-hidden />
            </IconButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
