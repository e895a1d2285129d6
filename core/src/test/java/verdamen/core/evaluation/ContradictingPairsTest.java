package verdamen.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.core.Doughs;
import verdamen.core.RandomFormulas;
import verdamen.core.balance.Balance;
import verdamen.core.balance.Standing;
import verdamen.core.balance.Water;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.handling.Handling;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingPicture;
import verdamen.core.method.Comparison;
import verdamen.core.method.Effect;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Style;

/**
 * Two thousand random doughs of all styles, and what every screen says of each: the word and its touch test, the verdict, the
 * dial, the risks, the window, the wall, the warnings, Method and the card. No two of them may be said that cannot both be true.
 */
public class ContradictingPairsTest {

    private static final int DOUGHS = 2000;
    /** Method compares all schools, which is slow; of every so many doughs. */
    private static final int METHOD_OF_EVERY = 20;

    private static final double RISK_LIMIT = 50;
    private static final double RISK_NOT_FELT = 25;

    /** Everything that the screens say of one dough. */
    private record Said(
            Evaluation evaluation,
            RollingPicture picture,
            Feel card,
            @Nullable Effect method) {

        String touch() {
            return evaluation.feel() == null ? "" : evaluation.feel().touchTest();
        }

        String word() {
            return evaluation.feel() == null ? "" : evaluation.feel().code();
        }

        boolean touches(String words) {
            return touch().contains(words);
        }

        Handling handling() {
            return evaluation.handling();
        }

        Water water() {
            return evaluation.balance().water();
        }

        Standing standing() {
            return water().standing();
        }

        Style style() {
            return evaluation.formula().style();
        }

        /** Whether it is made for a softness that is right for its style. */
        boolean aimsInsideItsWindow() {
            return style().hasInWindow(evaluation.formula().softnessTarget());
        }

        double crack() {
            return handling().crack() == null ? Double.NaN : handling().crack();
        }

        double stick() {
            return handling().stick() == null ? Double.NaN : handling().stick();
        }

        boolean isFilled() {
            return handling().wallMm() != null;
        }

        boolean warns(Warning.Kind kind) {
            return evaluation.warnings().stream().anyMatch(warning -> warning.kind() == kind);
        }

        /** The word that the dial's needle points at. */
        String onDial() {
            double softness = evaluation.balance().softness();
            List<Feel> words = evaluation.formula().pantry().feels(style());
            return words.stream()
                    .filter(word -> softness < word.softnessTo())
                    .findFirst()
                    .orElse(words.get(words.size() - 1))
                    .code();
        }
    }

