package verdamen.core.bench;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.bench.BenchStep.Kind;
import verdamen.core.formula.FormulaReader;
import verdamen.core.model.Coded;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Pantry;

/**
 * Where a batch stands, from what was noted of it.
 *
 * @param wettedAt when water met flour; null before
 * @param minute minutes since then; null before
 * @param finishedAt when it was finished; null while it goes on
 * @param verdict how it came out; null when nobody has said
 * @param steps where each step stands
 * @param current key of the step that is next or going on; null when all are done
 * @param bowl what is in the bowl
 * @param poured what was put in of what was planned
 * @param felt how it felt, in order
 * @param pieces its pieces
 * @param timers its timers, in order of their ends
 */
public record BenchRun(
        @Nullable OffsetDateTime wettedAt,
        @Nullable Double minute,
        @Nullable OffsetDateTime finishedAt,
        @Nullable String verdict,
        List<StepState> steps,
        @Nullable String current,
        BowlSoFar bowl,
        List<Poured> poured,
        List<FeltAt> felt,
        PieceTally pieces,
        List<BenchTimer> timers) {

    private static final double MS_PER_SECOND = 1000;
    private static final double SECONDS_PER_MINUTE = 60;

    /** Where a step stands. */
    public enum Standing implements Coded {
        TO_DO("to-do"),
        BEGUN("begun"),
        DONE("done"),
        LEFT_OUT("left-out");

        private final String code;

        Standing(String code) {
            this.code = code;
        }

        @Override
        public String code() {
            return code;
        }
    }

    /**
     * A step and where it stands.
     *
     * @param key its key
     * @param standing where it stands
     * @param begunAt when it was begun; null when nobody has said
     * @param endedAt when it was done or left out; null before
     */
    public record StepState(
            String key,
            Standing standing,
            @Nullable OffsetDateTime begunAt,
            @Nullable OffsetDateTime endedAt) {}

    /**
     * What was put in of something planned.
     *
     * @param ingredient its code
     * @param plannedGrams how much was planned, g
     * @param grams how much was put in, g
     * @param times in how many pours
     */
    public record Poured(String ingredient, double plannedGrams, double grams, int times) {}

    /**
     * How the dough felt.
     *
     * @param key key of its entry
     * @param minute when, minutes since water met flour
     * @param feel code of the word
     * @param softness the middle of that word, for the style
     * @param predicted softness computed for that minute of what was in the bowl; null when nothing drinks
     */
    public record FeltAt(
            String key,
            double minute,
            String feel,
            double softness,
            @Nullable Double predicted) {}

    /**
     * Where a batch stands.
     *
     * @param made what is made
     * @param entries what counts of what was noted, in order
     * @param now what time it is
     */
    public static BenchRun of(MadeFormula made, Pantry pantry, List<BenchEntry> entries, OffsetDateTime now) {
        return new Reader(made, pantry, entries, now).run();
    }

    /** When water met flour by what was noted; null before. */
    public static @Nullable OffsetDateTime wettedAt(List<BenchEntry> entries, Pantry pantry) {
        String water = pantry.plainWater().code();
        return entries.stream()
                .filter(entry -> switch (entry.kind()) {
                    case WETTED -> true;
                    case POUR -> water.equals(entry.subject());
                    case STEP -> Kind.POUR.code().equals(entry.step()) && "done".equals(entry.outcome());
                    default -> false;
                })
                .map(BenchEntry::at)
                .min(OffsetDateTime::compareTo)
                .orElse(null);
    }

    /** Minutes between two times. */
    static double minutes(OffsetDateTime from, OffsetDateTime to) {
        return Duration.between(from, to).toMillis() / (MS_PER_SECOND * SECONDS_PER_MINUTE);
    }

    /** Goes through the entries once. */
    private static final class Reader {

        private final MadeFormula made;
        private final Pantry pantry;
        private final List<BenchEntry> entries;
        private final OffsetDateTime now;
        private final @Nullable OffsetDateTime wettedAt;
        private final Map<String, StepState> steps = new LinkedHashMap<>();
        private final List<FeltAt> felt = new ArrayList<>();
        private @Nullable OffsetDateTime finishedAt;
        private @Nullable String verdict;

        private Reader(MadeFormula made, Pantry pantry, List<BenchEntry> entries, OffsetDateTime now) {
            this.made = made;
            this.pantry = pantry;
            this.entries = entries;
            this.now = now;
            this.wettedAt = BenchRun.wettedAt(entries, pantry);
            made.run()
                    .steps()
                    .forEach(step -> steps.put(step.key(), new StepState(step.key(), Standing.TO_DO, null, null)));
        }

        BenchRun run() {
            for (int at = 0; at < entries.size(); at++) {
                read(entries.get(at), at);
            }
            OffsetDateTime end = finishedAt == null ? now : finishedAt;
            return new BenchRun(
                    wettedAt,
                    wettedAt == null ? null : Double.valueOf(Math.max(0, minutes(wettedAt, end))),
                    finishedAt,
                    verdict,
                    List.copyOf(steps.values()),
                    current(),
                    BowlSoFar.of(made.spec(), pantry, entries),
                    poured(),
                    List.copyOf(felt),
                    PieceTally.of(made, entries, end),
                    timers());
        }

        private void read(BenchEntry entry, int at) {
            switch (entry.kind()) {
                case STEP -> step(entry);
                case FELT -> feltAt(entry, entries.subList(0, at));
                case FINISHED -> finishedAt = entry.at();
                case VERDICT -> verdict = entry.outcome();
                default -> {
                    // It says nothing of where the batch stands.
                }
            }
        }

        private void step(BenchEntry entry) {
            StepState before = steps.get(entry.step());
            if (before == null || entry.outcome() == null) {
                return;
            }
            Standing standing = Coded.find(Standing.class, entry.outcome()).orElse(before.standing());
            boolean begins = standing == Standing.BEGUN;
            steps.put(
                    before.key(),
                    new StepState(
                            before.key(),
                            standing,
                            begins ? entry.at() : before.begunAt(),
                            begins ? null : entry.at()));
        }

        private void feltAt(BenchEntry entry, List<BenchEntry> before) {
            String code = entry.outcome();
            if (wettedAt == null || code == null) {
                return;
            }
            double minute = Math.max(0, minutes(wettedAt, entry.at()));
            pantry.feels().stream()
                    .filter(feel -> feel.code().equals(code))
                    .map(feel -> feel.of(made.formula().style()))
                    .map(Feel::softnessMid)
                    .findFirst()
                    .ifPresent(softness ->
                            felt.add(new FeltAt(entry.key(), minute, code, softness, predicted(before, minute))));
        }

        private @Nullable Double predicted(List<BenchEntry> before, double minute) {
            try {
                BowlSoFar bowl = BowlSoFar.of(made.spec(), pantry, before);
                return Dough.of(FormulaReader.read(bowl.spec(), pantry)).softness(minute);
            } catch (RefusedException refused) {
                return null;
            }
        }

        /** The first step that is neither done nor left out, from the last one that was begun on. */
        private @Nullable String current() {
            if (finishedAt != null) {
                return null;
            }
            return steps.values().stream()
                    .filter(step -> step.standing() == Standing.BEGUN)
                    .reduce((one, other) -> other)
                    .or(() -> steps.values().stream()
                            .filter(step -> step.standing() == Standing.TO_DO)
                            .findFirst())
                    .map(StepState::key)
                    .orElse(null);
        }

        private List<Poured> poured() {
            Map<String, Double> planned = new LinkedHashMap<>();
            made.run().bowls().stream()
                    .filter(bowl -> bowl.kind() != WeighedBowl.Kind.FILLING && bowl.kind() != WeighedBowl.Kind.SURFACE)
                    .flatMap(bowl -> bowl.weighed().stream())
                    .filter(each -> !each.prepared())
                    .forEach(each -> planned.merge(each.ingredient(), each.grams(), Double::sum));
            Map<String, List<Double>> grams = new LinkedHashMap<>();
            for (BenchEntry entry : entries) {
                if (entry.kind() == EntryKind.POUR && entry.subject() != null && entry.figure() != null) {
                    grams.computeIfAbsent(entry.subject(), code -> new ArrayList<>())
                            .add(entry.figure());
                }
            }
            return grams.entrySet().stream()
                    .map(each -> new Poured(
                            each.getKey(),
                            planned.getOrDefault(each.getKey(), 0.0),
                            each.getValue().stream()
                                    .mapToDouble(Double::doubleValue)
                                    .sum(),
                            each.getValue().size()))
                    .toList();
        }

        private List<BenchTimer> timers() {
            Set<String> seen = new LinkedHashSet<>();
            List<BenchTimer> timers = new ArrayList<>();
            for (BenchEntry entry : entries) {
                if (entry.kind() == EntryKind.TIMER_SEEN) {
                    seen.add(entry.of());
                }
            }
            for (BenchEntry entry : entries) {
                BenchTimer timer = BenchTimer.of(entry, made.run());
                if (timer != null && !seen.contains(timer.key()) && isRunning(timer)) {
                    timers.add(timer);
                }
            }
            timers.sort((one, other) -> one.endsAt().compareTo(other.endsAt()));
            return List.copyOf(timers);
        }

        /** A timer of a step goes with the step. */
        private boolean isRunning(BenchTimer timer) {
            StepState step = timer.step() == null ? null : steps.get(timer.step());
            return finishedAt == null
                    && (step == null
                            || (step.standing() == Standing.BEGUN
                                    && timer.startedAt().equals(step.begunAt())));
        }
    }
}
