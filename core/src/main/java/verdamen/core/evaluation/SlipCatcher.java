package verdamen.core.evaluation;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Dough;
import verdamen.core.evaluation.Slip.Kind;
import verdamen.core.formula.BakersPercentages;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.OpenLine;
import verdamen.core.formula.Part;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.intake.IngredientIndex;
import verdamen.core.intake.Temperatures;
import verdamen.core.leavening.SodaAndPowder;
import verdamen.core.leavening.SodaAndPowder.Taste;
import verdamen.core.leavening.YeastAmount;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.model.Term;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Nutrition;
import verdamen.core.pantry.Role;
import verdamen.core.pantry.Style;

/** Looks over a formula for likely slips, each with its figure. */
public final class SlipCatcher {

    private static final String YEAST_GROUP = "yeast";
    private static final double FARTHEST_FACTOR = Coefficient.SLIP_FARTHEST_FACTOR.value();

    /** Factors of likely slips: doubled, ten times, ounces in a pound, grams in an ounce. */
    private static final double[] FACTORS = {
        Coefficient.SLIP_DOUBLED.value(),
        Coefficient.SLIP_TENFOLD.value(),
        Coefficient.SLIP_OUNCES_OF_POUND.value(),
        Coefficient.SLIP_GRAMS_OF_OUNCE.value()
    };

    private static final double NEAR = Coefficient.SLIP_NEAR.value();
    private static final double DISAGREEMENT = Coefficient.SLIP_DISAGREEMENT.value();
    private static final double YEAST_DIES_C = Coefficient.SLIP_YEAST_WATER_C.value();

    private final Dough dough;
    private final Formula formula;
    private final IngredientIndex index;
    private final List<Slip> slips = new ArrayList<>();

    private SlipCatcher(Dough dough, IngredientIndex index) {
        this.dough = dough;
        this.formula = dough.formula();
        this.index = index;
    }

    /** All likely slips of the formula that a dough belongs to, those that were set aside too. */
    public static List<Slip> look(Dough dough, IngredientIndex index) {
        SlipCatcher catcher = new SlipCatcher(dough, index);
        catcher.water();
        catcher.salt();
        catcher.leaveners();
        catcher.soda();
        catcher.pieces();
        catcher.temperatures();
        catcher.twice();
        catcher.notInTheList();
        return catcher.slips;
    }

    private void water() {
        boolean open = formula.openLines().stream().anyMatch(line -> line.part() == Part.DOUGH);
        Double softness = dough.softness(formula.rollAtMinute());
        if (open || softness == null || !hasLiquid()) {
            return;
        }
        Style style = formula.style();
        double dry = style.softnessLow() * Coefficient.SLIP_DRY.value();
        double wet = style.softnessHigh() * Coefficient.SLIP_WET.value();
        if (softness < dry || softness > wet) {
            add(
                    softness < dry ? Kind.MUCH_TOO_DRY : Kind.MUCH_TOO_WET,
                    "",
                    null,
                    List.of(),
                    Term.softness(SOFTNESS, softness),
                    Term.softness(WINDOW_LOW, style.softnessLow()),
                    Term.softness(WINDOW_HIGH, style.softnessHigh()));
        }
    }

    private boolean hasLiquid() {
        return formula.lines().stream()
                .anyMatch(line -> line.part() == Part.DOUGH
                        && (line.ingredient().role() == Role.LIQUID
                                || line.ingredient().role() == Role.DAIRY
                                || line.ingredient().role() == Role.INCLUSION));
    }

    /** Salt of the dough on its flour and of the filling on its mass; what inclusions bring along is counted apart. */
    private void salt() {
        double flour = BakersPercentages.flourGrams(formula.lines());
        double salt = grams(Part.DOUGH, line -> line.ingredient().role() == Role.SALT);
        if (flour > 0) {
            double pct = Share.of(salt, flour).pct();
            double inclusionsPct = Share.of(saltOfInclusions(Part.DOUGH), flour).pct();
            if (salt > 0 && pct + inclusionsPct < Coefficient.SLIP_SALT_LEAST.value()) {
                addSalt(Kind.LITTLE_SALT, Part.DOUGH, pct, inclusionsPct, Coefficient.SLIP_SALT_LEAST);
            } else if (pct + inclusionsPct > Coefficient.SLIP_SALT_MOST.value()) {
                addSalt(Kind.MUCH_SALT, Part.DOUGH, pct, inclusionsPct, Coefficient.SLIP_SALT_MOST);
            }
        }
        double filling = grams(Part.FILLING, line -> true);
        if (filling > 0) {
            double pct = Share.of(grams(Part.FILLING, line -> line.ingredient().role() == Role.SALT), filling)
                    .pct();
            double inclusionsPct =
                    Share.of(saltOfInclusions(Part.FILLING), filling).pct();
            if (pct + inclusionsPct > Coefficient.SLIP_SALT_MOST.value()) {
                addSalt(Kind.MUCH_SALT_IN_FILLING, Part.FILLING, pct, inclusionsPct, Coefficient.SLIP_SALT_MOST);
            }
        }
    }

