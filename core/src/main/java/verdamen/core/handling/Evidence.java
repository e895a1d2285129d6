package verdamen.core.handling;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.DoughRow;
import verdamen.core.balance.Filling;
import verdamen.core.balance.SheetPiece;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Role;
import verdamen.core.pantry.Style;

/** The figures of a formula that a diagnosis rests on, worked out once. */
final class Evidence {

    private final Formula formula;
    private final Dough dough;
    private final Handling handling;
    private final @Nullable RollingWindow window;
    private final @Nullable Filling filling;

    Evidence(Formula formula) {
        this.formula = formula;
        RolledDough rolled = RolledDough.of(formula);
        this.dough = rolled.dough();
        this.handling = rolled.handling();
        this.window = rolled.window();
        this.filling = Filling.of(dough).orElse(null);
    }

    Formula formula() {
        return formula;
    }

    Style style() {
        return formula.style();
    }

    Dough dough() {
        return dough;
    }

    Handling handling() {
        return handling;
    }

    @Nullable
    RollingWindow window() {
        return window;
    }

    @Nullable
    Filling filling() {
        return filling;
    }

    double rollAt() {
        return formula.rollAtMinute();
    }

    /** Softness when rolled; the target when nothing drinks. */
    double softness() {
        return handling.softness() == null ? formula.softnessTarget() : handling.softness();
    }

    /** How far softness rises from its lowest since kneading to the roll and the half hour after it. */
    double rise() {
        double lowest = Double.POSITIVE_INFINITY;
        double rise = 0;
        double end = rollAt() + Coefficient.LOOK_AHEAD_MINUTES.value();
        for (double minute = formula.kneading().endMinute(); minute <= end; minute++) {
            Double softness = dough.softness(minute);
            if (softness != null) {
                lowest = Math.min(lowest, softness);
                rise = Math.max(rise, softness - lowest);
            }
        }
        return rise;
    }

    /** Grams of sugars in the dough per 100 g of flour, those of sweeteners only. */
    double sweetPct() {
        return perFlour(row -> row.ingredient().role() == Role.SWEETENER);
    }

    double pulseFlourPct() {
        return perFlour(row -> row.isFlour() && row.ingredient().legume());
    }

    private double perFlour(Predicate<DoughRow> counts) {
        double grams = dough.rows().stream()
                .filter(counts)
                .mapToDouble(DoughRow::grams)
                .sum();
        return dough.flourGrams() > 0 ? Share.of(grams, dough.flourGrams()).pct() : 0;
    }

    /** The line of the dough whose pieces need the thickest sheet. */
    Optional<Line> coarsest() {
        return dough.totals()
                .coarsest()
                .map(SheetPiece::line)
                .flatMap(index -> formula.askedLines().stream()
                        .filter(line -> line.index() == index)
                        .findFirst());
    }

    /** Sheet that the pieces need, mm; 0 without pieces. */
    double cover() {
        return handling.pieceCoverMm();
    }

    /** The heaviest inclusion of the dough. */
    Optional<Line> heaviest() {
        return inclusions(line -> true).max(Comparator.comparingDouble(Line::grams));
    }

    /** The inclusions of the dough that are asked for and there. */
    java.util.stream.Stream<Line> inclusions(Predicate<Line> counts) {
        return formula.askedLines().stream()
                .filter(line -> line.part() == Part.DOUGH && line.form() != null && line.grams() > 0)
                .filter(counts);
    }

    boolean hasForm(String code) {
        return formula.lines().stream()
                .map(Line::form)
                .anyMatch(form -> form != null && form.code().equals(code));
    }

    /** Raw watery vegetables in the dough, % of its flour. */
    double rawPct() {
        return perFlour(row -> {
            Form form = row.line().form();
            return form != null
                    && form.code().startsWith("raw-")
                    && row.waterShare() > Coefficient.CAUSE_RAW_WATER.value();
        });
    }

    List<Line> flours() {
        return formula.askedLines().stream()
                .filter(line -> line.part() == Part.DOUGH && line.ingredient().role() == Role.FLOUR)
                .toList();
    }
}
