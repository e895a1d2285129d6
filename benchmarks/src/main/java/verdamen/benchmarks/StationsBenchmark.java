package verdamen.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import verdamen.core.balance.Dough;
import verdamen.core.caution.Caution;
import verdamen.core.caution.Cautions;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.handling.FormulaHandling;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingPicture;
import verdamen.core.method.Comparison;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepSpec;

/** What Handling and Method ask of the core after an edit, for a 20-line formula with a preparation chain. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class StationsBenchmark {

    private final Pantry book = ReferenceTables.load();
    private final FormulaSpec formula = formula();

    private static FormulaSpec formula() {
        List<LineSpec> lines = new ArrayList<>(EvaluationBenchmark.twenty());
        lines.set(7, LineSpec.ofPrep("pumpkin"));
        return new FormulaSpec("roti", null, "coat-first", 45.0, null, null, null, lines)
                .withPreps(List.of(new ChainSpec(
                        "pumpkin",
                        null,
                        "pumpkin-raw",
                        300.0,
                        "dough-water",
                        List.of(
                                StepSpec.of(StepKind.TRIM),
                                StepSpec.of(StepKind.GRATE),
                                StepSpec.of(StepKind.SALT_STAND),
                                StepSpec.of(StepKind.PRESS)))));
    }

    /** The rolling window with its band and moments alone. */
    @Benchmark
    public RollingPicture picture() {
        return RollingPicture.of(RolledDough.of(Dough.of(FormulaReader.read(formula, book))));
    }

    /** Everything of Handling: window, figures with reasons, helps, disc. */
    @Benchmark
    public FormulaHandling handling() {
        return FormulaHandling.of(RolledDough.of(FormulaReader.read(formula, book)));
    }

    /** Every school of every question. */
    @Benchmark
    public List<Comparison> method() {
        return Comparison.of(formula, book);
    }

    /** The cautions. */
    @Benchmark
    public List<Caution> cautions() {
        return Cautions.of(FormulaReader.read(formula, book));
    }
}
