import { Trash2 } from "lucide-react";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useFigures } from "../figures";
import { IconButton, useNotices } from "../parts";
import { goOnWith, type ListedDraft, listDrafts, throwAway } from "./draftStorage";

/** What is not saved yet: new formulas and edits of saved ones, to go on with or to throw away. */
export function Drafts() {
  const figures = useFigures();
  const navigate = useNavigate();
  const notify = useNotices();
  const [drafts, setDrafts] = useState(listDrafts);
  if (drafts.length === 0) {
    return null;
  }
  const resume = (draft: ListedDraft) => {
    if (draft.id === null) {
      goOnWith(draft.formula);
    }
    void navigate(`/formulas/${draft.id ?? "new"}/${draft.station}${versionOf(draft)}`);
  };
  const discard = (draft: ListedDraft) => {
    const back = throwAway(draft.key);
    setDrafts(listDrafts());
    notify(`“${nameOf(draft)}” is thrown away.`, () => {
      back();
      setDrafts(listDrafts());
    });
  };
  return (
    <section aria-label="Not saved yet" className="pb-5" data-testid="drafts">
      <h2 className="section-title">Not saved yet</h2>
      <ul>
        {drafts.map((draft) => (
          <li key={draft.key} className="hairline flex items-center gap-3 border-t py-1 text-sm">
            <button className="link text-left font-semibold" onClick={() => resume(draft)}>
              {nameOf(draft)}
            </button>
            <span className="soft">
              {draft.id === null ? "new" : `edits of version ${draft.baseNumber ?? 0}`}, {draft.lines}{" "}
              {draft.lines === 1 ? "line" : "lines"}, at {draft.station},{" "}
              {figures.moment(new Date(draft.storedAt).toISOString())}
            </span>
            <IconButton label={`Throw away ${nameOf(draft)}`} onClick={() => discard(draft)}>
              <Trash2 size={14} aria-hidden />
            </IconButton>
          </li>
        ))}
      </ul>
    </section>
  );
}

function nameOf({ name }: ListedDraft): string {
  return name.trim() === "" ? "Without a name" : name;
}

function versionOf({ id, baseNumber }: ListedDraft): string {
  return id === null || baseNumber === null ? "" : `?version=${baseNumber}`;
}
