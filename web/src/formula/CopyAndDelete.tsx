import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Copy, Trash2 } from "lucide-react";
import { useNavigate } from "react-router";
import { api, taken } from "../api";
import { IconButton, useNotices } from "../parts";
import { beginNewFormulaFrom } from "./newFormula";
import type { Editor } from "./useEditor";

/** A new formula from the one that is open, and its deletion into the bin. */
export function CopyAndDelete({ editor, id, station }: { editor: Editor; id: number; station: string }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const notify = useNotices();
  const listed = () => queries.invalidateQueries({ queryKey: ["formulas"] });
  const restore = useMutation({
    mutationFn: () => taken(api.POST("/api/formulas/{id}/restore", { params: { path: { id } } })),
    onSuccess: listed,
  });
  const remove = useMutation({
    mutationFn: () => taken(api.DELETE("/api/formulas/{id}", { params: { path: { id } } })),
    onSuccess: () => {
      void listed();
      void navigate("/formulas");
      notify(`“${editor.draft.name}” is in the bin.`, () => restore.mutate());
    },
    onError: () => notify("It could not be deleted."),
  });
  const copy = () => {
    beginNewFormulaFrom({ ...editor.draft, name: `${editor.draft.name} (copy)` }, station);
    void navigate(`/formulas/new/${station}`);
  };
  return (
    <>
      <IconButton large label="Duplicate this formula" onClick={copy}>
        <Copy size={17} aria-hidden />
      </IconButton>
      <IconButton
        large
        label="Delete this formula"
        onClick={() => {
          if (!remove.isPending) {
            remove.mutate();
          }
        }}
      >
        <Trash2 size={17} aria-hidden />
      </IconButton>
    </>
  );
}