    /** Grams of salt that inclusions bring along, by their sodium: cooked in salted water, or out of a tin. */
    private double saltOfInclusions(Part part) {
        return formula.lines().stream()
                .filter(line -> line.part() == part && line.ingredient().role() == Role.INCLUSION)
                .mapToDouble(
                        line -> Nutrition.of(line.grams(), line.ingredient()).saltGrams())
                .sum();
    }

    private void addSalt(Kind kind, Part part, double pct, double inclusionsPct, Coefficient limit) {
        Integer line = formula.lines().stream()
                .filter(each -> each.part() == part && each.ingredient().role() == Role.SALT)
                .map(Line::index)
                .findFirst()
                .orElse(null);
        add(
                kind,
                "",
                line,
                List.of(),
                Term.percent(SALT_PCT, pct),
                Term.percent(INCLUSION_SALT_PCT, inclusionsPct),
                Term.percent(LIMIT, limit.value()));
    }

    private void leaveners() {
        double flour = BakersPercentages.flourGrams(formula.lines());
        for (Line line : formula.lines()) {
            Ingredient ingredient = line.ingredient();
            if (flour <= 0 || line.part() != Part.DOUGH) {
                continue;
            }
            // Fresh yeast is three times the weight of instant: the limit is that of instant.
            double pct = Share.of(YeastAmount.asInstant(ingredient, line.grams()), flour)
                    .pct();
            if (pct > Coefficient.SLIP_YEAST_MOST.value()) {
                addShare(Kind.MUCH_YEAST, line, pct, Coefficient.SLIP_YEAST_MOST);
            }
        }
    }

    /** Soda that finds no acid: as much as is usual for powder is likely meant to be powder. */
    private void soda() {
        SodaAndPowder found = SodaAndPowder.of(dough);
        Line line = formula.lines().stream()
                .filter(each -> Objects.equals(each.index(), found.sodaLine()))
                .findFirst()
                .orElse(null);
        Double leftPct = found.sodaLeftPct();
        if (line == null || leftPct == null || found.taste() != Taste.SOAPY) {
            return;
        }
        double pct = Share.of(found.sodaGrams(), BakersPercentages.flourGrams(formula.lines()))
                .pct();
        if (pct >= Coefficient.SLIP_SODA_MOST.value()) {
            addShare(Kind.SODA_FOR_POWDER, line, pct, Coefficient.SLIP_SODA_MOST);
            return;
        }
        add(
                Kind.SODA_LEFT,
                line.ingredient().code(),
                line.index(),
                List.of(line.ingredient().name()),
                Term.grams(SODA_LEFT_GRAMS, found.sodaLeftGrams()),
                Term.percent(SODA_LEFT_PCT, leftPct),
                Term.percent(LIMIT, Coefficient.SODA_LEFT_MAY_SHOW.value()));
    }

    private void addShare(Kind kind, Line line, double pct, Coefficient limit) {
        add(
                kind,
                line.ingredient().code(),
                line.index(),
                List.of(line.ingredient().name()),
                Term.percent(FLOUR_SHARE, pct),
                Term.percent(LIMIT, limit.value()));
    }

    /** Pieces times their weight, or the style's usual piece, against the dough. */
    private void pieces() {
        RecipeNotes notes = formula.notes();
        boolean open = formula.openLines().stream().anyMatch(line -> line.part() != Part.SURFACE);
        if (notes.pieces() == null || open) {
            return;
        }
        boolean stated = notes.pieceGrams() != null;
        double each = notes.pieceGrams() == null ? formula.style().pieceGrams() : notes.pieceGrams();
        double said = notes.pieces() * each;
        double grams = dough.grams();
        double all = grams + grams(Part.FILLING, line -> true);
        if (grams <= 0 || near(grams / said, DISAGREEMENT) || near(all / said, DISAGREEMENT)) {
            return;
        }
        double ratio = grams / said;
        for (double factor : FACTORS) {
            // Twice the style's usual piece is no slip; twice what was stated is.
            boolean tells = stated || factor > Coefficient.SLIP_DOUBLED.value();
            if (tells && (near(ratio / factor, NEAR) || near(ratio * factor, NEAR))) {
                add(Kind.TOTAL_BY_A_FACTOR, "", null, List.of(), figures(grams, said, notes, each, factor));
                return;
            }
        }
        if (stated || ratio > FARTHEST_FACTOR || ratio < 1 / FARTHEST_FACTOR) {
            add(Kind.PIECES_DISAGREE, "", null, List.of(), figures(grams, said, notes, each, ratio));
        }
    }

