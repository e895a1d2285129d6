import { useQuery } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { cardQuery } from "../api";
import { Cautions } from "../caution";
import { type Editor, Station, useBalance } from "../formula";
import { ProblemNotice } from "../parts";
import { useProblem } from "../words";
import { cardAsked } from "./asked";
import { CardForm } from "./CardForm";
import { CardSheet } from "./CardSheet";

/** The Card station: a saved version on paper. */
export function CardPage() {
  return <Station>{(editor) => <CardStation editor={editor} />}</Station>;
}

function CardStation({ editor }: { editor: Editor }) {
  return editor.id === null || editor.document === null ? (
    <p className="soft mx-auto max-w-xl px-6 py-24 text-center" data-testid="card-empty">
      A card is made from a saved version. Save this formula first.
    </p>
  ) : (
    <SavedCard editor={editor} id={editor.id} saved={`${editor.document.state} ${editor.document.latestNumber}`} />
  );
}

interface SavedCardProps {
  editor: Editor;
  id: number;
  /** What of the formula changes its cards beside the version: another one is asked for. */
  saved: string;
}

function SavedCard({ editor, id, saved }: SavedCardProps) {
  const [search] = useSearchParams();
  const asked = cardAsked(search, editor.baseNumber);
  const isAlone = asked.kind === "comparison" && (editor.document?.versions.length ?? 0) < 2;
  const card = useQuery({ ...cardQuery(id, asked, saved), enabled: !isAlone });
  const problem = useProblem(card.error);
  const cautions = useBalance(editor.balanced).answer?.cautions ?? [];
  const shown = card.data;
  return (
    <div className="grid gap-x-6 px-5 pb-16 lg:grid-cols-[17rem_minmax(0,1fr)] print:block print:p-0">
      <div className="print:hidden">
        <CardForm
          id={id}
          editor={editor}
          asked={asked}
          isReady={!card.isPlaceholderData && card.isSuccess && !isAlone}
        />
        <Cautions cautions={cautions.filter(({ station }) => station === "card")} editor={editor} />
      </div>
      <div className="min-w-0" data-testid="card" data-current={card.isSuccess && !card.isPlaceholderData}>
        {editor.changed && (
          <p
            role="status"
            className="bg-base-200 border-warning mb-3 rounded-md border-l-4 px-3 py-1.5 text-sm print:hidden"
          >
            The card is that of version {editor.baseNumber}: what you have changed since is not on it. Save to have it
            there.
          </p>
        )}
        {isAlone && (
          <p className="soft py-24 text-center">
            There is one version only. Save a second one, and the two are set side by side here.
          </p>
        )}
        <ProblemNotice problem={problem} retry={() => void card.refetch()} />
        {!shown && !problem && !isAlone && <p className="soft py-24 text-center">Writing the card…</p>}
        {shown && !problem && !isAlone && <CardSheet card={shown} />}
      </div>
    </div>
  );
}
