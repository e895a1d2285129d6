package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a recipe says beside its lines and settings.
 *
 * @param pieces how many pieces the dough makes, 1 to 100,000
 * @param pieceGrams mass of one piece of dough, g, 1 to 100,000
 * @param method the method in words, at most 20,000 characters
 * @param setAside remarks of the slip catcher that somebody has set aside
 */
public record RecipeNotes(
        @Nullable Double pieces,
        @Nullable Double pieceGrams,
        @Nullable String method,
        @Nullable List<SetAside> setAside) {

    /** No notes. */
    public static final RecipeNotes NONE = new RecipeNotes(null, null, null, null);

    /**
     * A remark set aside.
     *
     * @param slip key of the remark
     * @param reason why it does not apply, 1 to 500 characters
     */
    public record SetAside(String slip, String reason) {}

    /** The reason a remark was set aside for; null when it was not. */
    public @Nullable String reasonFor(String slip) {
        return setAside == null
                ? null
                : setAside.stream()
                        .filter(each -> each.slip().equals(slip))
                        .map(SetAside::reason)
                        .findFirst()
                        .orElse(null);
    }
}
