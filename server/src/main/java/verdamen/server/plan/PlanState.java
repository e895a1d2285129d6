package verdamen.server.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.plan.Demand;
import verdamen.core.plan.FewerPieces;
import verdamen.core.plan.OnTrays.TrayTime;
import verdamen.core.plan.OvernightDough;
import verdamen.core.plan.Place;
import verdamen.core.plan.Plan.Gap;
import verdamen.core.plan.PlanSpec;
import verdamen.core.plan.PlanTask;
import verdamen.core.plan.Remedy;
import verdamen.core.plan.Role;
import verdamen.core.plan.Solved;
import verdamen.core.plan.TooMuch;
import verdamen.core.plan.TwoBatches;
import verdamen.core.plan.WayOut;

/**
 * How far a plan is. Times are whole minutes from the beginning of the day; negative on the day before.
 *
 * @param id what it is asked for by
 * @param stage how far it is
 * @param servings what is served, in the order asked
 * @param plan the best plan so far; null until there is one
 * @param clash a set of demands that clash; empty while it is sought, and when all are met
 * @param smallest whether none of the clash can be spared; else there was no time to make sure
 * @param waysOut what alone would make it possible
 * @param allTried whether all of these were found; else there was no time to try everything
 * @param missed what the plan misses
 */
record PlanState(
        String id,
        Stage stage,
        List<PlannedServing> servings,
        @Nullable DayPlan plan,
        List<Demand> clash,
        boolean smallest,
        List<PlanWayOut> waysOut,
        boolean allTried,
        List<Solved.Missed> missed) {

    /** While it is looked for, or when all that is asked can be met. */
    static PlanState of(String id, Stage stage, List<PlannedServing> servings, @Nullable DayPlan plan) {
        return new PlanState(id, stage, servings, plan, List.of(), true, List.of(), true, List.of());
    }

    /**
     * A way out of a clash: one of the four.
     *
     * @param gives one demand gives, and all others are met
     * @param fewer fewer pieces of one serving
     * @param halved one serving in two batches
     * @param overnight the dough of one serving made the evening before
     * @param spec what is asked for then; null where nothing asked can be changed for it
     */
    record PlanWayOut(
            @Nullable Remedy gives,
            @Nullable FewerPieces fewer,
            @Nullable TwoBatches halved,
            @Nullable OvernightDough overnight,
            @Nullable PlanSpec spec) {

        static PlanWayOut of(WayOut way, PlanSpec asked) {
            return new PlanWayOut(
                    way instanceof Remedy gives ? gives : null,
                    way instanceof FewerPieces fewer ? fewer : null,
                    way instanceof TwoBatches halved ? halved : null,
                    way instanceof OvernightDough overnight ? overnight : null,
                    way.taken(asked));
        }
    }

    /** How far it is. */
    enum Stage implements Coded {
        /** Others are before it. */
        WAITING("waiting"),
        /** It is being solved. */
        SOLVING("solving"),
        /** Not everything can be met: what clashes, and what would help, is looked for. */
        EXPLAINING("explaining"),
        /** It is done. */
        DONE("done"),
        /** It was cancelled; the best plan so far stands. */
        CANCELLED("cancelled"),
        /** It went wrong. */
        FAILED("failed");

        private final String code;

        Stage(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * A serving as it is planned for.
     *
     * @param key what it is known by in the plan
     * @param formula id of its formula
     * @param version its version
     * @param name the formula's name
     * @param pieces how many pieces
     * @param due when it is served
     * @param windowFirst first minute after wetting at which its dough can be rolled; null when there is none
     * @param windowLast last minute
     * @param waterC what to pour its water at that day, °C; null when no water does it
     */
    record PlannedServing(
            String key,
            long formula,
            int version,
            String name,
            @Nullable Double pieces,
            int due,
            @Nullable Integer windowFirst,
            @Nullable Integer windowLast,
            @Nullable Double waterC) {}

    /**
     * A plan.
     *
     * @param tasks its tasks, in the order in which they begin
     * @param rolled when each dough that has one can be rolled
     * @param late minutes that servings are late, together
     * @param standing minutes from cooked to served, together
     * @param handOvers how often bread goes from one pair of hands to another
     * @param begins when work begins
     * @param handsOn minutes of work by hand, together
     * @param waiting minutes that hands wait between their first task and their last, together; nothing in a plan that was saved before that was told
     * @param fridgeLitres the most that is in the fridge at a time
     * @param onTrays when balls lie on trays; nothing in a plan that was saved before they were counted
     * @param trays the most trays at a time; nothing likewise
     * @param tooMuch when more of a place is taken up than there is; nothing likewise
     * @param proved whether no better plan exists
     * @param gap what could still be better, and by how much at most; null for nothing
     */
    record DayPlan(
            List<DayTask> tasks,
            List<RollBand> rolled,
            int late,
            int standing,
            int handOvers,
            int begins,
            int handsOn,
            @Nullable Integer waiting,
            int fridgeLitres,
            @Nullable List<TrayTime> onTrays,
            @Nullable Integer trays,
            @Nullable List<TooMuch> tooMuch,
            boolean proved,
            @Nullable Gap gap) {}

    /**
     * A task of a plan.
     *
     * @param key its key
     * @param serving key of the serving it is done for
     * @param kind what is done
     * @param role whose work it is; null without hands
     * @param start when it begins
     * @param end when it is done
     * @param worker who does it; null without hands
     * @param takesUp how much of each place it takes up, by the place's code
     * @param sooner minutes that it could begin sooner by itself; 0 for what is critical
     * @param pinned whether the user says when it begins
     * @param coolsUntil until when what comes of it cools before it goes in; null when it need not
     */
    record DayTask(
            String key,
            String serving,
            PlanTask.Kind kind,
            @Nullable Role role,
            int start,
            int end,
            @Nullable String worker,
            Map<Place, Integer> takesUp,
            int sooner,
            boolean pinned,
            @Nullable Integer coolsUntil) {}

    /**
     * When a dough can be rolled.
     *
     * @param serving key of its serving
     * @param first from when
     * @param last until when
     */
    record RollBand(String serving, int first, int last) {

        /** The band of a serving whose dough is wetted then; nothing when it cannot be told. */
        static Optional<RollBand> of(PlannedServing serving, int wetted) {
            Integer first = serving.windowFirst();
            Integer last = serving.windowLast();
            return first == null || last == null
                    ? Optional.empty()
                    : Optional.of(new RollBand(serving.key(), wetted + first, wetted + last));
        }
    }
}