    /** Two things that cannot both be true of one dough. */
    private enum Pair {
        EDGES_CRACK_BESIDE_NO_RISK_OF_IT(said -> said.touches("edges crack"), said -> said.crack() < RISK_NOT_FELT),
        EDGES_STAY_WHOLE_BESIDE_A_RISK(said -> said.touches("edges stay whole"), said -> said.crack() >= RISK_NOT_FELT),
        SMOOTH_BESIDE_EDGES_THAT_CRACK(said -> said.touches("smooth"), said -> said.crack() >= RISK_LIMIT),
        DOES_NOT_HOLD_BESIDE_NO_RISK(said -> said.touches("does not hold"), said -> said.crack() < RISK_LIMIT),
        DOES_NOT_STICK_BESIDE_A_RISK(said -> said.touches("does not stick"), said -> said.stick() >= RISK_NOT_FELT),
        LETS_GO_BESIDE_STICKING(said -> said.touches("lets go"), said -> said.stick() >= RISK_LIMIT),
        STICKS_BESIDE_NO_RISK_OF_IT(
                said -> said.touches("sticks to") || said.touches("coats the hand"), said -> said.stick() < RISK_LIMIT),
        SPRINGS_BACK_BESIDE_NO_SPRING(
                said -> said.touches("springs back"), said -> said.handling().springBackPct() < 0.5),
        NOT_ROLLED_BESIDE_A_WINDOW_AT_THAT_MINUTE(
                said -> said.touches("not rolled") || said.touches("cannot be rolled"), Pair::isInItsRollingWindow),
        CRACKS_OR_STICKS_BESIDE_A_WINDOW_AT_THAT_MINUTE(
                said -> said.crack() >= RISK_LIMIT || said.stick() >= RISK_LIMIT, Pair::isInItsRollingWindow),
        RIGHT_AS_IT_IS_BESIDE_STICKING(
                said -> said.standing() == Standing.IN_BALANCE, said -> said.stick() > RISK_LIMIT + 1e-9),
        RIGHT_AS_IT_IS_BESIDE_FLOUR_LEFT_DRY(
                said -> said.standing() == Standing.IN_BALANCE,
                said -> said.touches("dry flour left") || said.touches("coats the hand")),
        TOO_WET_BESIDE_A_DRY_WORD(
                said -> said.standing() == Standing.TOO_WET,
                said -> Set.of("crumbly", "stiff").contains(said.word())),
        TOO_WET_BESIDE_NO_STICKING(
                said -> said.standing() == Standing.TOO_WET, said -> said.stick() < RISK_LIMIT - 1e-9),
        NEEDS_WATER_BESIDE_A_WET_WORD(
                said -> said.standing() == Standing.NEEDS_WATER,
                said -> Set.of("slack", "sticky").contains(said.word())),
        NEEDS_WATER_BESIDE_STICKING(
                said -> said.standing() == Standing.NEEDS_WATER, said -> said.stick() >= RISK_LIMIT),
        NEEDS_WATER_BESIDE_TOO_MUCH(
                said -> said.standing() == Standing.NEEDS_WATER && said.aimsInsideItsWindow(),
                said -> said.water().missing() <= 0),
        TOO_WET_BESIDE_WATER_MISSING(
                said -> said.standing() == Standing.TOO_WET && said.aimsInsideItsWindow(),
                said -> said.water().missing() >= 0),
        TIPPED_OVER_BESIDE_INSIDE_THE_WINDOW(
                said -> said.standing() != Standing.IN_BALANCE,
                said -> said.style().hasInWindow(said.evaluation().balance().softness())),
        DIAL_BESIDE_ANOTHER_WORD(
                said -> !said.word().isEmpty(), said -> !said.onDial().equals(said.word())),
        CARD_ASKS_FOR_A_DOUGH_THAT_IS_WRONG(
                Said::aimsInsideItsWindow,
                said -> Set.of("crumbly", "stiff").contains(said.card().code())
                        || said.card().touchTest().contains("crack")
                        || said.card().touchTest().contains("sticks to")
                        || said.card().touchTest().contains("coats")),
        THINNEST_BELOW_ITS_SHEET_BESIDE_A_WARNING(
                said -> said.warns(Warning.Kind.WALL_TOO_THIN) || said.warns(Warning.Kind.SHEET_TOO_THIN),
                said -> said.handling().thinnestMm()
                        <= said.evaluation().formula().sheetMm()),
        THINNEST_ABOVE_ITS_SHEET_WITHOUT_A_WARNING(
                said -> said.handling().thinnestMm()
                        > said.evaluation().formula().sheetMm() + 1e-9,
                said -> !said.warns(Warning.Kind.WALL_TOO_THIN) && !said.warns(Warning.Kind.SHEET_TOO_THIN)),
        A_SHEETS_LIMIT_BESIDE_A_WALL(Said::isFilled, said -> said.warns(Warning.Kind.SHEET_TOO_THIN)),
        A_WALL_BESIDE_ANOTHER_LIMIT(
                Said::isFilled,
                said -> (said.handling().wallMm() < said.handling().leastWallMm() - 1e-9)
                        != said.warns(Warning.Kind.WALL_TOO_THIN)),
        TEARS_BESIDE_NO_WARNING(
                said -> said.handling().tear() > RISK_LIMIT,
                said -> !said.warns(Warning.Kind.WALL_TOO_THIN) && !said.warns(Warning.Kind.SHEET_TOO_THIN)),
        ROLLS_WELL_BESIDE_A_RISK(
                said -> said.handling().rollability() != null && said.handling().rollability() > RISK_LIMIT,
                said -> said.crack() >= RISK_LIMIT
                        || said.stick() >= RISK_LIMIT
                        || said.handling().tear() >= RISK_LIMIT),
        PUFFS_BESIDE_STICKING(
                said -> said.handling().puff() != null, said -> said.handling().puff() > 100 - said.stick() + 1e-9),
        OUTSIDE_ITS_WINDOW_BESIDE_A_WINDOW_AT_THAT_MINUTE(
                said -> said.warns(Warning.Kind.ROLLED_OUTSIDE_WINDOW), Pair::isInItsRollingWindow),
        WINDOW_IN_BALANCE_BESIDE_ANOTHER_IN_HANDLING(
                said -> true,
                said -> !Objects.equals(
                        said.evaluation().window(), said.picture().window())),
        POURED_BESIDE_A_RANGE_THAT_IT_LEAVES(
                said -> said.water().needed() > 0,
                said -> said.water().told().firstPour() + said.water().told().holdBack()
                                > said.water().told().high() + 0.5
                        || said.water().told().low() > said.water().needed()
                        || said.water().told().high() < said.water().needed()),
        METHODS_WINDOW_BESIDE_HANDLINGS_FOR_THE_SAME_WATER(
                said -> said.method() != null && Math.abs(said.water().missing()) < 1e-6,
                said -> said.evaluation().window() == null
                        ? said.method().windowFirst() != null
                        : !Integer.valueOf(said.evaluation().window().first())
                                        .equals(said.method().windowFirst())
                                || !Integer.valueOf(said.evaluation().window().last())
                                        .equals(said.method().windowLast())),
        METHODS_WATER_BESIDE_BALANCES(
                said -> said.method() != null,
                said -> Math.abs(said.method().waterGrams() - said.water().needed()) > 1e-6);

