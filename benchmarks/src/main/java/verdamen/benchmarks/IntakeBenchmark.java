package verdamen.benchmarks;

import java.util.Collections;
import java.util.List;
import java.util.Map;
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
import verdamen.core.intake.IngredientIndex;
import verdamen.core.intake.ParsedRecipe;
import verdamen.core.intake.RecipeReader;
import verdamen.core.intake.Synonyms;
import verdamen.core.pantry.KitchenMeasures;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** How long it takes to read a recipe of 40 lines; with its balance it has to stay under 200 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class IntakeBenchmark {

    private static final List<String> LINES = List.of(
            "3 to 3½ cups atta",
            "a handful of kale, choped",
            "2 medium potatoes, boiled and mashed",
            "1 heaped tsp salt",
            "2 tbsp yoghurt",
            "½ tsp ajwain",
            "100 ml boiling plus 240 ml cold water",
            "200 g spinich, wilted",
            "1 tin of mystery stuff",
            "butter or oil");

    private final Pantry pantry = ReferenceTables.load();
    private final IngredientIndex index = IngredientIndex.of(pantry, Synonyms.ofBook(), Map.of());
    private final KitchenMeasures measures = KitchenMeasures.ofBook(pantry);
    private final String recipe = String.join(
            "\n", Collections.nCopies(4, LINES).stream().flatMap(List::stream).toList());

    /** Reads the recipe. */
    @Benchmark
    public ParsedRecipe read() {
        return RecipeReader.read(recipe, null, index, measures);
    }
}
