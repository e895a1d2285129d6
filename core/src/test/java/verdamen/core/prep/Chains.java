package verdamen.core.prep;

import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import verdamen.core.model.Fault;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.pantry.Role;

/** Chains for tests: read ones, refused ones and random ones. */
public final class Chains {

    static final Pantry BOOK = ReferenceTables.load();

    private Chains() {}

    static ChainSpec spec(String ingredient, double grams, StepSpec... steps) {
        return new ChainSpec("chain", null, ingredient, grams, null, List.of(steps));
    }

    static Chain read(String ingredient, double grams, StepSpec... steps) {
        return read(spec(ingredient, grams, steps), LiquidUse.DISCARDED);
    }

    static Chain read(ChainSpec spec, LiquidUse use) {
        Faults faults = new Faults();
        Chain chain = ChainReader.read(spec, ChainUse.of(use), BOOK, faults, "preps[0]")
                .orElse(null);
        assertTrue(faults.none(), "faults: " + faults.all());
        return chain;
    }

    static List<Fault> faults(ChainSpec spec) {
        Faults faults = new Faults();
        boolean read = ChainReader.read(spec, ChainUse.of(LiquidUse.DISCARDED), BOOK, faults, "preps[0]")
                .isPresent();
        assertTrue(read == faults.none(), "a chain is read exactly when it has no fault");
        return faults.all();
    }

    /** A random chain of an inclusion, with weights that may be typical, measured, or impossible. */
    public static ChainSpec random(Random random) {
        List<Ingredient> inclusions = BOOK.ingredients().stream()
                .filter(each -> each.role() == Role.INCLUSION)
                .toList();
        List<StepSpec> steps = new ArrayList<>();
        int count = random.nextInt(7);
        for (int i = 0; i < count; i++) {
            StepKind kind = StepKind.values()[random.nextInt(StepKind.values().length)];
            StepSpec step = StepSpec.of(kind);
            if (random.nextInt(3) == 0) {
                step = step.leaving(20 + random.nextDouble() * 400);
            }
            if (random.nextInt(4) == 0 && (kind == StepKind.PRESS || kind == StepKind.SALT_STAND)) {
                step = step.running(random.nextDouble() * 120);
            }
            if (random.nextInt(4) == 0) {
                String[] put = {"water", "salt-fine", "ghee", "yogurt-whole", "cumin-seed", "garlic-raw"};
                step = step.adding(put[random.nextInt(put.length)], random.nextDouble() * 30);
            }
            steps.add(step);
        }
        LiquidUse use = LiquidUse.values()[random.nextInt(LiquidUse.values().length)];
        return new ChainSpec(
                "chain",
                null,
                inclusions.get(random.nextInt(inclusions.size())).code(),
                50 + random.nextDouble() * 500,
                use.code(),
                steps);
    }
}