        private final Predicate<Said> one;
        private final Predicate<Said> other;

        Pair(Predicate<Said> one, Predicate<Said> other) {
            this.one = one;
            this.other = other;
        }

        private static boolean isInItsRollingWindow(Said said) {
            double minute = said.evaluation().formula().rollAtMinute();
            return said.evaluation().window() != null
                    && minute == Math.rint(minute)
                    && minute >= said.evaluation().window().first()
                    && minute <= said.evaluation().window().last();
        }
    }

    private final List<FormulaSpec> specs = new ArrayList<>();
    private final List<Said> all = new ArrayList<>();

    @BeforeClass
    public void readsWhatEveryScreenSays() {
        System.out.println("contradictions from seed " + RandomFormulas.SEED + " (-Dverdamen.seed)");
        RandomFormulas random = new RandomFormulas(RandomFormulas.SEED);
        Random turns = new Random(RandomFormulas.SEED);
        List<Style> styles = List.copyOf(Doughs.BOOK.styles());
        for (int at = 0; at < DOUGHS; at++) {
            FormulaSpec spec =
                    near(dough(random, at, styles.get(at % styles.size()).code()), turns);
            specs.add(spec);
            all.add(said(spec, at % METHOD_OF_EVERY == 0));
        }
    }

    /** A plain dough, one in stages, or one that is filled. */
    private static FormulaSpec dough(RandomFormulas random, int at, String style) {
        FormulaSpec spec = at % 5 == 1 ? random.staged(style) : random.next(style);
        if (at % 5 != 2) {
            return spec;
        }
        List<LineSpec> lines = new ArrayList<>(spec.lines());
        lines.add(Doughs.filling("parsnip-raw", 50 + at % 400, "mash"));
        return spec.withLines(lines);
    }

    /** The same dough with its plain water from four fifths to six fifths of what it needs, or as it comes. */
    private static FormulaSpec near(FormulaSpec spec, Random turns) {
        double by = 0.8 + 0.4 * turns.nextDouble();
        boolean exactly = turns.nextInt(8) == 0;
        Water water = Balance.of(FormulaReader.read(spec, Doughs.BOOK)).water();
        double missing = (exactly ? 1 : by) * water.needed() - water.present();
        if (water.needed() <= 0 || missing <= 0) {
            return spec;
        }
        List<LineSpec> lines = new ArrayList<>(spec.lines());
        lines.add(LineSpec.of("water", missing));
        return spec.withLines(lines);
    }

    private static Said said(FormulaSpec spec, boolean method) {
        Formula formula = FormulaReader.read(spec, Doughs.BOOK);
        Evaluation evaluation = Evaluation.of(formula);
        return new Said(
                evaluation,
                RollingPicture.of(RolledDough.of(formula)),
                evaluation.handling().feelAt(formula.softnessTarget(), formula),
                method ? Comparison.of(spec, Doughs.BOOK).get(0).now() : null);
    }

    @DataProvider
    Object[][] pairs() {
        return Arrays.stream(Pair.values()).map(pair -> new Object[] {pair}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "pairs")
    public void isNeverSaidTogether(Pair pair) {
        int one = 0;
        List<String> both = new ArrayList<>();
        for (int at = 0; at < all.size(); at++) {
            Said said = all.get(at);
            if (pair.one.test(said)) {
                one++;
                if (pair.other.test(said)) {
                    both.add(at + " " + said.style().code() + " S "
                            + said.evaluation().balance().softness() + " " + said.touch() + " " + said.handling() + " "
                            + said.evaluation().window());
                }
            }
        }
        assertTrue(one > 0, "nobody says the first of " + pair + ", so that this shows nothing");
        assertTrue(
                both.isEmpty(),
                both.size() + " of " + one + " doughs, such as "
                        + both.stream().findFirst().orElse(""));
    }

    @Test
    public void theDoughsAreOfAllStylesAndOnBothSidesOfTheirWindows() {
        Map<Standing, Integer> counted = new EnumMap<>(Standing.class);
        all.forEach(said -> counted.merge(said.standing(), 1, Integer::sum));
        assertEquals(counted.size(), Standing.values().length, counted.toString());
        counted.values().forEach(count -> assertTrue(count > DOUGHS / 10, counted.toString()));
        assertEquals(
                all.stream().map(said -> said.style().code()).distinct().count(),
                Doughs.BOOK.styles().size());
        assertTrue(all.stream().filter(Said::isFilled).count() > DOUGHS / 20);
        assertTrue(specs.stream().filter(spec -> spec.stages() != null).count() > DOUGHS / 10);
    }
}
