package verdamen.benchmarks;

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
import verdamen.core.bench.RunSheet;
import verdamen.core.card.Declaration;
import verdamen.core.cooking.CookQuestion;
import verdamen.core.cooking.Cooking;
import verdamen.core.cooking.Keeping;
import verdamen.core.cooking.KeepingQuestion;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.portion.Portion;
import verdamen.core.portion.PortionQuestion;
import verdamen.core.portion.Scaling;
import verdamen.core.portion.ScalingQuestion;

/** What Portion and Card ask of the core after an edit, for a 20-line formula. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PortionBenchmark {

    private final Pantry book = ReferenceTables.load();
    private final FormulaSpec formula =
            new FormulaSpec("roti", null, "coat-first", 45.0, null, null, null, EvaluationBenchmark.twenty());

    /** The dough in pieces, with the disc. */
    @Benchmark
    public Portion portion() {
        return Portion.of(new PortionQuestion(formula, null), book);
    }

    /** Scaled and rounded. */
    @Benchmark
    public Scaling scaling() {
        return Scaling.of(new ScalingQuestion(formula, 2.5, null, null, null, null, null), book);
    }

    /** A piece in the pan. */
    @Benchmark
    public Cooking cooking() {
        return Cooking.of(new CookQuestion(formula, null, null, null, null, null, null), book);
    }

    /** How long it stays soft, under each way of keeping, with what would lengthen it. */
    @Benchmark
    public Keeping keeping() {
        return Keeping.of(new KeepingQuestion(formula, null, null), book);
    }

    /** What is weighed and done. */
    @Benchmark
    public RunSheet runSheet() {
        Formula read = FormulaReader.read(formula, book);
        return RunSheet.of(read, Evaluation.of(read).balance().water(), null);
    }

    /** What is declared. */
    @Benchmark
    public Declaration declaration() {
        return Declaration.of(FormulaReader.read(formula, book));
    }
}
