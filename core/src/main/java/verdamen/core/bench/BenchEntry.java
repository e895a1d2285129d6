package verdamen.core.bench;

import java.time.OffsetDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.handling.PutIn;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Pantry;

/**
 * Something noted of a batch. Which of the rest is said depends on the kind.
 *
 * @param key what it is known by, given by who notes it: noted twice, it is one
 * @param kind what it is
 * @param at when it was
 * @param step key of the step it belongs to; of a tasting, which one: {@code now}, {@code hour} or {@code next-day}
 * @param subject what it is of: code of an ingredient, of a {@link ReadingOf}, or of what is tasted
 * @param figure how much, in the unit of its kind and subject: g, °C, %, mm, s, or a mark
 * @param piece number of the piece, from 1
 * @param outcome how it went, or felt: a code
 * @param additions what was put in beyond the plan
 * @param text in words
 * @param of key of the entry that it answers
 */
public record BenchEntry(
        @Within(Limit.CODE) String key,
        EntryKind kind,
        OffsetDateTime at,
        @Within(Limit.CODE) @Nullable String step,
        @Within(Limit.CODE) @Nullable String subject,
        @Nullable Double figure,
        @Nullable Integer piece,
        @Within(Limit.CODE) @Nullable String outcome,
        @Nullable List<PutIn> additions,
        @Within(Limit.NOTE) @Nullable String text,
        @Within(Limit.CODE) @Nullable String of) {

    /** What can be tasted. */
    private static final Set<String> TASTED = Set.of("fold", "softness", "flavour");

    /** When it is tasted. */
    private static final Set<String> TASTINGS = Set.of("now", "hour", "next-day");

    /** An entry that says nothing but what it is. */
    public static BenchEntry of(String key, EntryKind kind, OffsetDateTime at) {
        return new BenchEntry(key, kind, at, null, null, null, null, null, null, null, null);
    }

    /** This entry with how it went. */
    public BenchEntry withOutcome(@Nullable String code) {
        return new BenchEntry(key, kind, at, step, subject, figure, piece, code, additions, text, of);
    }

    /** This entry of a step. */
    public BenchEntry withStep(String code) {
        return new BenchEntry(key, kind, at, code, subject, figure, piece, outcome, additions, text, of);
    }

    /** This entry of so much of something. */
    public BenchEntry withFigure(@Nullable String what, @Nullable Double value) {
        return new BenchEntry(key, kind, at, step, what, value, piece, outcome, additions, text, of);
    }

    /** This entry of a piece. */
    public BenchEntry withPiece(int number) {
        return new BenchEntry(key, kind, at, step, subject, figure, number, outcome, additions, text, of);
    }

    /** This entry with what was put in. */
    public BenchEntry withAdditions(List<PutIn> putIn) {
        return new BenchEntry(key, kind, at, step, subject, figure, piece, outcome, putIn, text, of);
    }

    /** This entry in words. */
    public BenchEntry withText(@Nullable String words) {
        return new BenchEntry(key, kind, at, step, subject, figure, piece, outcome, additions, words, of);
    }

    /** This entry at another time. */
    public BenchEntry withAt(OffsetDateTime moment) {
        return new BenchEntry(key, kind, moment, step, subject, figure, piece, outcome, additions, text, of);
    }

    /** What was put in, nothing when nothing was. */
    public List<PutIn> additionsOrNone() {
        return additions == null ? List.of() : additions;
    }

    /** Gathers what is wrong with it. */
    public void check(Pantry pantry, Faults faults) {
        Map<EntryField, @Nullable Object> said = said();
        for (EntryField field : EntryField.values()) {
            Object value = said.get(field);
            if (value == null) {
                faults.require(!kind.needs(field), field.field(), FaultCode.MISSING, null);
            } else {
                faults.require(kind.takes(field), field.field(), FaultCode.NOT_FOR_THIS_STEP, kind.code());
            }
        }
        faults.text("key", key, Limit.CODE);
        faults.optionalText("step", step, Limit.CODE);
        faults.optionalText("text", text, kind.textLimit());
        faults.optionalText("of", of, Limit.CODE);
        faults.number("piece", piece == null ? null : Double.valueOf(piece), Limit.PIECES);
        checkFigure(faults);
        checkOutcome(pantry, faults);
        checkSubject(pantry, faults);
        for (PutIn addition : faults.atMost("additions", additions, Limit.ADDITIONS)) {
            boolean there = pantry.ingredient(addition.ingredient()).isPresent();
            faults.require(there, "ingredient", FaultCode.UNKNOWN_CODE, addition.ingredient());
            faults.number("grams", addition.grams(), Limit.GRAMS);
        }
    }

    private Map<EntryField, @Nullable Object> said() {
        Map<EntryField, @Nullable Object> said = new EnumMap<>(EntryField.class);
        said.put(EntryField.STEP_KEY, step);
        said.put(EntryField.SUBJECT, subject);
        said.put(EntryField.FIGURE, figure);
        said.put(EntryField.PIECE_NUMBER, piece);
        said.put(EntryField.OUTCOME, outcome);
        said.put(EntryField.ADDITIONS, additions == null || additions.isEmpty() ? null : additions.size());
        said.put(EntryField.TEXT, text == null || text.isBlank() ? null : text);
        said.put(EntryField.OF, of);
        return said;
    }

    private void checkFigure(Faults faults) {
        Limit limit = kind == EntryKind.READING && subject != null
                ? Coded.find(ReadingOf.class, subject).map(ReadingOf::limit).orElse(null)
                : kind.figure();
        if (limit != null) {
            faults.number("figure", figure, limit);
        }
    }

    private void checkOutcome(Pantry pantry, Faults faults) {
        if (outcome == null) {
            return;
        }
        boolean known = kind == EntryKind.FELT
                ? pantry.feels().stream().anyMatch(feel -> feel.code().equals(outcome))
                : kind.outcomes().contains(outcome);
        faults.require(known, "outcome", FaultCode.UNKNOWN_CODE, outcome);
    }

    private void checkSubject(Pantry pantry, Faults faults) {
        if (subject == null) {
            return;
        }
        String of = Objects.requireNonNull(subject);
        boolean known = switch (kind) {
            case READING -> Coded.find(ReadingOf.class, of).isPresent();
            case TASTE -> TASTED.contains(of);
            default -> pantry.ingredient(of).isPresent();
        };
        faults.require(known, "subject", FaultCode.UNKNOWN_CODE, of);
        if (kind == EntryKind.TASTE) {
            faults.require(TASTINGS.contains(step), "step", FaultCode.UNKNOWN_CODE, step);
            boolean fold = of.equals("fold");
            faults.require(fold || figure != null, "figure", FaultCode.MISSING, null);
            faults.require(!fold || outcome != null, "outcome", FaultCode.MISSING, null);
        }
    }
}
