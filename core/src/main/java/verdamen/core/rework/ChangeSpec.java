package verdamen.core.rework;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One thing in the place of another, or one more thing, as asked.
 *
 * @param line index of the line that is replaced, 0 for the first; absent when something is added
 * @param by code of the ingredient that takes its place; absent when something is added
 * @param add code of an ingredient that is added; absent when something is replaced
 * @param form form it goes in, for an inclusion; absent for the usual one
 * @param share share of the line that is replaced, or what is added as a share of the flour, 0 to 1
 * @param basis {@code grams} (default), {@code dry-matter} or {@code role}: what stays the same when something is replaced
 */
public record ChangeSpec(
        @Nullable Integer line,
        @Nullable String by,
        @Nullable String add,
        @Nullable String form,
        @Nullable Double share,
        @Nullable String basis) {

    /** Something in the place of a line, gram for gram unless a basis says otherwise. */
    public static ChangeSpec replace(
            @Nullable Integer line,
            @Nullable String by,
            @Nullable String form,
            @Nullable Double share,
            @Nullable String basis) {
        return new ChangeSpec(line, by, null, form, share, basis);
    }

    /** Something added, as a share of the flour. */
    public static ChangeSpec add(@Nullable String ingredient, @Nullable String form, @Nullable Double share) {
        return new ChangeSpec(null, null, ingredient, form, share, null);
    }

    /** Code of what comes in; nothing when it is not said. */
    Optional<String> comesIn() {
        return Optional.ofNullable(by == null ? add : by);
    }

    /** The same change with another share. */
    ChangeSpec withShare(double share) {
        return new ChangeSpec(line, by, add, form, share, basis);
    }
}
