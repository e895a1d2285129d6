import { ViewChoice } from "../parts";
import { useMemo } from "react";
import { useSearchParams } from "react-router";
import type { PantryDocument } from "../api";
import { type Editor, type Plan, Station } from "../formula";
import { BlendView } from "./BlendView";
import { ChangesView } from "./ChangesView";
import { MatchView } from "./MatchView";
import { MostView } from "./MostView";
import { planOf } from "./plan";
import { TrialsView } from "./TrialsView";

const VIEWS = [
  { code: "ladder", name: "Rung by rung" },
  { code: "formula", name: "Side by side" },
  { code: "most", name: "As much as it takes" },
  { code: "match", name: "Match" },
  { code: "blend", name: "Blend" },
  { code: "trials", name: "Trials" },
] as const;

type View = (typeof VIEWS)[number]["code"];

/** The Rework station: something takes the place of something else, or as much goes in as the dough can take. */
export function ReworkPage() {
  return <Station>{(editor, pantry) => <ReworkStation editor={editor} pantry={pantry} />}</Station>;
}

function ReworkStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const [search, setSearch] = useSearchParams();
  const shown = VIEWS.find(({ code }) => code === search.get("view"))?.code ?? "ladder";
  const plan = useMemo(() => planOf(editor.draft), [editor.draft]);
  const setPlan = (to: Plan, tag?: string) => editor.edit({ kind: "draft", patch: { plan: to }, tag });
  const show = (view: View) => setSearch((now) => ({ ...Object.fromEntries(now), view }), { replace: true });
  const choice = <ViewChoice views={VIEWS} shown={shown} onShow={show} />;
  const given = { editor, plan, pantry, onPlan: setPlan, choice };
  return (
    <div className="grid gap-x-6 px-5 lg:grid-cols-[15rem_minmax(0,1fr)] xl:grid-cols-[19rem_minmax(0,1fr)]">
      {shown === "most" && <MostView {...given} />}
      {shown === "match" && <MatchView {...given} />}
      {shown === "blend" && <BlendView {...given} />}
      {shown === "trials" && <TrialsView {...given} />}
      {(shown === "ladder" || shown === "formula") && (
        <ChangesView
          {...given}
          onLadder={shown === "ladder"}
          onOpen={() => show("formula")}
          onSeries={() => show("trials")}
        />
      )}
    </div>
  );
}
