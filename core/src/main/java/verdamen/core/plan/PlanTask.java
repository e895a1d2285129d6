package verdamen.core.plan;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;

/**
 * Something to be done without a break.
 *
 * @param key what it is known by in its plan: its serving and its first step, as in {@code noon/mix-dry}
 * @param serving key of the serving it is done for
 * @param kind what is done
 * @param role whose work it is; null when it goes on without hands
 * @param ways how it can be done, at least one: with more pans it is done sooner
 * @param steps keys of the run sheet's steps that are done in it, in their order
 */
public record PlanTask(
        String key, String serving, Kind kind, @Nullable Role role, List<Way> ways, List<String> steps) {

    /**
     * A way to do it.
     *
     * @param minutes how long it takes then, whole minutes, at least 1
     * @param takesUp how much of each place it takes up meanwhile
     */
    public record Way(int minutes, Map<Place, Integer> takesUp) {}

    /** What is done. */
    public enum Kind implements Coded {
        /** Laying out, weighing out, mixing what is dry. */
        SET_OUT("set-out"),
        /** Preparing vegetables, potato, greens or pulses. */
        PREPARE("prepare"),
        /** Mixing a sponge or a soaker. */
        FIRST_STAGE("first-stage"),
        /** A sponge or soaker standing. */
        STAND("stand"),
        /** Pouring, adding, mixing and kneading by hand. */
        MIX("mix"),
        /** Kneading by machine. */
        KNEAD("knead"),
        /** The dough at rest in the kitchen or in a warm place. */
        REST("rest"),
        /** The dough in the fridge. */
        CHILL("chill"),
        /** Kneading once more. */
        KNEAD_AGAIN("knead-again"),
        /** Dividing the dough, filling the pieces. */
        DIVIDE("divide"),
        /** Rolling. */
        ROLL("roll"),
        /** The oven getting hot. */
        HEAT_OVEN("heat-oven"),
        /** Cooking. */
        COOK("cook"),
        /** Cooking to the end what was cooked for the most part before; brushing, stacking and covering. */
        FINISH_COOKING("finish-cooking"),
        /** Brushing, stacking and covering. */
        KEEP("keep");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    boolean byHand() {
        return role != null;
    }

    /** Whether somebody can note that it is begun or done: an oven heats, and a first stage stands, whatever is noted. */
    public boolean canBeNoted() {
        return kind != Kind.HEAT_OVEN && kind != Kind.STAND && !steps.isEmpty();
    }
}
