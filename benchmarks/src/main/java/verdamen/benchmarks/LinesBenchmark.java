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
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.handling.FormulaHandling;
import verdamen.core.handling.RolledDough;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** How the answers of Balance and Handling grow with the lines of a formula: linearly. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class LinesBenchmark {

    @Param({"20", "100", "200"})
    private int lines;

    private final Pantry book = ReferenceTables.load();
    private FormulaSpec formula;

    /** Lines of every kind, over and over. */
    @Setup
    public void fill() {
        List<LineSpec> all = new ArrayList<>();
        while (all.size() < lines) {
            all.addAll(EvaluationBenchmark.twenty());
        }
        formula = new FormulaSpec("roti", null, "coat-first", 45.0, null, null, null, all.subList(0, lines));
    }

    /** Balance, with every reason. */
    @Benchmark
    public Evaluation balance() {
        return Evaluation.of(FormulaReader.read(formula, book));
    }

    /** Handling, with every reason and help. */
    @Benchmark
    public FormulaHandling handling() {
        return FormulaHandling.of(RolledDough.of(FormulaReader.read(formula, book)));
    }
}
