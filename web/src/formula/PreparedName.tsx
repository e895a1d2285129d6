import { Link2 } from "lucide-react";
import { Link } from "react-router";
import type { PreparedLine } from "../api";
import { useFigures } from "../figures";
import type { DraftLine } from "./draft";
import type { Editor } from "./useEditor";

interface PreparedNameProps {
  line: DraftLine;
  editor: Editor;
  prepared: PreparedLine | null;
  /** What it is called until what comes out of it is known. */
  bought: string;
}

/** What stands on a line that a preparation fills: its name leads to the preparation. */
export function PreparedName({ line, editor, prepared, bought }: PreparedNameProps) {
  const figures = useFigures();
  const chain = editor.draft.preps?.find(({ key }) => key === line.prep);
  return (
    <>
      <p className="truncate px-[0.45rem] pt-1 leading-snug" data-field="prepared">
        {prepared?.name ?? chain?.name ?? bought}
      </p>
      <p className="soft flex items-center gap-1 truncate pb-1 pl-2 text-xs">
        <Link2 size={12} aria-hidden />
        <Link className="underline" to={`/formulas/${editor.id ?? "new"}/prep`}>
          from Prep
        </Link>
        {prepared && ` · ${prepared.form ?? ""} · water ${figures.percent(prepared.waterPct)}`}
        {line.part === "filling" && " · in the filling"}
        {line.part === "surface" && " · on the surface"}
      </p>
    </>
  );
}
