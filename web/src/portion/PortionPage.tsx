import type { ReactNode } from "react";
import { useSearchParams } from "react-router";
import type { PantryDocument } from "../api";
import { ViewChoice } from "../parts";
import { type DraftPortion, type Editor, type PlannedPortion, Station } from "../formula";
import { CookingView } from "./CookingView";
import { KeepingView } from "./KeepingView";
import { PiecesView } from "./PiecesView";
import { portionOf } from "./plan";
import { ScaleView } from "./ScaleView";
import { ShapesView } from "./ShapesView";

const VIEWS = [
  { code: "pieces", name: "Pieces" },
  { code: "shapes", name: "Filled, layered, cut" },
  { code: "scale", name: "Scale" },
  { code: "cooking", name: "Cooking" },
  { code: "keeping", name: "Keeping" },
] as const;

/** What each view of the station is given. */
export interface PortionViewProps {
  editor: Editor;
  pantry: PantryDocument;
  plan: PlannedPortion;
  onPlan: (patch: Partial<PlannedPortion>, tag?: string) => void;
  /** Changes how the formula is divided, cooked and kept. */
  onPortion: (patch: Partial<DraftPortion>, tag?: string) => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** The Portion station: the dough in pieces, in the pan, and how long it stays soft. */
export function PortionPage() {
  return <Station>{(editor, pantry) => <PortionStation editor={editor} pantry={pantry} />}</Station>;
}

function PortionStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const [search, setSearch] = useSearchParams();
  const shown = VIEWS.find(({ code }) => code === search.get("view"))?.code ?? "pieces";
  const plan = portionOf(editor.draft);
  const onPlan = (patch: Partial<PlannedPortion>, tag?: string) =>
    editor.edit({ kind: "draft", patch: { portionPlan: { ...plan, ...patch } }, tag });
  const onPortion = (patch: Partial<DraftPortion>, tag?: string) =>
    editor.edit({ kind: "draft", patch: { portion: { ...editor.draft.portion, ...patch } }, tag });
  const choice = (
    <div className="pb-3">
      <ViewChoice
        views={VIEWS}
        shown={shown}
        onShow={(view) => setSearch((now) => ({ ...Object.fromEntries(now), view }), { replace: true })}
      />
    </div>
  );
  const given = { editor, pantry, plan, onPlan, onPortion, choice };
  return (
    <div className="grid gap-x-6 px-5 lg:grid-cols-[17rem_minmax(0,1fr)]">
      {shown === "pieces" && <PiecesView {...given} />}
      {shown === "shapes" && <ShapesView {...given} />}
      {shown === "scale" && <ScaleView {...given} />}
      {shown === "cooking" && <CookingView {...given} />}
      {shown === "keeping" && <KeepingView {...given} />}
    </div>
  );
}