    private static Term[] figures(double dough, double said, RecipeNotes notes, double each, double factor) {
        return new Term[] {
            Term.grams(DOUGH, dough),
            Term.grams(PIECES_TOGETHER, said),
            Term.count(PIECES, notes.pieces() == null ? 0 : notes.pieces()),
            Term.grams(PIECE, each),
            Term.factor(FACTOR, factor)
        };
    }

    private static boolean near(double ratio, double within) {
        return Math.abs(ratio - 1) <= within;
    }

    private void temperatures() {
        Double water = formula.waterTemperatureC();
        boolean yeast = formula.lines().stream()
                .anyMatch(line -> line.ingredient().group().equals(YEAST_GROUP) && line.part() == Part.DOUGH);
        if (water != null && yeast && water >= YEAST_DIES_C) {
            add(
                    Kind.OTHER_SCALE,
                    "water",
                    null,
                    List.of(),
                    Term.celsius(READ_TEMPERATURE, water),
                    Term.celsius(LIKELY_TEMPERATURE, Temperatures.celsiusOf(water)));
        }
        String method = formula.notes().method();
        if (method != null) {
            Temperatures.suspects(method)
                    .forEach(suspect -> add(
                            Kind.OTHER_SCALE,
                            suspect.written(),
                            null,
                            List.of(suspect.written()),
                            Term.celsius(READ_TEMPERATURE, suspect.readCelsius()),
                            Term.celsius(LIKELY_TEMPERATURE, suspect.likelyCelsius())));
        }
    }

    private void twice() {
        Map<String, Line> seen = new HashMap<>();
        for (Line line : formula.lines()) {
            boolean several = line.ingredient().isPlainWater() || !line.isAsked() || line.headStartMinutes() > 0;
            Line earlier =
                    several ? null : seen.put(line.part() + line.ingredient().code(), line);
            if (earlier != null) {
                add(
                        Kind.TWICE,
                        line.ingredient().code(),
                        line.index(),
                        List.of(line.ingredient().name()),
                        Term.grams(MASS, earlier.grams()),
                        Term.grams(MASS, line.grams()));
            }
        }
    }

    private void notInTheList() {
        String method = formula.notes().method();
        if (method == null || method.isBlank()) {
            return;
        }
        List<Ingredient> listed = new ArrayList<>();
        formula.lines().forEach(line -> listed.add(line.ingredient()));
        formula.openLines().stream()
                .map(OpenLine::ingredient)
                .filter(ingredient -> ingredient != null)
                .forEach(listed::add);
        for (Ingredient named : index.namedIn(method)) {
            if (listed.stream().noneMatch(each -> isSuchA(each, named))) {
                add(Kind.NOT_IN_THE_LIST, named.code(), null, List.of(named.name()));
            }
        }
    }

    /** Whether a method that says "the flour" or "the pumpkin" can mean this one. */
    private static boolean isSuchA(Ingredient listed, Ingredient named) {
        boolean byRole = Set.of(Role.FLOUR, Role.FAT, Role.SALT).contains(named.role());
        return listed.code().equals(named.code())
                || (byRole ? listed.role() == named.role() : listed.group().equals(named.group()))
                || listed.code().split("-")[0].equals(named.code().split("-")[0]);
    }

    private double grams(Part part, Predicate<Line> counts) {
        return formula.lines().stream()
                .filter(line -> line.part() == part)
                .filter(counts)
                .mapToDouble(Line::grams)
                .sum();
    }

    private void add(Kind kind, String about, @Nullable Integer line, List<String> words, Term... terms) {
        String key = about.isEmpty() ? kind.code() : kind.code() + ":" + about;
        slips.add(
                new Slip(key, kind, line, words, List.of(terms), formula.notes().reasonFor(key)));
    }
}
