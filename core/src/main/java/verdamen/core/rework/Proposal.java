package verdamen.core.rework;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Scale;
import verdamen.core.model.Unit;

/**
 * A change that goes with a substitution, offered with its reasons.
 *
 * @param kind what changes
 * @param line index of the line in the reworked formula; null for what is no line
 * @param ingredient code of its ingredient; null for what is no line
 * @param from what it was; null when it is no number, or was not there
 * @param to what it becomes; null when it is no number
 * @param unit of both; null when they are no numbers
 * @param fromChoice code of what was chosen before; null for numbers
 * @param toChoice code of what is chosen then; null for numbers
 * @param reasons why
 * @param taken whether it is in the reworked formula; false when it was left out
 */
public record Proposal(
        Carried kind,
        @Nullable Integer line,
        @Nullable String ingredient,
        @Nullable Double from,
        @Nullable Double to,
        @Nullable Unit unit,
        @Nullable String fromChoice,
        @Nullable String toChoice,
        List<Because> reasons,
        boolean taken) {

    /** Why something is carried along. */
    public enum Reason implements Coded {
        /** The dough is to be as soft as its target. */
        TARGET("target"),
        /** It stays the same share of the flour, and the flour changed. */
        SHARE_OF_FLOUR("share-of-flour"),
        /** The slowest drinker has 95 % of its water by then. */
        SLOWEST_DRINKER("slowest-drinker"),
        /** It is what the style usually has. */
        STYLE("style"),
        /** There is too little gluten to knead. */
        LITTLE_GLUTEN("little-gluten"),
        /** There is gluten enough to knead. */
        ENOUGH_GLUTEN("enough-gluten"),
        /** It holds together no thinner. */
        THINNEST_SHEET("thinnest-sheet"),
        /** A piece is to be as wide as before, and its sheet changed. */
        SAME_DIAMETER("same-diameter");

        private final String code;

        Reason(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * A reason with its figure.
     *
     * @param reason the reason
     * @param value its figure
     * @param unit of the figure
     */
    public record Because(Reason reason, double value, Unit unit) {}

    /** The same with its mass as a kitchen scale shows it. */
    Proposal weighable() {
        return to == null || unit != Unit.GRAMS
                ? this
                : new Proposal(kind, line, ingredient, from, Scale.shown(to), unit, null, null, reasons, taken);
    }

    /** A line with another mass. */
    static Proposal ofLine(
            Carried kind, int line, String ingredient, @Nullable Double from, double to, Because why, boolean taken) {
        return new Proposal(kind, line, ingredient, from, to, Unit.GRAMS, null, null, List.of(why), taken);
    }

    /** A setting with another number. */
    static Proposal ofSetting(Carried kind, double from, double to, Unit unit, Because why, boolean taken) {
        return new Proposal(kind, null, null, from, to, unit, null, null, List.of(why), taken);
    }

    /** A setting with another choice. */
    static Proposal ofChoice(Carried kind, String from, String to, Because why, boolean taken) {
        return new Proposal(kind, null, null, null, null, null, from, to, List.of(why), taken);
    }
}
