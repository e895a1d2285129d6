package verdamen.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.Pieces;
import verdamen.core.model.Coefficient;
import verdamen.core.plan.Link.Moment;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.PlanTask.Kind;
import verdamen.core.plan.PlanTask.Way;
import verdamen.core.portion.PieceSize;
import verdamen.core.portion.Portion;
import verdamen.core.portion.Portion.SizedPieces;
import verdamen.core.portion.Tray;

/** The tasks of one serving, from its run sheet: steps that one pair of hands does in a row are one task. */
final class ServingWork {

    private final Wanted wanted;
    private final boolean parBaked;
    private final ServingWays ways;
    private final List<PlanTask> tasks = new ArrayList<>();
    private final ServingTasks inOrder = new ServingTasks(tasks);
    private final List<Link> links;

    /** Steps on their way to a task. */
    private record Block(Kind kind, List<BenchStep> steps) {}

    ServingWork(Wanted wanted, boolean careful, int pans) {
        this.wanted = wanted;
        List<Block> blocks = blocks();
        // Finished is what is brushed and stacked afterwards: without that nobody could note it.
        parBaked = wanted.parBaked() && blocks.stream().anyMatch(block -> block.kind() == Kind.KEEP);
        ways = new ServingWays(made(), careful, pans, parBaked);
        blocks.forEach(block -> tasks.add(task(block)));
        links = ServingLinks.of(made(), inOrder, ways.pieces());
        heatOven(inOrder.one(Kind.COOK), "");
        inOrder.first(Kind.FINISH_COOKING).ifPresent(finish -> heatOven(finish, "-2"));
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
                inOrder.one(parBaked ? Kind.FINISH_COOKING : Kind.COOK).key(),
                tasks.get(tasks.size() - 1).key());
    }

    /** Its balls on trays, from when the dough is divided until the last is rolled; nothing when it is not divided. */
    Optional<OnTrays> onTrays(Tray tray) {
        return inOrder.first(Kind.DIVIDE).map(divide -> {
            List<SizedPieces> sizes = sizes();
            double widest = sizes.stream().mapToDouble(this::ballMm).max().orElse(0);
            double trays = sizes.stream()
                    .mapToDouble(size -> (double) size.count() / tray.holds(ballMm(size)))
                    .sum();
            return new OnTrays(
                    wanted.key(),
                    ServingWays.whole(trays),
                    tray.holds(widest),
                    widest,
                    Moment.startOf(divide),
                    Moment.endOf(inOrder.lastBall()));
        });
    }

    private List<SizedPieces> sizes() {
        Portion.MixedPieces mixed = made().portion().sizes();
        PieceSize size = made().portion().size();
        return mixed == null
                ? List.of(new SizedPieces(ServingWays.whole(ways.pieces()), size.grams(), size.diameterMm()))
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
                blocks.put(standKey(step), last);
            }
        }
        return List.copyOf(blocks.values());
    }

    /** What the standing of a stage is known by: numbered from the second stage on. */
    private static String standKey(BenchStep step) {
        int number = step.stage() == null ? 0 : step.stage().number();
        return Kind.STAND.code() + (number == 0 ? "" : "-" + (number + 1));
    }

    /** Whether every such step is a task of its own. */
    private static boolean isAlone(Kind kind) {
        return kind == Kind.REST || kind == Kind.CHILL || kind == Kind.KNEAD;
    }

    private static Kind kind(BenchStep step, @Nullable Block last) {
        return switch (step.kind()) {
            case SET_UP, MIX_DRY, RUB_IN_FAT -> Kind.SET_OUT;
            case PREPARE -> Kind.PREPARE;
            case SPONGE, SOAKER, SCALD -> Kind.FIRST_STAGE;
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
                wanted.key() + "/" + (stands ? standKey(first) : first.key()),
                wanted.key(),
                kind,
                kind == Kind.FINISH_COOKING ? Role.COOK : byHand(kind) ? Role.of(first.kind()) : null,
                ways.ways(kind, block.steps()),
                block.steps().stream().map(BenchStep::key).toList());
    }

    private static boolean byHand(Kind kind) {
        return switch (kind) {
            case STAND, KNEAD, REST, CHILL, HEAT_OVEN -> false;
            default -> true;
        };
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
