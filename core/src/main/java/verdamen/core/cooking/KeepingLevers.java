package verdamen.core.cooking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.balance.Gluten;
import verdamen.core.balance.PlainWater;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Limit;
import verdamen.core.model.Share;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.pantry.Storage;

/**
 * Looks for the changes that keep bread soft for longer: each is made a little, alone, and the bread looked at again. Plain
 * water stays as far from what is needed as it was.
 */
final class KeepingLevers {

    private static final String OIL = "neutral-oil";
    private static final String POTATO = "potato-boiled";
    private static final String MASH = "mash";

    private final FormulaSpec spec;
    private final Pantry pantry;
    private final Dough dough;
    private final Storage storage;
    private final double now;

    private KeepingLevers(FormulaSpec spec, Pantry pantry, Dough dough, Storage storage) {
        this.spec = spec;
        this.pantry = pantry;
        this.dough = dough;
        this.storage = storage;
        this.now = Bread.of(CookedPiece.of(dough)).softHours(storage);
    }

    /** The changes that help, the best first; none when it stays soft for as long as is told. */
    static List<KeepingLever> of(FormulaSpec spec, Pantry pantry, Dough dough, Storage storage) {
        return new KeepingLevers(spec, pantry, dough, storage).levers();
    }

    private List<KeepingLever> levers() {
        List<KeepingLever> all = new ArrayList<>();
        double flour = dough.flourGrams();
        if (flour > 0) {
            more(KeepingLever.Kind.MORE_FAT, fat(), Coefficient.LEVER_FAT_SHARE.value() * flour, all);
            more(KeepingLever.Kind.MORE_MASH, mash(), Coefficient.LEVER_MASH_SHARE.value() * flour, all);
        }
        all.add(thicker());
        all.add(shorter());
        all.removeIf(lever -> lever.gainHours() <= 1e-6);
        all.sort(Comparator.comparingDouble(KeepingLever::gainHours).reversed());
        return List.copyOf(all);
    }

    /** What more goes in: a line of the formula, or one that is not there yet. */
    private record More(@Nullable Line line, LineSpec alone) {

        String ingredient() {
            return line == null
                    ? Objects.requireNonNull(alone.ingredient())
                    : line.ingredient().code();
        }
    }

    private More fat() {
        return new More(first(line -> line.ingredient().role() == Role.FAT).orElse(null), LineSpec.of(OIL, 0));
    }

    private More mash() {
        return new More(
                first(line -> line.form() != null && line.form().code().equals(MASH))
                        .orElse(null),
                LineSpec.of(POTATO, 0).withForm(MASH));
    }

    private Optional<Line> first(Predicate<Line> meant) {
        return dough.formula().askedLines().stream()
                .filter(line -> line.part() == Part.DOUGH && line.prep() == null)
                .filter(meant)
                .findFirst();
    }

    /** Puts more in, unless the formula has no room for it. */
    private void more(KeepingLever.Kind kind, More more, double grams, List<KeepingLever> found) {
        List<@Nullable LineSpec> lines = new ArrayList<>(spec.linesOrNone());
        double there = more.line() == null ? 0 : more.line().grams();
        if (there + grams > Limit.GRAMS.most()) {
            return;
        }
        if (more.line() != null) {
            LineSpec line = Objects.requireNonNull(lines.get(more.line().index()));
            lines.set(more.line().index(), line.withGrams(there + grams));
        } else if (lines.size() < Limit.LINES.mostCount()) {
            lines.add(more.alone().withGrams(grams));
        } else {
            return;
        }
        Dough after = watered(FormulaReader.read(spec.withLines(lines), pantry));
        found.add(lever(
                kind,
                more.ingredient(),
                grams,
                Unit.GRAMS,
                Bread.of(CookedPiece.of(after)).softHours(storage),
                Term.grams(Symbol.WATER_GRAMS, after.waterNeeded() - dough.waterNeeded()),
                Term.gluten(Symbol.GLUTEN, gluten(after) - gluten(dough))));
    }

    private KeepingLever thicker() {
        double step = Coefficient.LEVER_SHEET_MM.value();
        Dough after = Dough.of(dough.formula().withSheet(dough.formula().sheetMm() + step));
        double styleSeconds = dough.formula().style().sideOneS();
        CookedPiece piece = CookedPiece.of(after);
        return lever(
                KeepingLever.Kind.THICKER_SHEET,
                null,
                step,
                Unit.MILLIMETRES,
                Bread.of(piece).softHours(storage),
                Term.of(
                        Symbol.SIDE_ONE,
                        piece.seconds(styleSeconds) - CookedPiece.of(dough).seconds(styleSeconds),
                        Unit.SECONDS));
    }

    /** A fifth less time on the pan: that much less is lost. */
    private KeepingLever shorter() {
        double share = Coefficient.FIX_COOK_SHARE.value();
        CookedPiece piece = CookedPiece.of(dough);
        return lever(
                KeepingLever.Kind.SHORTER_COOKING,
                null,
                -Share.ofFraction(share).pct(),
                Unit.PERCENT,
                Bread.of(dough, piece.moisturePctLosing(1 - share)).softHours(storage),
                Term.percent(Symbol.LOSS, -share * piece.loss().pct()));
    }

    private KeepingLever lever(
            KeepingLever.Kind kind,
            @Nullable String ingredient,
            double amount,
            Unit unit,
            double softHours,
            Term... price) {
        return new KeepingLever(kind, ingredient, amount, unit, softHours, softHours - now, List.of(price));
    }

    private Dough watered(Formula after) {
        double off = PlainWater.grams(dough.formula()) - dough.waterNeeded();
        double needed = Dough.of(after).waterNeeded();
        return Dough.of(PlainWater.set(after, Math.max(0, needed + off)));
    }

    private static double gluten(Dough dough) {
        return Gluten.of(dough.totals()).points();
    }
}
