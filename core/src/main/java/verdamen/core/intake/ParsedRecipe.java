package verdamen.core.intake;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A recipe as understood.
 *
 * @param title its name; null when none stood before the ingredients
 * @param pieces how many it says it makes; null when it does not say
 * @param made what it says it makes, as written; null when it says no more than how many
 * @param lines every line of ingredients, in order; none is dropped
 * @param waterTemperatureC temperature that it gives its water, °C; null when it does not say
 * @param method the method that stood below, as written, with what it makes where that says more than how many; empty for none
 */
public record ParsedRecipe(
        @Nullable String title,
        @Nullable Integer pieces,
        @Nullable String made,
        List<ParsedLine> lines,
        @Nullable Double waterTemperatureC,
        String method) {

    /** Copies the lines so that a recipe never changes. */
    public ParsedRecipe {
        lines = List.copyOf(lines);
    }

    /** The style that its title speaks of, or else what it says it makes, or else its method; null when none does. */
    public @Nullable SpokenStyle style() {
        return StyleOfTitle.of(title, made, method);
    }
}
