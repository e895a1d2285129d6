package verdamen.core.bench;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.caution.Caution;
import verdamen.core.model.Coded;
import verdamen.core.model.Range;

/**
 * Something that is done on the way from the bowls to the bread.
 *
 * @param key what it is known by in its run sheet: its kind, numbered from its second on
 * @param kind what is done
 * @param atMinute when it begins, minutes after flour and water met; null before that and after rolling
 * @param minutes how long the dough asks for, minutes; null when it takes as long as it takes
 * @param takes how long it likely takes at the bench, minutes
 * @param celsius how warm it is then, °C; null when it does not matter
 * @param grams how much of what it needs, g; null when it is told by the bowl
 * @param stage for a stage before the dough itself, how it is mixed and what it comes to; null for any other step
 * @param handsBusy whether somebody's hands are in it; else it goes on by itself
 * @param needs what it needs
 * @param cautions the cautions that stand at it
 * @param canBeLeftOut whether a formula can do without it: nothing goes in at it, and nothing follows from it
 * @param ownWords what the formula says of it in its own words, beside the usual ones; null for nothing
 */
public record BenchStep(
        String key,
        Kind kind,
        @Nullable Double atMinute,
        @Nullable Double minutes,
        Range takes,
        @Nullable Double celsius,
        @Nullable Double grams,
        @Nullable StageStep stage,
        boolean handsBusy,
        List<Need> needs,
        List<Caution> cautions,
        boolean canBeLeftOut,
        @Nullable String ownWords) {

    /** What is done, in this order. */
    public enum Kind implements Coded {
        /** Laying out what is needed: bowls weighed, tools, trays, towels, wet-hands bowl, timers. */
        SET_UP("set-up"),
        /** Preparing vegetables, potato, greens or pulses. */
        PREPARE("prepare"),
        /** Flour, water and yeast of a stage before the dough itself, mixed and left to rise. */
        SPONGE("sponge"),
        /** Flour or meal and liquid of a stage before, mixed and left to swell. */
        SOAKER("soaker"),
        /** Flour, meal or flakes of a stage before, with hot liquid, and left to swell and cool. */
        SCALD("scald"),
        /** Mixing what is dry. */
        MIX_DRY("mix-dry"),
        /** Rubbing the fat into what is dry. */
        RUB_IN_FAT("rub-in-fat"),
        /** Pouring in the first of the water, with the fat when it goes in with it. */
        POUR("pour"),
        /** Working in what was prepared. */
        ADD_INCLUSIONS("add-inclusions"),
        /** Giving what was held back, as the dough asks for it. */
        HOLD_BACK("hold-back"),
        /** Kneading by hand until smooth. */
        KNEAD_BY_HAND("knead-by-hand"),
        /** Kneading by machine. */
        KNEAD_BY_MACHINE("knead-by-machine"),
        /** Kneading until it just holds together. */
        JUST_COMBINE("just-combine"),
        /** Kneading in the fat last. */
        KNEAD_IN_FAT("knead-in-fat"),
        /** A rest in the kitchen. */
        REST("rest"),
        /** A rest in a warm place. */
        WARM("warm"),
        /** A rest in the fridge. */
        CHILL("chill"),
        /** Kneading once more. */
        KNEAD_AGAIN("knead-again"),
        /** Dividing the dough. */
        DIVIDE("divide"),
        /** Enclosing the filling. */
        FILL("fill"),
        /** Rolling. */
        ROLL("roll"),
        /** Cooking. */
        COOK("cook"),
        /** Brushing with fat, or strewing what goes on the surface. */
        FINISH("finish"),
        /** Stacking and keeping. */
        KEEP("keep"),
        /** Something that only this formula does. */
        OWN("own");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /** This step as a formula says of it: in words of its own, and likely so long. */
    BenchStep with(@Nullable String own, Range likely) {
        return new BenchStep(
                key,
                kind,
                atMinute,
                minutes,
                likely,
                celsius,
                grams,
                stage,
                handsBusy,
                needs,
                cautions,
                canBeLeftOut,
                own);
    }

    /** This step with more cautions. */
    BenchStep cautioned(List<Caution> more) {
        List<Caution> all = new ArrayList<>(cautions);
        all.addAll(more);
        return new BenchStep(
                key,
                kind,
                atMinute,
                minutes,
                takes,
                celsius,
                grams,
                stage,
                handsBusy,
                needs,
                List.copyOf(all),
                canBeLeftOut,
                ownWords);
    }
}
