package verdamen.core.card;

import org.jspecify.annotations.Nullable;

/**
 * Something that is done on the way from the bowls to the bread.
 *
 * @param kind what is done
 * @param atMinute when it begins, minutes after flour and water met; null before that and after rolling
 * @param minutes how long it takes, minutes; null when it takes as long as it takes
 * @param celsius how warm it is then, °C; null when it does not matter
 * @param grams how much of what it needs, g; null when it is told by the bowl
 */
public record BenchStep(
        Kind kind,
        @Nullable Double atMinute,
        @Nullable Double minutes,
        @Nullable Double celsius,
        @Nullable Double grams) {

    /** What is done, in this order. */
    public enum Kind {
        /** Preparing vegetables, potato, greens or pulses. */
        PREPARE,
        /** Flour, water and yeast of the first stage, mixed and left to rise. */
        SPONGE,
        /** Flour or meal and liquid of the first stage, mixed and left to swell. */
        SOAKER,
        /** Mixing what is dry. */
        MIX_DRY,
        /** Rubbing the fat into what is dry. */
        RUB_IN_FAT,
        /** Pouring in the first of the water, with the fat when it goes in with it. */
        POUR,
        /** Working in what was prepared. */
        ADD_INCLUSIONS,
        /** Giving what was held back, as the dough asks for it. */
        HOLD_BACK,
        /** Kneading by hand until smooth. */
        KNEAD_BY_HAND,
        /** Kneading by machine. */
        KNEAD_BY_MACHINE,
        /** Kneading until it just holds together. */
        JUST_COMBINE,
        /** Kneading in the fat last. */
        KNEAD_IN_FAT,
        /** A rest in the kitchen. */
        REST,
        /** A rest in a warm place. */
        WARM,
        /** A rest in the fridge. */
        CHILL,
        /** Kneading once more. */
        KNEAD_AGAIN,
        /** Dividing the dough. */
        DIVIDE,
        /** Enclosing the filling. */
        FILL,
        /** Rolling. */
        ROLL,
        /** Cooking. */
        COOK,
        /** Brushing with fat, or strewing what goes on the surface. */
        FINISH,
        /** Stacking and keeping. */
        KEEP
    }

    static BenchStep of(Kind kind) {
        return new BenchStep(kind, null, null, null, null);
    }

    static BenchStep at(Kind kind, double atMinute, @Nullable Double minutes, @Nullable Double celsius) {
        return new BenchStep(kind, atMinute, minutes, celsius, null);
    }
}
