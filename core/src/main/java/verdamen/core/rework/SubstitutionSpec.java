package verdamen.core.rework;

import org.jspecify.annotations.Nullable;

/**
 * One thing in the place of another, as asked.
 *
 * @param line index of the line in the formula, 0 for the first
 * @param by code of the ingredient that takes its place
 * @param form form it goes in, for an inclusion; absent for the usual one
 * @param share share of the line that is replaced, 0 to 1
 * @param basis {@code grams} (default), {@code dry-matter} or {@code role}: what stays the same
 */
public record SubstitutionSpec(
        @Nullable Integer line,
        @Nullable String by,
        @Nullable String form,
        @Nullable Double share,
        @Nullable String basis) {}
