package verdamen.core.revision;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleBiFunction;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Water;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.RefusedException;
import verdamen.core.model.Table;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;
import verdamen.core.pantry.Style;

/**
 * What revision 2 of the model said of a formula: the same reckoning with the figures of its book, wherever the kitchen has
 * none of its own, and its words for how a dough feels. Only for formulas saved before what was said was kept with them.
 */
public final class RevisionTwo {

    private static final int NUMBER = 2;

    /** A figure of the book that another revision has changed. */
    private record Figure(String table, String code, String name) {}

    private static final Map<Figure, Double> FIGURES = Table.read(
                    RevisionTwo.class,
                    "revision-2",
                    row -> Map.entry(
                            new Figure(row.text("table"), row.text("code"), row.text("figure")), row.number("value")))
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    private final Pantry now;
    private final Pantry book = ReferenceTables.load();
    private final Pantry then;

    /** Revision 2 in a kitchen with this pantry. */
    public RevisionTwo(Pantry now) {
        this.now = now;
        this.then = now.with(
                now.ingredients().stream().map(this::ingredient).toList(),
                now.styles().stream().map(this::style).toList(),
                now.forms().stream().map(this::form).toList());
    }

    /**
     * What it said of a formula.
     *
     * @throws RefusedException with all faults, when the formula has any
     */
    public Said said(FormulaSpec spec) {
        Formula formula = FormulaReader.read(spec, then);
        Balance balance = Balance.of(formula);
        Water water = balance.water();
        Double softness = balance.softness();
        return new Said(
                NUMBER,
                water.needed(),
                water.low(),
                water.high(),
                softness,
                softness == null ? null : feel(softness, formula.style()),
                water.standing());
    }

    /** Its words went by the softness over the style's feel scale. */
    private String feel(double softness, Style style) {
        double felt = softness / style.feelScale();
        return now.feels().stream()
                .filter(word -> felt < word.softnessTo())
                .findFirst()
                .orElseGet(() -> List.copyOf(now.feels()).get(now.feels().size() - 1))
                .code();
    }

    private Ingredient ingredient(Ingredient kitchens) {
        Behaviour own = kitchens.behaviour();
        Behaviour books =
                book.ingredient(kitchens.code()).map(Ingredient::behaviour).orElse(null);
        if (own == null || books == null) {
            return kitchens;
        }
        double absorption =
                figure(new Figure("flour", kitchens.code(), "absorption"), own.absorptionPct(), books.absorptionPct());
        Double hot = own.hotAbsorptionPct();
        Double booksHot = books.hotAbsorptionPct();
        return kitchens.withBehaviour(own.withAbsorption(
                absorption,
                hot == null || booksHot == null
                        ? hot
                        : Double.valueOf(
                                figure(new Figure("flour", kitchens.code(), "hot-absorption"), hot, booksHot))));
    }

    private Style style(Style kitchens) {
        Optional<Style> books = book.style(kitchens.code());
        ToDoubleBiFunction<String, ToDoubleFunction<Style>> was =
                (name, of) -> figure(new Figure("style", kitchens.code(), name), kitchens, books, of);
        return kitchens.withWindow(
                was.applyAsDouble("target", Style::softnessTarget),
                was.applyAsDouble("low", Style::softnessLow),
                was.applyAsDouble("high", Style::softnessHigh));
    }

    private Form form(Form kitchens) {
        Optional<Form> books = book.form(kitchens.code());
        ToDoubleBiFunction<String, ToDoubleFunction<Form>> was =
                (name, of) -> figure(new Figure("form", kitchens.code(), name), kitchens, books, of);
        return kitchens.withRelease(
                was.applyAsDouble("release-end", Form::releaseEnd),
                was.applyAsDouble("hold", Form::holdGPerGSolids),
                was.applyAsDouble("starch-hold", Form::starchHoldGPerG));
    }

    private static <T> double figure(Figure figure, T kitchens, Optional<T> books, ToDoubleFunction<T> of) {
        return figure(
                figure, of.applyAsDouble(kitchens), books.map(of::applyAsDouble).orElse(null));
    }

    /** A figure of the kitchen's own stays as it is; one of the book is what it was. */
    private static double figure(Figure figure, double kitchens, @Nullable Double books) {
        return books != null && kitchens == books ? FIGURES.getOrDefault(figure, kitchens) : kitchens;
    }
}
