package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;

/** Checks what a recipe says beside its lines, and where the figures of a line come from. */
final class NotesReader {

    private static final int LONGEST_TEXT = 500;
    private static final int LONGEST_CODE = 60;
    private static final int LONGEST_WHO = 80;
    private static final int LONGEST_METHOD = 20_000;

    private final Faults faults;

    NotesReader(Faults faults) {
        this.faults = faults;
    }

    /** The notes; none when there are none. */
    RecipeNotes notes(@Nullable RecipeNotes notes) {
        if (notes == null) {
            return RecipeNotes.NONE;
        }
        number(null, "pieces", notes.pieces(), Limits.PIECES);
        number(null, "pieceGrams", notes.pieceGrams(), Limits.PIECE_GRAMS);
        text(null, "method", notes.method(), LONGEST_METHOD);
        for (RecipeNotes.SetAside aside : orNone(notes.setAside())) {
            needed("reason", aside.reason());
            text(null, "reason", aside.reason(), LONGEST_TEXT);
            text(null, "slip", aside.slip(), LONGEST_CODE);
        }
        for (RecipeNotes.Acknowledged read : orNone(notes.acknowledged())) {
            needed("who", read.who());
            text(null, "who", read.who(), LONGEST_WHO);
            text(null, "caution", read.caution(), LONGEST_CODE);
            text(null, "cause", read.cause(), LONGEST_TEXT);
            text(null, "at", read.at(), LONGEST_CODE);
        }
        return notes;
    }

    /** Where a line's figures come from. */
    void origin(int index, @Nullable LineOrigin origin) {
        if (origin == null) {
            return;
        }
        text(index, "text", origin.text(), LONGEST_TEXT);
        text(index, "measure", origin.measure(), LONGEST_CODE);
        number(index, "quantity", origin.quantity(), Limits.QUANTITY);
    }

    private void number(@Nullable Integer index, String field, @Nullable Double value, Limits limits) {
        faults.number(index, field, value, limits.least(), limits.most());
    }

    private void needed(String field, @Nullable String value) {
        if (value == null || value.isBlank()) {
            faults.add(null, field, FaultCode.MISSING, null);
        }
    }

    private void text(@Nullable Integer index, String field, @Nullable String value, int longest) {
        if (value != null && value.length() > longest) {
            faults.addAll(List.of(
                    new Fault(index, field, FaultCode.TOO_LONG, value.length() + " characters", (double) longest)));
        }
    }

    private static <T> List<T> orNone(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }
}
