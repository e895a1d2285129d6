package verdamen.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.handling.RollingWindow;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;
import verdamen.core.plan.Link.Moment;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.prep.Chain;
import verdamen.core.prep.StepResult;

/** How the tasks of one serving stand to each other in time. */
final class ServingLinks {

    private static final int ANY_TIME_BEFORE = -(int) Limit.STEP_MINUTES.most();

    private final MadeFormula made;
    private final ServingTasks tasks;
    private final double pieces;
    private final List<Link> links = new ArrayList<>();

    private ServingLinks(MadeFormula made, ServingTasks tasks, double pieces) {
        this.made = made;
        this.tasks = tasks;
        this.pieces = pieces;
    }

    /**
     * The links between the tasks.
     *
     * @param pieces how many pieces are cooked
     */
    static List<Link> of(MadeFormula made, ServingTasks tasks, double pieces) {
        ServingLinks serving = new ServingLinks(made, tasks, pieces);
        serving.link();
        return serving.links;
    }

    private void link() {
        int at = (int) Coefficient.GOES_ON_WITHIN_MIN.value();
        PlanTask mix = tasks.one(Kind.MIX);
        PlanTask cook = tasks.one(Kind.COOK);
        PlanTask before = null;
        for (PlanTask task : tasks.all()) {
            switch (task.kind()) {
                case SET_OUT -> links.add(Link.after(task, mix, 0, null));
                case PREPARE -> {
                    links.add(Link.after(task, mix, cools(false), null));
                    tasks.first(Kind.DIVIDE).ifPresent(fill -> links.add(Link.after(task, fill, cools(true), null)));
                }
                case FINISH_COOKING -> links.add(Link.after(cook, task, 0, waitsUntilFinished()));
                case STAND -> {
                    int stands = task.ways().get(0).minutes();
                    links.add(Link.after(Objects.requireNonNull(before), task, 0, 0));
                    links.add(Link.after(
                            task,
                            tasks.stageAfter(task).orElse(mix),
                            0,
                            ServingWays.whole(stands * Coefficient.STANDS_LONGER_SHARE.value())));
                }
                case COOK, FIRST_STAGE -> {}
                case MIX -> {
                    if (task != mix) {
                        links.add(Link.after(Objects.requireNonNull(before), task, 0, at));
                    }
                }
                case DIVIDE, ROLL -> links.add(Link.after(Objects.requireNonNull(before), task, 0, null));
                default -> links.add(Link.after(Objects.requireNonNull(before), task, 0, longest(before, at)));
            }
            before = task;
        }
        Optional<PlanTask> roll = tasks.first(Kind.ROLL);
        linkWindow(mix, tasks.lastBall());
        if (roll.isPresent()) {
            linkCooking(roll.orElseThrow(), cook);
        } else {
            links.add(Link.after(tasks.all().get(tasks.all().indexOf(cook) - 1), cook, 0, null));
        }
    }

    private static int waitsUntilFinished() {
        return (int)
                Duration.ofHours((long) Coefficient.PAR_BAKED_HOURS.value()).toMinutes();
    }

    /** How long what was prepared for the dough, or for the filling, cools before it can go in, minutes. */
    private int cools(boolean filling) {
        Set<String> used = made.formula().lines().stream()
                .filter(line -> line.prep() != null && filling == (line.part() == Part.FILLING))
                .map(Line::prep)
                .collect(Collectors.toSet());
        double longest = made.formula().preps().stream()
                .filter(chain -> used.contains(chain.key()))
                .mapToDouble(ServingLinks::cools)
                .max()
                .orElse(0);
        return (int) Math.ceil(longest);
    }

    private static double cools(Chain chain) {
        double minutes = 0;
        for (StepResult step : chain.steps()) {
            Double each = step.skipped() || step.cooling() == null
                    ? null
                    : step.cooling().minutes();
            minutes += each == null ? 0 : each;
        }
        return minutes;
    }

    /** How long the dough may stay where it was before it goes on. */
    private static int longest(PlanTask before, int at) {
        int minutes = before.ways().get(0).minutes();
        return switch (before.kind()) {
            case REST, CHILL -> Math.max(at, ServingWays.whole(minutes * Coefficient.STANDS_LONGER_SHARE.value()));
            default -> at;
        };
    }

    private void linkWindow(PlanTask mix, PlanTask roll) {
        RollingWindow window = made.evaluation().window();
        if (window != null) {
            Moment wetted = Moment.startOf(mix);
            links.add(new Link(wetted, Moment.startOf(roll), window.first(), null, true));
            links.add(new Link(wetted, Moment.endOf(roll), 0, window.last(), true));
        }
    }

    /** Cooking begins once a piece is rolled, and ends after the last one; no sheet waits for too long. */
    private void linkCooking(PlanTask roll, PlanTask cook) {
        int rolled = ServingWays.whole(roll.ways().get(0).minutes() / pieces);
        int cooked = ServingWays.whole(cook.ways().get(0).minutes() / pieces);
        links.add(new Link(Moment.startOf(roll), Moment.startOf(cook), rolled, null, false));
        links.add(new Link(Moment.endOf(roll), Moment.endOf(cook), cooked, null, false));
        links.add(new Link(
                Moment.endOf(roll),
                Moment.startOf(cook),
                ANY_TIME_BEFORE,
                (int) Coefficient.SHEET_WAITS_MIN.value(),
                false));
    }
}
