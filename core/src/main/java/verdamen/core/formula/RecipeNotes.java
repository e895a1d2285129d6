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
 * @param diameterMm how wide a piece is rolled, mm, 20 to 1,000
 * @param sideSeconds how long a side is cooked, seconds, 1 to 7,200
 * @param panC how hot pan or oven is, °C, 60 to 550
 * @param method the method in words, at most 20,000 characters
 * @param recipe the recipe as it was pasted, at most 100,000 characters
 * @param setAside remarks of the slip catcher that somebody has set aside
 * @param acknowledged cautions that somebody has read
 */
public record RecipeNotes(
        @Within(Limit.PIECES) @Nullable Double pieces,
        @Within(Limit.PIECE_GRAMS) @Nullable Double pieceGrams,
        @Within(Limit.DIAMETER_MM) @Nullable Double diameterMm,
        @Within(Limit.SIDE_SECONDS) @Nullable Double sideSeconds,
        @Within(Limit.PAN_C) @Nullable Double panC,
        @Within(Limit.METHOD_TEXT) @Nullable String method,
        @Within(Limit.RECIPE_TEXT) @Nullable String recipe,
        @Within(Limit.REMARKS) @Nullable List<SetAside> setAside,
        @Within(Limit.REMARKS) @Nullable List<Acknowledged> acknowledged) {

    /** No notes. */
    public static final RecipeNotes NONE = new RecipeNotes(null, null, null, null, null, null, null, null, null);

    /** These notes with another number of pieces. */
    public RecipeNotes withPieces(@Nullable Double count) {
        return new RecipeNotes(
                count, pieceGrams, diameterMm, sideSeconds, panC, method, recipe, setAside, acknowledged);
    }

    /** These notes with another mass of a piece, g. */
    public RecipeNotes withPieceGrams(@Nullable Double grams) {
        return new RecipeNotes(pieces, grams, diameterMm, sideSeconds, panC, method, recipe, setAside, acknowledged);
    }

    /** These notes with another diameter, mm. */
    public RecipeNotes withDiameterMm(@Nullable Double millimetres) {
        return new RecipeNotes(
                pieces, pieceGrams, millimetres, sideSeconds, panC, method, recipe, setAside, acknowledged);
    }

    /** These notes with other seconds a side. */
    public RecipeNotes withSideSeconds(@Nullable Double seconds) {
        return new RecipeNotes(pieces, pieceGrams, diameterMm, seconds, panC, method, recipe, setAside, acknowledged);
    }

    /** These notes with another heat of pan or oven, °C. */
    public RecipeNotes withPanC(@Nullable Double celsius) {
        return new RecipeNotes(
                pieces, pieceGrams, diameterMm, sideSeconds, celsius, method, recipe, setAside, acknowledged);
    }

    /** These notes with another method in words. */
    public RecipeNotes withMethod(@Nullable String words) {
        return new RecipeNotes(
                pieces, pieceGrams, diameterMm, sideSeconds, panC, words, recipe, setAside, acknowledged);
    }

    /** These notes with other remarks set aside and other cautions acknowledged. */
    public RecipeNotes withRemarks(@Nullable List<SetAside> aside, @Nullable List<Acknowledged> read) {
        return new RecipeNotes(pieces, pieceGrams, diameterMm, sideSeconds, panC, method, recipe, aside, read);
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
