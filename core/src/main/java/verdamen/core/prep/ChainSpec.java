package verdamen.core.prep;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.pantry.Aliases;
import verdamen.core.pantry.Aliases.Kind;

/**
 * A preparation chain as asked: codes and numbers, not yet checked. {@link ChainReader} turns it into a {@link Chain}.
 *
 * @param key its key, unique in the formula; lines refer to it
 * @param name what the kitchen calls it, at most 60 characters; absent for the ingredient's name
 * @param ingredient code of what is bought
 * @param grams how much of it, g
 * @param liquid what becomes of liquid that runs: {@code dough-water}, {@code kept}, {@code discarded} or
 *     {@code never-pressed}; absent for what the formula's method says
 * @param steps the steps, in order
 * @param begins how it is when it comes into the kitchen, where that is not as bought
 */
public record ChainSpec(
        @Within(Limit.CHAIN_KEY) @Nullable String key,
        @Within(Limit.SHORT_NAME) @Nullable String name,
        @Nullable String ingredient,
        @Within(Limit.GRAMS) @Nullable Double grams,
        @Nullable String liquid,
        @Within(Limit.STEPS) @Nullable List<StepSpec> steps,
        @Nullable Begins begins) {

    /**
     * How something is before its first step.
     *
     * @param form code of its form; absent for that in which it is bought
     * @param waterPct its water, %; absent for the pantry's
     * @param pieceMm size of its pieces, mm; absent for that of the form
     */
    public record Begins(
            @Nullable String form,
            @Within(Limit.WATER_PCT) @Nullable Double waterPct,
            @Within(Limit.PIECE_MM) @Nullable Double pieceMm) {}

    /** A chain that begins with what is bought. */
    public ChainSpec(
            @Nullable String key,
            @Nullable String name,
            @Nullable String ingredient,
            @Nullable Double grams,
            @Nullable String liquid,
            @Nullable List<StepSpec> steps) {
        this(key, name, ingredient, grams, liquid, steps, null);
    }

    /** This chain with a further step. */
    public ChainSpec withStep(StepSpec step) {
        List<StepSpec> all = new ArrayList<>(steps == null ? List.of() : steps);
        all.add(step);
        return new ChainSpec(key, name, ingredient, grams, liquid, all, begins);
    }

    /** This chain with another step in the place of one. */
    public ChainSpec withStepAt(int index, StepSpec step) {
        List<StepSpec> all = new ArrayList<>(steps == null ? List.of() : steps);
        all.set(index, step);
        return new ChainSpec(key, name, ingredient, grams, liquid, all, begins);
    }

    /** This chain with so many times of everything that is bought, weighed or put in. */
    public ChainSpec times(double factor) {
        return new ChainSpec(
                key,
                name,
                ingredient,
                grams == null ? null : Double.valueOf(grams * factor),
                liquid,
                steps == null
                        ? null
                        : steps.stream().map(step -> step.times(factor)).toList(),
                begins);
    }

    /** This chain with the codes that rows of the book have now. */
    public ChainSpec withCurrentCodes(Aliases aliases) {
        return new ChainSpec(
                key,
                name,
                ingredient == null ? null : aliases.current(Kind.INGREDIENT, ingredient),
                grams,
                liquid,
                steps == null
                        ? null
                        : steps.stream()
                                .map(step -> step.withCurrentCodes(aliases))
                                .toList(),
                begins == null || begins.form() == null
                        ? begins
                        : new Begins(aliases.current(Kind.FORM, begins.form()), begins.waterPct(), begins.pieceMm()));
    }
}
