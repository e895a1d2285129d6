package verdamen.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.MadeFormula;
import verdamen.core.cooking.Cooking;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.formula.Pieces;
import verdamen.core.handling.RollingWindow;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;
import verdamen.core.model.Range;
import verdamen.core.plan.Link.Moment;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.PlanTask.Way;
import verdamen.core.portion.PieceSize;
import verdamen.core.portion.Portion;
import verdamen.core.portion.Portion.SizedPieces;
import verdamen.core.portion.Tray;
import verdamen.core.prep.Chain;
import verdamen.core.prep.StepResult;

/** The tasks of one serving, from its run sheet: steps that one pair of hands does in a row are one task. */
final class ServingWork {

    private static final double SECONDS_PER_MINUTE = 60;
    private static final double GRAMS_PER_KG = 1000;
    private static final int ANY_TIME_BEFORE = -(int) Limit.STEP_MINUTES.most();

    private final Wanted wanted;
    private final boolean careful;
    private final int pans;
    private final boolean parBaked;
    private final List<PlanTask> tasks = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();

    /** Steps on their way to a task. */
    private record Block(Kind kind, List<BenchStep> steps) {}

    ServingWork(Wanted wanted, boolean careful, int pans) {
        this.wanted = wanted;
        this.careful = careful;
        this.pans = pans;
        List<Block> blocks = blocks();
        // Finished is what is brushed and stacked afterwards: without that nobody could note it.
        parBaked = wanted.parBaked() && blocks.stream().anyMatch(block -> block.kind() == Kind.KEEP);
        blocks.forEach(block -> tasks.add(task(block)));
        link();
    }

    List<PlanTask> tasks() {
        return tasks;
    }

    List<Link> links() {
        return links;
    }

    Serving serving() {
        return new Serving(
                wanted.key(),
                wanted.due(),
                one(parBaked ? Kind.FINISH_COOKING : Kind.COOK).key(),
                tasks.get(tasks.size() - 1).key());
    }

    /** Its balls on trays, from when the dough is divided until the last is rolled; nothing when it is not divided. */
    Optional<OnTrays> onTrays(Tray tray) {
        return first(Kind.DIVIDE).map(divide -> {
            List<SizedPieces> sizes = sizes();
            double widest = sizes.stream().mapToDouble(this::ballMm).max().orElse(0);
            double trays = sizes.stream()
                    .mapToDouble(size -> (double) size.count() / tray.holds(ballMm(size)))
                    .sum();
            return new OnTrays(
                    wanted.key(),
                    whole(trays),
                    tray.holds(widest),
                    widest,
                    Moment.startOf(divide),
                    Moment.endOf(lastBall()));
        });
    }

    private List<SizedPieces> sizes() {
        Portion.MixedPieces mixed = made().portion().sizes();
        PieceSize size = made().portion().size();
        return mixed == null
                ? List.of(new SizedPieces(whole(pieces()), size.grams(), size.diameterMm()))
                : mixed.fitted();
    }

    /** How wide a ball of a size is, with its filling, mm. */
    private double ballMm(SizedPieces size) {
        double grams = size.grams() * Pieces.withFilling(made().formula());
        return Tray.ballMm(grams, made().formula().style().densityGPerMl());
    }

    private MadeFormula made() {
        return wanted.made();
    }

    private List<Block> blocks() {
        Map<String, Block> blocks = new LinkedHashMap<>();
        Block last = null;
        for (BenchStep step : made().run().steps()) {
            Kind kind = kind(step, last);
            // Laying out goes on behind what is prepared in between; a later rest is one of its own.
            boolean onceOnly = kind == Kind.SET_OUT || kind == Kind.PREPARE;
            boolean goesOn = last != null && last.kind() == kind && !isAlone(kind);
            String key = onceOnly
                    ? kind.code()
                    : goesOn ? Objects.requireNonNull(last).steps().get(0).key() : step.key();
            last = blocks.computeIfAbsent(key, none -> new Block(kind, new ArrayList<>()));
            last.steps().add(step);
            if (kind == Kind.FIRST_STAGE) {
                last = new Block(Kind.STAND, List.of(step));
                blocks.put(Kind.STAND.code(), last);
            }
        }
        return List.copyOf(blocks.values());
    }

    /** Whether every such step is a task of its own. */
    private static boolean isAlone(Kind kind) {
        return kind == Kind.REST || kind == Kind.CHILL || kind == Kind.KNEAD;
    }

