package verdamen.core.formula;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;

/** Checks what a recipe says beside its lines, and where the figures of a line come from. */
final class NotesReader {

    private final Faults faults;

    NotesReader(Faults faults) {
        this.faults = faults;
    }

    /** The notes; none when there are none. */
    RecipeNotes notes(@Nullable RecipeNotes notes) {
        if (notes == null) {
            return RecipeNotes.NONE;
        }
        faults.number("pieces", notes.pieces(), Limit.PIECES);
        faults.number("pieceGrams", notes.pieceGrams(), Limit.PIECE_GRAMS);
        faults.number("diameterMm", notes.diameterMm(), Limit.DIAMETER_MM);
        faults.number("sideSeconds", notes.sideSeconds(), Limit.SIDE_SECONDS);
        faults.number("panC", notes.panC(), Limit.PAN_C);
        faults.optionalText("method", notes.method(), Limit.METHOD_TEXT);
        faults.optionalText("recipe", notes.recipe(), Limit.RECIPE_TEXT);
        for (RecipeNotes.SetAside aside : faults.atMost("setAside", notes.setAside(), Limit.REMARKS)) {
            faults.text("reason", aside.reason(), Limit.NOTE);
            faults.optionalText("slip", aside.slip(), Limit.CODE);
        }
        for (RecipeNotes.Acknowledged read : faults.atMost("acknowledged", notes.acknowledged(), Limit.REMARKS)) {
            faults.text("who", read.who(), Limit.NAME);
            faults.optionalText("caution", read.caution(), Limit.CODE);
            faults.optionalText("cause", read.cause(), Limit.NOTE);
            faults.optionalText("at", read.at(), Limit.CODE);
        }
        return notes;
    }

    /** Where a line's figures come from. */
    void origin(int index, @Nullable LineOrigin origin) {
        if (origin == null) {
            return;
        }
        faults.optionalText(index, "text", origin.text(), Limit.NOTE);
        faults.optionalText(index, "measure", origin.measure(), Limit.CODE);
        faults.number(index, "quantity", origin.quantity(), Limit.QUANTITY);
    }
}
