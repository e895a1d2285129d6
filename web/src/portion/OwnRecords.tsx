import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { X } from "lucide-react";
import { type ReactNode, useState } from "react";
import { api, breadRecordsQuery, type NotedBread, taken } from "../api";
import { type Editor, Faults } from "../formula";
import { useFigures } from "../figures";
import {
  asSent,
  IconButton,
  MassField,
  NumberField,
  type NumberEntry,
  ProblemNotice,
  Said,
  useNotices,
} from "../parts";
import { useProblem } from "../words";
import { Field } from "./Field";
import { recordWords } from "./words";

/** A note is kept; everything that the kitchen's own bread moves is asked for anew. */
function useNote(note: () => Promise<NotedBread[]>, onKept: () => void) {
  const queries = useQueryClient();
  const notify = useNotices();
  return useMutation({
    mutationFn: note,
    onSuccess: async () => {
      onKept();
      notify("Noted.");
      await queries.invalidateQueries();
    },
  });
}

interface NoteFormProps {
  name: string;
  testId: string;
  style: string;
  /** Whether the records are of folds; else of pieces that were timed or weighed. */
  ofFolds: boolean;
  error: unknown;
  fields: readonly string[];
  isPending: boolean;
  onNote: () => void;
  children: (faultOf: (field: string) => string | null) => ReactNode;
}

/** Notes what the kitchen has seen itself, and lists what was noted. */
function NoteForm({ name, testId, style, ofFolds, error, fields, isPending, onNote, children }: NoteFormProps) {
  const problem = useProblem(error);
  const faults = new Faults(problem?.faults);
  const faultOf = (field: string) => faults.of(null, field);
  const isSaid = fields.some((field) => faultOf(field) !== null);
  return (
    <details className="hairline mt-4 border-t pt-2" data-testid={testId}>
      <summary className="cursor-pointer text-sm font-semibold">{name}</summary>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onNote();
        }}
      >
        {children(faultOf)}
        {!isSaid && <ProblemNotice problem={problem} />}
        <button className="btn btn-sm mt-2" disabled={isPending}>
          Note it
        </button>
      </form>
      <Noted style={style} ofFolds={ofFolds} />
    </details>
  );
}

/** What was noted of the style, the newest first; each can be taken back. */
function Noted({ style, ofFolds }: { style: string; ofFolds: boolean }) {
  const queries = useQueryClient();
  const figures = useFigures();
  const { data } = useQuery(breadRecordsQuery(style));
  const forget = useMutation({
    mutationFn: (id: number) => taken(api.DELETE("/api/bread-records/{id}", { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  const records = data?.filter(({ record }) => (record.fold != null) === ofFolds) ?? [];
  return (
    <ul className="pt-2 text-sm">
      {records.map(({ id, notedAt, record }) => (
        <li key={id} className="hairline flex items-center gap-2 border-t">
          <span className="soft">{figures.date(notedAt)}</span>
          <span className="flex-1">{recordWords(record, figures)}</span>
          <IconButton
            label={`Take back what was noted on ${figures.moment(notedAt)}`}
            onClick={() => forget.mutate(id)}
          >
            <X size={14} aria-hidden />
          </IconButton>
        </li>
      ))}
    </ul>
  );
}

const EMPTY_PIECE = { sideOneS: null, sideTwoS: null, rawGrams: null, cookedGrams: null };

/** Notes a piece that was timed, weighed or both. */
export function NoteCooked({ editor, turned }: { editor: Editor; turned: boolean }) {
  const figures = useFigures();
  const [piece, setPiece] = useState<Record<keyof typeof EMPTY_PIECE, NumberEntry>>(EMPTY_PIECE);
  const note = useNote(
    () =>
      taken(
        api.POST("/api/cook/records", {
          body: {
            formula: editor.balanced,
            sideOneS: asSent(piece.sideOneS),
            sideTwoS: asSent(piece.sideTwoS),
            rawGrams: asSent(piece.rawGrams),
            cookedGrams: asSent(piece.cookedGrams),
          },
        }),
      ),
    () => setPiece(EMPTY_PIECE),
  );
  const seconds = (field: "sideOneS" | "sideTwoS", label: string, error: string | null) => (
    <Field name={label}>
      <NumberField
        framed
        unit="s"
        label={label}
        value={piece[field]}
        format={(value) => figures.number(value, 0)}
        error={error}
        onChange={(value) => setPiece({ ...piece, [field]: value })}
      />
    </Field>
  );
  const mass = (field: "rawGrams" | "cookedGrams", label: string, error: string | null) => (
    <Field name={label}>
      <MassField
        label={label}
        value={piece[field]}
        error={error}
        onChange={(value) => setPiece({ ...piece, [field]: value })}
      />
    </Field>
  );
  const fields = Object.keys(EMPTY_PIECE);
  return (
    <NoteForm
      name="Timed or weighed one?"
      testId="note-cooked"
      style={editor.draft.style}
      ofFolds={false}
      error={note.error}
      fields={fields}
      isPending={note.isPending}
      onNote={() => note.mutate()}
    >
      {(faultOf) => (
        <>
          {seconds("sideOneS", turned ? "First side took" : "It took", faultOf("sideOneS"))}
          {turned && seconds("sideTwoS", "Second side took", faultOf("sideTwoS"))}
          {mass("rawGrams", "It weighed before", faultOf("rawGrams"))}
          {mass("cookedGrams", "It weighed afterwards", faultOf("cookedGrams"))}
          <Said messages={fields.map(faultOf)} />
        </>
      )}
    </NoteForm>
  );
}

const FOLDS = [
  { code: "folds", name: "it folded" },
  { code: "cracks", name: "it cracked at the edge" },
  { code: "breaks", name: "it broke" },
] as const;

/** Notes what a piece did when it was folded. */
export function NoteFold({ editor }: { editor: Editor }) {
  const figures = useFigures();
  const [hours, setHours] = useState<NumberEntry>(null);
  const [fold, setFold] = useState("");
  const note = useNote(
    () =>
      taken(
        api.POST("/api/keeping/records", {
          body: {
            formula: editor.balanced,
            hours: asSent(hours),
            fold: FOLDS.find(({ code }) => code === fold)?.code ?? null,
          },
        }),
      ),
    () => {
      setHours(null);
      setFold("");
    },
  );
  return (
    <NoteForm
      name="Folded one?"
      testId="note-fold"
      style={editor.draft.style}
      ofFolds
      error={note.error}
      fields={["hours", "fold"]}
      isPending={note.isPending}
      onNote={() => note.mutate()}
    >
      {(faultOf) => (
        <>
          <Field name="Kept as above, folded after">
            <NumberField
              framed
              unit="h"
              label="Folded after"
              value={hours}
              format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
              error={faultOf("hours")}
              onChange={setHours}
            />
          </Field>
          <Field name="What it did">
            <select
              className="quiet-field framed"
              aria-label="What it did"
              value={fold}
              onChange={(event) => setFold(event.target.value)}
            >
              <option value="">choose…</option>
              {FOLDS.map(({ code, name }) => (
                <option key={code} value={code}>
                  {name}
                </option>
              ))}
            </select>
          </Field>
          <Said messages={["hours", "fold"].map(faultOf)} />
        </>
      )}
    </NoteForm>
  );
}
