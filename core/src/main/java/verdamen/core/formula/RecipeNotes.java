package verdamen.core.formula;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * What a recipe says beside its lines and settings.
 *
 * @param pieces how many pieces the dough makes, 1 to 100,000
 * @param pieceGrams mass of one piece of dough, g, 1 to 100,000
 * @param method the method in words, at most 20,000 characters
 * @param setAside remarks of the slip catcher that somebody has set aside
 * @param acknowledged cautions that somebody has read
 */
public record RecipeNotes(
        @Within(Limit.PIECES) @Nullable Double pieces,
        @Within(Limit.PIECE_GRAMS) @Nullable Double pieceGrams,
        @Within(Limit.METHOD_TEXT) @Nullable String method,
        @Within(Limit.REMARKS) @Nullable List<SetAside> setAside,
        @Within(Limit.REMARKS) @Nullable List<Acknowledged> acknowledged) {

    /** No notes. */
    public static final RecipeNotes NONE = new RecipeNotes(null, null, null, null, null);

    /** Notes in which no caution is acknowledged. */
    public RecipeNotes(
            @Nullable Double pieces,
            @Nullable Double pieceGrams,
            @Nullable String method,
            @Nullable List<SetAside> setAside) {
        this(pieces, pieceGrams, method, setAside, null);
    }

    /**
     * A caution that somebody has read. It comes back when its cause changes.
     *
     * @param caution code of the caution
     * @param cause what caused it then
     * @param who who has read it, 1 to 80 characters
     * @param at when, as an ISO 8601 moment
     */
    public record Acknowledged(
            @Within(Limit.CODE) @Nullable String caution,
            @Within(Limit.NOTE) @Nullable String cause,
            @Within(Limit.NAME) @Nullable String who,
            @Within(Limit.CODE) @Nullable String at) {}

    /** Who has acknowledged a caution with this very cause; null when nobody has. */
    public @Nullable Acknowledged acknowledgement(String caution, String cause) {
        return acknowledged == null
                ? null
                : acknowledged.stream()
                        .filter(each -> caution.equals(each.caution()) && cause.equals(each.cause()))
                        .findFirst()
                        .orElse(null);
    }

    /**
     * A remark set aside.
     *
     * @param slip key of the remark
     * @param reason why it does not apply, 1 to 500 characters
     */
    public record SetAside(
            @Within(Limit.CODE) String slip,
            @Within(Limit.NOTE) String reason) {}

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
