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
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** The whole evaluation of a 20-line formula: reading, ledger with reasons, handling, window, three-hour curve. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class EvaluationBenchmark {

    private static final List<String> TWENTY = List.of(
            "wheat-atta",
            "emmer-whole",
            "rye-whole",
            "semolina-medium",
            "pea-yellow-flour",
            "flax-meal",
            "milk-powder-skimmed",
            "pumpkin-cooked",
            "kale-raw",
            "onion-raw",
            "carrot-raw",
            "lentil-red-cooked",
            "water",
            "yogurt-whole",
            "ghee",
            "olive-oil",
            "honey",
            "salt-fine",
            "yeast-instant",
            "cumin-seed");

    private final Pantry book = ReferenceTables.load();
    private final FormulaSpec formula = formula();

    private static FormulaSpec formula() {
        return new FormulaSpec("roti", null, "coat-first", 45.0, null, null, null, List.copyOf(twenty()));
    }

    /** Twenty lines of every kind. */
    static List<LineSpec> twenty() {
        List<LineSpec> lines = new ArrayList<>();
        for (String code : TWENTY) {
            lines.add(LineSpec.of(code, 10 + 7.0 * lines.size()));
        }
        return lines;
    }

    /** Reads and evaluates the formula, with every reason. */
    @Benchmark
    public Evaluation evaluate() {
        return Evaluation.of(FormulaReader.read(formula, book));
    }
}