    private static Kind kind(BenchStep step, @Nullable Block last) {
        return switch (step.kind()) {
            case SET_UP, MIX_DRY, RUB_IN_FAT -> Kind.SET_OUT;
            case PREPARE -> Kind.PREPARE;
            case SPONGE, SOAKER -> Kind.FIRST_STAGE;
            case POUR, ADD_INCLUSIONS, HOLD_BACK, KNEAD_BY_HAND, JUST_COMBINE, KNEAD_IN_FAT -> Kind.MIX;
            case KNEAD_BY_MACHINE -> Kind.KNEAD;
            case REST, WARM -> Kind.REST;
            case CHILL -> Kind.CHILL;
            case KNEAD_AGAIN -> Kind.KNEAD_AGAIN;
            case DIVIDE, FILL -> Kind.DIVIDE;
            case ROLL -> Kind.ROLL;
            case COOK -> Kind.COOK;
            case FINISH, KEEP -> Kind.KEEP;
            case OWN -> ownKind(last);
        };
    }

    /** A step of the formula's own belongs to the hands that were busy before it. */
    private static Kind ownKind(@Nullable Block last) {
        if (last == null) {
            return Kind.SET_OUT;
        }
        return switch (last.kind()) {
            case KNEAD, MIX -> Kind.MIX;
            case REST, CHILL, KNEAD_AGAIN -> Kind.KNEAD_AGAIN;
            case COOK, KEEP -> Kind.KEEP;
            case DIVIDE, ROLL -> Kind.DIVIDE;
            default -> Kind.SET_OUT;
        };
    }

    private PlanTask task(Block block) {
        BenchStep first = block.steps().get(0);
        boolean stands = block.kind() == Kind.STAND;
        Kind kind = parBaked && block.kind() == Kind.KEEP ? Kind.FINISH_COOKING : block.kind();
        return new PlanTask(
                wanted.key() + "/" + (stands ? Kind.STAND.code() : first.key()),
                wanted.key(),
                kind,
                kind == Kind.FINISH_COOKING ? Role.COOK : byHand(kind) ? Role.of(first.kind()) : null,
                ways(kind, block),
                block.steps().stream().map(BenchStep::key).toList());
    }

    private static boolean byHand(Kind kind) {
        return switch (kind) {
            case STAND, KNEAD, REST, CHILL, HEAT_OVEN -> false;
            default -> true;
        };
    }

    private List<Way> ways(Kind kind, Block block) {
        return switch (kind) {
            case COOK -> cookingWays(parBaked ? Coefficient.PAR_BAKED_SHARE.value() : 1, 0);
            case FINISH_COOKING -> cookingWays(Coefficient.PAR_BAKED_FINISH_SHARE.value(), minutes(block.steps()));
            case KNEAD -> List.of(new Way(whole(minutes(block.steps())), Map.of(Place.MIXER, 1)));
            case CHILL -> List.of(new Way(whole(minutes(block.steps())), Map.of(Place.FRIDGE, litres())));
            case STAND -> {
                Double stands = block.steps().get(0).minutes();
                yield List.of(new Way(whole(stands == null ? 0 : stands), Map.of()));
            }
            default -> List.of(new Way(whole(minutes(block.steps())), Map.of()));
        };
    }

    /**
     * How it can be cooked.
     *
     * @param share of its cooking time
     * @param after what is done with it before it is ready, minutes
     */
    private List<Way> cookingWays(double share, double after) {
        double minutes = share
                * minutes(made().run().steps().stream()
                        .filter(step -> step.kind() == BenchStep.Kind.COOK)
                        .toList());
        Cooking cooking = made().cooking();
        if (cooking.oven()) {
            return List.of(new Way(whole(minutes + after), Map.of(Place.OVEN, 1)));
        }
        double onOnePan = minutes * cooking.pans();
        double handled = pieces() * Coefficient.COOK_HANDLING_S.value() / SECONDS_PER_MINUTE;
        List<Way> ways = new ArrayList<>();
        for (int on = 1; on <= Math.max(1, Math.min(pans, (int) Coefficient.PANS_AT_A_TIME.value())); on++) {
            ways.add(new Way(whole(Math.max(onOnePan / on, handled) + after), Map.of(Place.PAN, on)));
        }
        return ways;
    }

    private int litres() {
        return whole(made().portion().doughGrams() / GRAMS_PER_KG * Coefficient.FRIDGE_L_PER_KG.value());
    }

    private double pieces() {
        Double pieces = made().cooking().pieces();
        return pieces == null ? 1 : Math.max(1, pieces);
    }

    private double minutes(List<BenchStep> steps) {
        return steps.stream().mapToDouble(step -> likely(step.takes())).sum();
    }

    private double likely(Range takes) {
        return careful ? takes.high() : (takes.low() + takes.high()) / 2;
    }

