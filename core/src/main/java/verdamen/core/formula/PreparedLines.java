package verdamen.core.formula;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Share;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.prep.Addition;
import verdamen.core.prep.Chain;
import verdamen.core.prep.FormAfter;
import verdamen.core.prep.LiquidUse;

/**
 * Lines that preparation chains fill: the inclusion as it comes out of its chain, and beside it what was put in on the
 * way and its own liquid, when that is used.
 */
final class PreparedLines {

    private static final double ROUNDING = 1e-6;
    private static final String SALT = "salt-fine";

    private final Map<String, Chain> chains;
    private final StageReader stages;
    private final Faults faults;
    private final Map<String, Double> taken = new HashMap<>();

    PreparedLines(Map<String, Chain> chains, StageReader stages, Faults faults) {
        this.chains = chains;
        this.stages = stages;
        this.faults = faults;
    }

    /** The lines that a chain fills; none, with a fault, when it cannot. */
    List<Line> lines(int index, LineSpec spec, Part part, Pantry pantry) {
        Chain chain = chains.get(spec.prep());
        if (chain == null) {
            boolean chainHasFaults =
                    faults.all().stream().anyMatch(fault -> fault.field().startsWith("preps"));
            if (!chainHasFaults) {
                fault(index, "prep", FaultCode.UNKNOWN_CODE, spec.prep(), null);
            }
            return List.of();
        }
        Ingredient ingredient = chain.result().ingredient();
        if (spec.ingredient() != null && !spec.ingredient().equals(ingredient.code())) {
            fault(index, "ingredient", FaultCode.CONTRADICTS, spec.ingredient(), null);
            return List.of();
        }
        double there = chain.result().grams();
        double left = there - taken.getOrDefault(chain.key(), 0.0);
        double grams = spec.grams() == null ? Math.max(0, left) : spec.grams();
        if (grams > left + ROUNDING * (1 + there)) {
            fault(index, "grams", FaultCode.CREATES_MATTER, String.valueOf(grams), Math.max(0, left));
            return List.of();
        }
        taken.merge(chain.key(), grams, Double::sum);
        double share = there > 0 ? grams / there : 0;
        return filled(index, spec, part, chain, share, pantry);
    }

    private List<Line> filled(int index, LineSpec spec, Part part, Chain chain, double share, Pantry pantry) {
        List<Line> lines = new ArrayList<>();
        Stage stage = part == Part.DOUGH ? stages.of(index, spec) : null;
        Ingredient ingredient = chain.result().ingredient();
        Form form = chain.form() == null ? null : pantry.form(chain.form()).orElseThrow();
        boolean waterChanges = ingredient.fatState() == null && ingredient.behaviour() == null;
        Double waterPct = waterChanges
                ? Double.valueOf(Share.ofFraction(chain.result().waterShare()).pct())
                : null;
        lines.add(new Line(
                index,
                ingredient,
                share * chain.result().baseGrams(),
                spec.sd(),
                part,
                form,
                Measured.NONE
                        .withWaterPct(waterPct)
                        .withPieceMm(chain.pieceMm())
                        .withTemperatureC(spec.measuredOrNone().temperatureC()),
                ingredient.fatState(),
                LineSource.ASKED,
                stage,
                chain.key()));
        Map<Ingredient, Double> beside = new LinkedHashMap<>();
        for (Addition addition : chain.result().additions()) {
            beside.merge(addition.ingredient(), share * addition.grams(), Double::sum);
        }
        Map<Ingredient, Double> liquid =
                chain.use() == LiquidUse.DOUGH_WATER ? usedLiquid(chain, share, pantry) : Map.of();
        if (part == Part.DOUGH) {
            liquid.forEach((what, grams) -> beside.merge(what, grams, Double::sum));
        } else {
            liquid.forEach((what, grams) -> lines.add(
                    Line.of(index, what, grams, Part.DOUGH, LineSource.PREPARED).wettedIn(stage)));
        }
        beside.forEach((what, grams) -> {
            if (grams > 0) {
                lines.add(beside(index, what, grams, part, form, chain.pieceMm(), pantry)
                        .wettedIn(stage));
            }
        });
        return lines;
    }

    /** Liquid used as dough water goes to the dough, wherever the rest goes: with its solids, and the salt it holds. */
    private static Map<Ingredient, Double> usedLiquid(Chain chain, double share, Pantry pantry) {
        Map<Ingredient, Double> what = new LinkedHashMap<>();
        what.put(
                required(pantry, Ingredient.PRESSED_LIQUID),
                share * chain.liquid().caughtBaseGrams());
        what.put(required(pantry, SALT), share * chain.liquid().caughtSaltGrams());
        what.values().removeIf(grams -> grams <= 0);
        return what;
    }

    private static Ingredient required(Pantry pantry, String code) {
        return pantry.ingredient(code).orElseThrow(() -> new IllegalStateException("the pantry needs " + code));
    }

    /** What went in beside the inclusion; garlic among greens is in the form that the greens have. */
    private static Line beside(
            int index,
            Ingredient ingredient,
            double grams,
            Part part,
            @Nullable Form form,
            @Nullable Double pieceMm,
            Pantry pantry) {
        Line line = Line.of(index, ingredient, grams, part, LineSource.PREPARED);
        if (ingredient.role() != Role.INCLUSION) {
            return line;
        }
        Form own =
                form == null ? pantry.form(FormAfter.bought(ingredient.group())).orElseThrow() : form;
        return line.withForm(own, form == null ? null : pieceMm);
    }

    private void fault(int index, String field, FaultCode code, @Nullable String value, @Nullable Double limit) {
        faults.add(index, field, code, value, limit);
    }
}
