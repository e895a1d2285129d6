package verdamen.core.pantry;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * A vessel of a kitchen's own as asked, not yet checked.
 *
 * @param name what the kitchen calls one
 * @param plural what it calls several; absent for the name with an s
 * @param millilitres what it holds, ml
 */
public record VesselSpec(
        @Within(Limit.WORD) @Nullable String name,
        @Within(Limit.WORD) @Nullable String plural,
        @Within(Limit.VESSEL_ML) @Nullable Double millilitres) {

    private static final String VOLUME = "volume";

    /** The code of a vessel of this name. */
    public String code() {
        return String.valueOf(name).strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    }

    /** Finds everything impossible about it; a name of the book's measures is taken. */
    public Faults check(Pantry pantry) {
        Faults faults = new Faults();
        String asked = faults.text("name", name, Limit.WORD);
        faults.optionalText("plural", plural, Limit.WORD);
        faults.needed("millilitres", millilitres, Limit.VESSEL_ML);
        boolean inTheBook = pantry.measures().stream()
                .anyMatch(measure ->
                        measure.code().equals(code()) || measure.plural().equalsIgnoreCase(asked));
        faults.require(!inTheBook, "name", FaultCode.TAKEN, asked);
        return faults;
    }

    /** The measure it is, once it is checked. */
    public Measure measure() {
        String one = String.valueOf(name).strip();
        String several = plural == null || plural.isBlank() ? one + "s" : plural.strip();
        return new Measure(code(), one, several, VOLUME, millilitres, null, Coefficient.VESSEL_FILLING_SD.value(), "");
    }
}