    /** Whole minutes, at least one. */
    private static int whole(double minutes) {
        return Math.max(1, (int) Math.ceil(minutes));
    }

    private PlanTask one(Kind kind) {
        return first(kind).orElseThrow();
    }

    private Optional<PlanTask> first(Kind kind) {
        return tasks.stream().filter(task -> task.kind() == kind).findFirst();
    }

    /** The task with which the last ball is gone: what is pressed or cut may leave rolling out, then cooking takes its place. */
    private PlanTask lastBall() {
        return first(Kind.ROLL).orElseGet(() -> one(Kind.COOK));
    }

    private void link() {
        int at = (int) Coefficient.GOES_ON_WITHIN_MIN.value();
        PlanTask mix = one(Kind.MIX);
        PlanTask cook = one(Kind.COOK);
        PlanTask before = null;
        for (PlanTask task : List.copyOf(tasks)) {
            switch (task.kind()) {
                case SET_OUT -> links.add(Link.after(task, mix, 0, null));
                case PREPARE -> {
                    links.add(Link.after(task, mix, cools(false), null));
                    first(Kind.DIVIDE).ifPresent(fill -> links.add(Link.after(task, fill, cools(true), null)));
                }
                case FINISH_COOKING -> links.add(Link.after(cook, task, 0, waitsUntilFinished()));
                case STAND -> {
                    int stands = task.ways().get(0).minutes();
                    links.add(Link.after(Objects.requireNonNull(before), task, 0, 0));
                    links.add(Link.after(task, mix, 0, whole(stands * Coefficient.STANDS_LONGER_SHARE.value())));
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
        Optional<PlanTask> roll = first(Kind.ROLL);
        linkWindow(mix, lastBall());
        if (roll.isPresent()) {
            linkCooking(roll.orElseThrow(), cook);
        } else {
            links.add(Link.after(tasks.get(tasks.indexOf(cook) - 1), cook, 0, null));
        }
        heatOven(cook, "");
        first(Kind.FINISH_COOKING).ifPresent(finish -> heatOven(finish, "-2"));
    }

    private static int waitsUntilFinished() {
        return (int)
                Duration.ofHours((long) Coefficient.PAR_BAKED_HOURS.value()).toMinutes();
    }

    /** How long what was prepared for the dough, or for the filling, cools before it can go in, minutes. */
    private int cools(boolean filling) {
        Set<String> used = made().formula().lines().stream()
                .filter(line -> line.prep() != null && filling == (line.part() == Part.FILLING))
                .map(Line::prep)
                .collect(Collectors.toSet());
        double longest = made().formula().preps().stream()
                .filter(chain -> used.contains(chain.key()))
                .mapToDouble(ServingWork::cools)
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
            case REST, CHILL -> Math.max(at, whole(minutes * Coefficient.STANDS_LONGER_SHARE.value()));
            default -> at;
        };
    }

    private void linkWindow(PlanTask mix, PlanTask roll) {
        RollingWindow window = made().evaluation().window();
        if (window != null) {
            Moment wetted = Moment.startOf(mix);
            links.add(new Link(wetted, Moment.startOf(roll), window.first(), null, true));
            links.add(new Link(wetted, Moment.endOf(roll), 0, window.last(), true));
        }
    }

    /** Cooking begins once a piece is rolled, and ends after the last one; no sheet waits for too long. */
    private void linkCooking(PlanTask roll, PlanTask cook) {
        int rolled = whole(roll.ways().get(0).minutes() / pieces());
        int cooked = whole(cook.ways().get(0).minutes() / pieces());
        links.add(new Link(Moment.startOf(roll), Moment.startOf(cook), rolled, null, false));
        links.add(new Link(Moment.endOf(roll), Moment.endOf(cook), cooked, null, false));
        links.add(new Link(
                Moment.endOf(roll),
                Moment.startOf(cook),
                ANY_TIME_BEFORE,
                (int) Coefficient.SHEET_WAITS_MIN.value(),
                false));
    }

    private void heatOven(PlanTask cook, String number) {
        if (made().cooking().oven()) {
            PlanTask heat = new PlanTask(
                    wanted.key() + "/" + Kind.HEAT_OVEN.code() + number,
                    wanted.key(),
                    Kind.HEAT_OVEN,
                    null,
                    List.of(new Way((int) Coefficient.OVEN_HEATS_MIN.value(), Map.of(Place.OVEN, 1))),
                    List.of());
            tasks.add(tasks.indexOf(cook), heat);
            links.add(Link.after(heat, cook, 0, (int) Coefficient.GOES_ON_WITHIN_MIN.value()));
        }
    }
}
