package verdamen.benchmarks;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.pantry.Role;
import verdamen.core.rework.Blend;
import verdamen.core.rework.BlendFlourSpec;
import verdamen.core.rework.BlendQuestion;
import verdamen.core.rework.Carried;
import verdamen.core.rework.ChangeSpec;
import verdamen.core.rework.Field;
import verdamen.core.rework.FreeSpec;
import verdamen.core.rework.Ladder;
import verdamen.core.rework.LadderQuestion;
import verdamen.core.rework.Match;
import verdamen.core.rework.MatchQuestion;
import verdamen.core.rework.Most;
import verdamen.core.rework.MostQuestion;
import verdamen.core.rework.RaisedSpec;
import verdamen.core.rework.Rework;
import verdamen.core.rework.Stock;
import verdamen.core.rework.WantedSpec;

/** The answers of Rework: a substitution, a ladder, a field, as much as a dough can take, a match and a blend. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ReworkBenchmark {

    private static final Set<Carried> ALL = EnumSet.noneOf(Carried.class);
    private static final ChangeSpec MILLET = ChangeSpec.replace(0, "pearl-millet-flour", null, 0.3, null);
    private static final ChangeSpec CARROT = ChangeSpec.add("carrot-raw", null, null);

    private final Stock stock = new Stock(ReferenceTables.load(), Map.of());
    private final FormulaSpec roti = new FormulaSpec(
            "roti",
            null,
            null,
            null,
            null,
            null,
            null,
            List.of(
                    LineSpec.of("wheat-atta", 300),
                    LineSpec.of("emmer-whole", 180),
                    LineSpec.of("pumpkin-cooked", 120).withForm("puree"),
                    LineSpec.of("water", 240),
                    LineSpec.of("salt-fine", 8),
                    LineSpec.of("ghee", 15)));

    /** One substitution with all that goes along. */
    @Benchmark
    public Rework substitution() {
        return Rework.of(roti, List.of(MILLET), ALL, stock.pantry());
    }

    /** Twenty-one rungs, each with its evaluation, and the crossings of the usual limits. */
    @Benchmark
    public Ladder ladder() {
        return Ladder.of(asked(null), stock);
    }

    /** Forty-one by forty-one formulas. */
    @Benchmark
    public Field field() {
        return Field.of(asked(41), new RaisedSpec(CARROT, null, null, 41), stock);
    }

    /** The most pumpkin within the usual limits, one amount free. */
    @Benchmark
    public Most mostOfOne() {
        return most(new FreeSpec(2, 0.0, 500.0));
    }

    /** The same with three amounts free. */
    @Benchmark
    public Most mostOfThree() {
        return most(new FreeSpec(2, 0.0, 500.0), new FreeSpec(1, 0.0, 300.0), new FreeSpec(5, 0.0, 40.0));
    }

    /** Ways back when the largest flour is out. */
    @Benchmark
    public Match match() {
        return Match.of(new MatchQuestion(roti, List.of(0), null, null, null, ALL), stock);
    }

    /** The best blend of no more than three of twenty flours, with three wants. */
    @Benchmark
    public Blend blend() {
        List<BlendFlourSpec> flours = stock.pantry().ingredients().stream()
                .filter(each -> each.role() == Role.FLOUR)
                .limit(20)
                .map(each -> new BlendFlourSpec(each.code(), null, null, null, null, null))
                .toList();
        List<WantedSpec> wanted = List.of(
                new WantedSpec("proteinPct", null, null, 12.0),
                new WantedSpec("absorptionPct", null, null, 63.0),
                new WantedSpec("sheetStrength", 60.0, null, null));
        return Blend.of(new BlendQuestion(roti, flours, wanted, "wholeGrainPct", 3, ALL), stock);
    }

    private LadderQuestion asked(Integer rungs) {
        return new LadderQuestion(roti, new RaisedSpec(MILLET, null, null, rungs), List.of(), null, ALL);
    }

    private Most most(FreeSpec... free) {
        return Most.of(new MostQuestion(roti, "inclusionGrams", null, List.of(free), null, ALL), stock);
    }
}
