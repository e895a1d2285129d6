package verdamen.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Heat;
import verdamen.core.formula.Kneading;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Measured;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.Part;
import verdamen.core.formula.PhaseKind;
import verdamen.core.formula.Seal;
import verdamen.core.formula.StageSpec;
import verdamen.core.formula.Sticking;
import verdamen.core.formula.WaterAddition;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.pantry.Role;
import verdamen.core.pantry.Style;
import verdamen.core.prep.ChainSpec;
import verdamen.core.prep.Chains;
import verdamen.core.prep.LiquidUse;

/** Random but believable formulas, from a seed that the tests print. */
public final class RandomFormulas {

    public static final long SEED = Long.getLong("verdamen.seed", 20261124L);
    private static final Pantry BOOK = ReferenceTables.load();

    private final Random random;

    public RandomFormulas(long seed) {
        this.random = new Random(seed);
    }

    /** Rows for a data provider. */
    public static Object[][] rows(int count) {
        System.out.println("random formulas from seed " + SEED + " (-Dverdamen.seed)");
        RandomFormulas formulas = new RandomFormulas(SEED);
        Object[][] rows = new Object[count][];
        for (int i = 0; i < count; i++) {
            rows[i] = new Object[] {formulas.next()};
        }
        return rows;
    }

    public FormulaSpec next() {
        return next(null);
    }

    /** A formula of a style; of any for null. */
    public FormulaSpec next(@Nullable String style) {
        List<LineSpec> lines = new ArrayList<>();
        lines.add(LineSpec.of(pick(withRole(Role.FLOUR)).code(), between(50, 600)));
        int others = random.nextInt(8);
        for (int i = 0; i < others; i++) {
            lines.add(line(pick(List.copyOf(BOOK.ingredients()))));
        }
        return new FormulaSpec(
                style == null ? pick(List.copyOf(BOOK.styles())).code() : style,
                pick(List.of(Kneading.values())).code(),
                pick(List.of(FatTiming.values())).code(),
                maybe(between(2, 90)),
                maybe(between(0, 120)),
                maybe(between(1, 12)),
                null,
                lines);
    }

    /** A formula in one to three stages, each wetted with water of its own; yeast goes into the last only. */
    public FormulaSpec staged() {
        return staged(null);
    }

    /** The same of a style; of any for null. */
    public FormulaSpec staged(@Nullable String style) {
        FormulaSpec plain = next(style);
        int last = random.nextInt(3);
        List<StageSpec> stages = new ArrayList<>();
        List<LineSpec> lines = new ArrayList<>();
        for (int stage = 0; stage < last; stage++) {
            stages.add(StageSpec.standing(maybe(between(2, 95)), between(0, 600)));
            lines.add(LineSpec.of("water", between(20, 200)).withStage(stage));
        }
        stages.add(new StageSpec(null, null, null, null, null));
        for (LineSpec line : plain.lines()) {
            boolean alive = BOOK.ingredient(String.valueOf(line.ingredient()))
                    .filter(Ingredient::isAlive)
                    .isPresent();
            lines.add(line.withStage(alive ? last : random.nextInt(last + 1)));
        }
        lines.add(LineSpec.of("water", between(20, 200)).withStage(last));
        lines.add(LineSpec.of("wheat-plain-white", 100));
        return plain.withSettings(plain.kneading(), plain.fatTiming(), null, plain.restMinutes())
                .withLines(List.copyOf(lines))
                .withStages(List.copyOf(stages));
    }

    /** A formula with chains, filling, first stage, phases and a method of its own; it may be refused. */
    public FormulaSpec whole() {
        FormulaSpec plain = next();
        List<LineSpec> lines = new ArrayList<>();
        for (LineSpec line : plain.lines()) {
            LineSpec warm = line.withMeasured(line.measuredOrNone().withTemperatureC(maybe(between(-5, 90))));
            if (!lines.isEmpty() && random.nextInt(4) == 0) {
                warm = warm.in(Part.FILLING);
            } else if (random.nextInt(5) == 0) {
                warm = warm.withStage(0);
            }
            lines.add(warm);
        }
        List<ChainSpec> chains = new ArrayList<>();
        for (int at = random.nextInt(3); at > 0; at--) {
            ChainSpec chain = Chains.random(random);
            String key = "chain " + at;
            chains.add(
                    new ChainSpec(key, null, chain.ingredient(), chain.grams(), maybe(chain.liquid()), chain.steps()));
            lines.add(LineSpec.ofPrep(key).in(random.nextInt(3) == 0 ? Part.FILLING : null));
        }
        return plain.withLines(lines).withPreps(chains).withMethod(method());
    }

    private MethodSpec method() {
        List<MethodSpec.PhaseSpec> phases = new ArrayList<>();
        for (int at = random.nextInt(4); at > 0; at--) {
            PhaseKind kind = pick(List.of(PhaseKind.values()));
            boolean cold = kind == PhaseKind.CHILL;
            phases.add(new MethodSpec.PhaseSpec(
                    kind.code(), between(0, cold ? 600 : 60), cold ? maybe(between(-2, 10)) : null));
        }
        Sticking sticking = pick(List.of(Sticking.values()));
        return new MethodSpec(
                maybe(pick(List.of(LiquidUse.values())).code()),
                maybe(sticking.code()),
                null,
                null,
                null,
                maybe(pick(List.of(WaterAddition.values())).code()),
                maybe(pick(List.of(Seal.values())).code()),
                maybe(pick(List.of(Heat.values())).code()),
                "soaker",
                between(0, 600),
                maybe(between(2, 40)),
                phases.isEmpty() ? null : phases,
                new MethodSpec.TemperaturesSpec(
                        maybe(between(15, 45)),
                        maybe(between(5, 30)),
                        maybe(between(10, 35)),
                        maybe(between(2, 20)),
                        maybe(between(40, 90)),
                        maybe(between(0, 20))));
    }

    private LineSpec line(Ingredient ingredient) {
        boolean inclusion = ingredient.role() == Role.INCLUSION;
        boolean drier = ingredient.role() == Role.FLOUR || ingredient.role() == Role.DRY_ADDITION;
        String form = inclusion ? pick(List.copyOf(BOOK.forms())).code() : null;
        double most = inclusion || drier ? 300 : 40;
        return LineSpec.of(ingredient.code(), between(1, most))
                .withSd(maybe(between(0, 10)))
                .withForm(form)
                .withMeasured(Measured.NONE
                        .withWaterPct(drier || ingredient.role() == Role.SALT ? null : maybe(between(5, 95)))
                        .withLot(null, drier ? maybe(between(5, 20)) : null));
    }

    private static List<Ingredient> withRole(Role role) {
        return BOOK.ingredients().stream().filter(each -> each.role() == role).toList();
    }

    /** A form of the book. */
    public static Form form(String code) {
        return BOOK.form(code).orElseThrow();
    }

    /** A style of the book. */
    public static Style style(String code) {
        return BOOK.style(code).orElseThrow();
    }

    private double between(double low, double high) {
        return low + random.nextDouble() * (high - low);
    }

    private <T> @Nullable T maybe(T value) {
        return random.nextBoolean() ? value : null;
    }

    private <T> T pick(List<T> from) {
        return from.get(random.nextInt(from.size()));
    }
}
