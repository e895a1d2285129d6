package verdamen.benchmarks;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import verdamen.core.bench.MadeFormula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.plan.Place;
import verdamen.core.plan.PlanDay;
import verdamen.core.plan.PlanQuestion;
import verdamen.core.plan.PlanQuestion.Wanted;
import verdamen.core.plan.Role;
import verdamen.core.plan.Solved;
import verdamen.core.plan.Solver;
import verdamen.core.plan.Worker;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;
import verdamen.core.portion.Tray;

/** Planning a day: formulas of eight pieces for noon, three people, three pans; until the first plan, and until none better is proved to be. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBenchmark {

    private static final int NOON = 12 * 60;
    private static final Pantry BOOK = ReferenceTables.load();
    private static final List<FormulaSpec> FORMULAS = List.of(
            spec("roti", LineSpec.of("wheat-atta", 600), LineSpec.of("water", 393), LineSpec.of("salt-fine", 10)),
            spec(
                    "roti",
                    LineSpec.of("emmer-whole", 500),
                    LineSpec.of("pumpkin-cooked", 150).withForm("puree"),
                    LineSpec.of("water", 240),
                    LineSpec.of("salt-fine", 9)),
            spec(
                    "tortilla",
                    LineSpec.of("wheat-plain-white", 500),
                    LineSpec.of("water", 270),
                    LineSpec.of("ghee", 60),
                    LineSpec.of("salt-fine", 9)),
            spec(
                    "layered-paratha",
                    LineSpec.of("wheat-atta", 500),
                    LineSpec.of("water", 315),
                    LineSpec.of("ghee", 30),
                    LineSpec.of("salt-fine", 9)));

    /** How many formulas. */
    @Param({"1", "2", "3", "4"})
    public int servings;

    private PlanDay day;

    private static FormulaSpec spec(String style, LineSpec... lines) {
        return new FormulaSpec(style, null, null, null, null, null, null, List.of(lines));
    }

    private static Wanted wanted(FormulaSpec spec, int number) {
        FormulaSpec eight = Scaling.of(new ScalingQuestion(spec, null, 8, null, null, null, null), BOOK)
                .formula();
        return new Wanted("s" + number, MadeFormula.of(eight, BOOK), NOON, false);
    }

    private static Worker worker(String name) {
        return new Worker(name, NOON / 2, NOON + 60, EnumSet.allOf(Role.class));
    }

    /** The day. */
    @Setup
    public void plan() {
        List<Wanted> wanted = new ArrayList<>();
        for (int number = 1; number <= servings; number++) {
            wanted.add(wanted(FORMULAS.get(number - 1), number));
        }
        day = PlanDay.of(new PlanQuestion(
                wanted,
                List.of(worker("A"), worker("B"), worker("C")),
                Map.of(Place.PAN, 3, Place.OVEN, 1, Place.FRIDGE, 60, Place.TRAY, 4),
                false,
                Map.of(),
                Tray.USUAL));
    }

    /** Until there is a plan. */
    @Benchmark
    public Solved firstPlan() {
        Solver[] solver = new Solver[1];
        solver[0] = new Solver(day, progress -> solver[0].cancel());
        return solver[0].solve();
    }

    /** Until it is done. */
    @Benchmark
    public Solved donePlan() {
        Solved solved = new Solver(day, progress -> {}).solve();
        if (solved.plan() == null || !solved.plan().proved()) {
            throw new IllegalStateException("not proved: " + solved);
        }
        return solved;
    }
}
