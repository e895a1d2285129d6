package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import verdamen.core.balance.Additions;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.MadeFormula;
import verdamen.core.bench.Need;
import verdamen.core.bench.StageStep;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.cooking.Cooking;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Portioning;
import verdamen.core.formula.StagePlace;
import verdamen.core.handling.RollingWindow;
import verdamen.core.pantry.Feel;
import verdamen.core.portion.Portion;
import verdamen.core.prep.Chain;
import verdamen.core.prep.Cooling;
import verdamen.core.prep.Heating;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepResult;
import verdamen.server.card.CardDocument.CardRun;

/** What is done at each step of a run sheet, in words: the same on the bench sheet and at the bench. */
public final class StepWords {

    private static final Map<StepKind, String> PREPARING = Map.ofEntries(
            Map.entry(StepKind.TRIM, "trim"),
            Map.entry(StepKind.WASH, "wash and drain"),
            Map.entry(StepKind.GRATE, "grate"),
            Map.entry(StepKind.CHOP, "chop"),
            Map.entry(StepKind.SALT_STAND, "salt and let stand"),
            Map.entry(StepKind.PRESS, "press"),
            Map.entry(StepKind.BOIL, "boil or steam"),
            Map.entry(StepKind.SOAK_BOIL, "soak and boil until soft"),
            Map.entry(StepKind.ROAST, "roast"),
            Map.entry(StepKind.WILT, "wilt"),
            Map.entry(StepKind.COOK_DOWN, "cook down"),
            Map.entry(StepKind.PUREE, "purée"),
            Map.entry(StepKind.MASH, "mash"),
            Map.entry(StepKind.REHYDRATE, "wet and let swell"),
            Map.entry(StepKind.COOL, "cool"),
            Map.entry(StepKind.CLARIFY, "clarify"));

    private static final Map<Need, String> NEEDS = Map.ofEntries(
            Map.entry(Need.SCALE, "scale"),
            Map.entry(Need.BOWLS, "bowls"),
            Map.entry(Need.TRAY, "trays"),
            Map.entry(Need.TOWEL, "damp towels"),
            Map.entry(Need.WATER_BOWL, "a bowl of water for wet hands"),
            Map.entry(Need.TIMER, "timers"),
            Map.entry(Need.BOARD, "board and grater"),
            Map.entry(Need.PAN, "pan"),
            Map.entry(Need.THERMOMETER, "thermometer"),
            Map.entry(Need.BENCH, "room on the bench"),
            Map.entry(Need.MIXER, "mixer"),
            Map.entry(Need.FRIDGE, "room in the fridge"),
            Map.entry(Need.SCRAPER, "scraper"),
            Map.entry(Need.PIN, "rolling pin"),
            Map.entry(Need.BRUSH, "brush"));

    /** A stage that changes its temperature by less is not worth a word. */
    private static final double TOLD_FROM_K = 3;

    private final MadeFormula made;
    private final Formula formula;
    private final CardFigures written;

    /** The words for a formula as it is made, with figures written so. */
    public StepWords(MadeFormula made, CardFigures written) {
        this.made = made;
        this.formula = made.formula();
        this.written = written;
    }

    /** How many pieces of which mass. */
    static String pieces(MadeFormula made, CardFigures written) {
        Portion portion = made.portion();
        List<Portioning.SizeSpec> sizes = made.formula().portion().sizesOrNone();
        if (sizes.isEmpty()) {
            return written.number(portion.count(), 0) + " × "
                    + written.mass(portion.size().grams());
        }
        return String.join(
                " and ",
                sizes.stream()
                        .map(size -> size.count() + " × " + written.mass(size.grams() == null ? 0 : size.grams()))
                        .toList());
    }

    private List<CardRun> prepared(Chain chain) {
        List<String> done = new ArrayList<>();
        for (StepResult each : chain.steps()) {
            if (!each.skipped()) {
                boolean changes = Math.abs(each.after().grams() - each.before().grams()) >= 0.5;
                done.add(PREPARING.get(each.kind())
                        + (changes ? " (to " + written.mass(each.after().grams()) + ")" : "")
                        + minutes(each));
            }
        }
        String within = String.join(
                ", ",
                chain.result().additions().stream()
                        .map(each -> written.mass(each.grams()) + " of "
                                + each.ingredient().name())
                        .toList());
        return CardRun.marked(
                "*%s:* %s of %s: %s. *%s* are left%s.%s",
                chain.name(),
                written.mass(chain.boughtGrams()),
                chain.bought().name(),
                done.isEmpty() ? "as it is" : String.join(", ", done),
                written.mass(chain.result().grams()),
                within.isEmpty() ? "" : ", with " + within + " in them",
                chain.hot() ? " Cool it before it meets the flour." : "");
    }

    /** How long a step takes, where that is known: cooking down or wilting, and cooling. */
    private String minutes(StepResult step) {
        Heating heating = step.heating();
        if (heating != null) {
            String rounds = heating.rounds() > 1 ? " in " + heating.rounds() + " rounds" : "";
            return rounds + ", about " + written.minutes(heating.minutes());
        }
        Cooling cooling = step.cooling();
        return cooling == null || cooling.minutes() == null || cooling.minutes() < 1
                ? ""
                : " to " + written.temperature(cooling.targetC()) + ", about " + written.minutes(cooling.minutes());
    }

    /** What is done at a step: one paragraph, or one for each thing that is prepared; none where nothing is to be said. */
    public List<List<CardRun>> of(BenchStep step) {
        List<List<CardRun>> all = new ArrayList<>(
                step.kind() == BenchStep.Kind.PREPARE
                        ? formula.preps().stream().map(this::prepared).toList()
                        : List.of(words(step)));
        if (step.ownWords() != null && !all.isEmpty()) {
            List<CardRun> last = new ArrayList<>(all.get(all.size() - 1));
            last.add(CardRun.of((last.isEmpty() ? "" : " ") + step.ownWords()));
            all.set(all.size() - 1, List.copyOf(last));
        }
        return List.copyOf(all);
    }

    private List<CardRun> words(BenchStep step) {
        String minutes = step.minutes() == null ? "" : written.minutes(step.minutes());
        String degrees = step.celsius() == null ? "" : written.temperature(step.celsius());
        String warmth = degrees.isEmpty() ? "" : " at " + degrees;
        return switch (step.kind()) {
            case PREPARE, OWN -> List.of();
            case SET_UP ->
                CardRun.marked(
                        "Lay out %s; weigh the bowls.",
                        made.run().needs().stream().map(NEEDS::get).collect(Collectors.joining(", ")));
            case SPONGE, SOAKER, SCALD -> stage(step, minutes, warmth);
            case MIX_DRY -> CardRun.marked("Mix the *dry bowl* through.");
            case RUB_IN_FAT -> CardRun.marked("Rub the *fat* into the dry bowl until no lump is left.");
            case POUR -> pour(step, warmth);
            case ADD_INCLUSIONS -> CardRun.marked("Work in what stands under *worked in*, spread evenly.");
            case HOLD_BACK -> heldBack(step);
            case KNEAD_BY_HAND ->
                CardRun.marked(
                        "Knead *by hand* until smooth, about %s. The dough comes to about %s.", minutes, degrees);
            case KNEAD_BY_MACHINE ->
                CardRun.marked(
                        "Knead *by machine* until smooth, about %s. The dough comes to about %s.", minutes, degrees);
            case JUST_COMBINE ->
                CardRun.marked("Bring it together until it *just holds*, about %s; no longer.", minutes);
            case KNEAD_IN_FAT -> CardRun.marked("Knead in the *fat* last, bit by bit.");
            case REST -> CardRun.marked("Let it rest *%s*, covered%s.", minutes, warmth);
            case WARM -> CardRun.marked("Let it stand *%s*, covered, in a warm place%s.", minutes, warmth);
            case CHILL ->
                CardRun.marked("Put it into the fridge for *%s*, covered%s; write the time on it.", minutes, warmth);
            case KNEAD_AGAIN -> CardRun.marked("Knead it once more, %s.", minutes);
            case DIVIDE -> CardRun.marked("Divide it into *%s*.", pieces(made, written));
            case FILL ->
                CardRun.marked(
                        "Enclose *%s* of filling in each.",
                        written.mass(made.portion().size().fillingGrams()));
            case ROLL -> roll();
            case COOK -> cook();
            case FINISH -> CardRun.marked("What stands under *bench and surface* goes on bench, hands and hot bread.");
            case KEEP ->
                CardRun.marked("Keep it *%s*.", made.keeping().storage().name());
        };
    }

    private List<CardRun> stage(BenchStep step, String minutes, String warmth) {
        StageStep stage = step.stage();
        if (stage == null) {
            return List.of();
        }
        String name = stageName(stage.number(), formula).toLowerCase(Locale.ROOT);
        String standing = stage.number() == 0 ? "" : "what stands and ";
        String liquid = stage.liquidC() == null ? "" : ", its liquid at " + written.temperature(stage.liquidC());
        String how = switch (stage.kneading()) {
            case HAND -> "Knead";
            case MACHINE -> "Knead by machine";
            case JUST_COMBINED -> "Mix";
        };
        String then = switch (step.kind()) {
            case SPONGE -> "let it rise";
            case SCALD -> "let it swell and cool";
            default -> "let it swell";
        };
        String later = Math.abs(stage.laterC() - stage.mixedC()) < TOLD_FROM_K
                ? ""
                : " It comes to about " + written.temperature(stage.mixedC()) + ", and to "
                        + written.temperature(stage.laterC()) + " by then.";
        return CardRun.marked(
                "%s %sthe *%s*%s, and %s for *%s*%s%s, covered.%s",
                how, standing, name, liquid, then, minutes, place(stage.place()), warmth, later);
    }

    private static String place(StagePlace place) {
        return switch (place) {
            case KITCHEN -> "";
            case WARM -> " in a warm place";
            case FRIDGE -> " in the fridge";
        };
    }

    /** What a stage before the dough itself is called. */
    static String stageName(int number, Formula formula) {
        return formula.stages().size() == 1 ? "First stage" : "Stage " + (number + 1);
    }

    private List<CardRun> pour(BenchStep step, String warmth) {
        double grams = step.grams() == null ? 0 : step.grams();
        boolean withFat = formula.fatTiming() == FatTiming.WITH_WATER && has(WeighedBowl.Kind.FAT);
        if (!has(WeighedBowl.Kind.WET)) {
            return CardRun.marked(
                    "Start the clock when flour and what brings the water meet%s.",
                    withFat ? ", the fat with them" : "");
        }
        List<CardRun> poured =
                CardRun.marked("Start the clock. Pour in the *%s*", withFat ? "wet bowl and the fat" : "wet bowl");
        return CardRun.joined(
                poured,
                grams > 0
                        ? CardRun.marked(", of the plain water first *%s*%s.", written.mass(grams), warmth)
                        : CardRun.marked("."));
    }

    private boolean has(WeighedBowl.Kind kind) {
        return made.run().bowls().stream().anyMatch(bowl -> bowl.kind() == kind);
    }

    private List<CardRun> heldBack(BenchStep step) {
        Additions additions = made.evaluation().balance().water().told().additions();
        // What it is wanted to be, not what this formula would make of it.
        Feel feel = made.evaluation().handling().feelAt(formula.softnessTarget(), formula);
        return CardRun.joined(
                CardRun.marked(
                        "Beyond that have up to *%s* of water ready, and give it in additions of *%s*, only as the dough asks for it.",
                        written.mass(step.grams() == null ? 0 : step.grams()),
                        written.mass(additions.full() > 0 ? additions.eachGrams() : additions.lastGrams())),
                CardRun.marked(" When rolled it should feel *%s*: %s.", feel.name(), feel.touchTest()));
    }

    private List<CardRun> roll() {
        RollingWindow window = made.evaluation().window();
        List<CardRun> size = CardRun.marked(
                "Roll to *%s*, %s across",
                written.millimetres(made.portion().size().sheetMm()),
                written.size(made.portion().size().diameterMm()));
        return CardRun.joined(
                size,
                window == null
                        ? CardRun.marked(". No minute was found in which it rolls well: see the formula.")
                        : CardRun.marked(
                                ", *between minute %d and minute %d*; planned for minute %s.",
                                window.first(), window.last(), written.number(formula.rollAtMinute(), 0)));
    }

    private List<CardRun> cook() {
        Cooking cooking = made.cooking();
        List<CardRun> heat = CardRun.marked(
                "%s *%s*: ", cooking.oven() ? "Bake at" : "Cook at", written.temperature(cooking.panC()));
        if (cooking.sideTwoS() <= 0) {
            return CardRun.joined(
                    heat,
                    CardRun.marked(
                            "*%s*; done when it is dry through and sounds crisp.",
                            written.seconds(cooking.sideOneRange())));
        }
        return CardRun.joined(
                heat,
                CardRun.marked(
                        "first side *%s*, turn when small blisters stand and the edge changes colour; ",
                        written.seconds(cooking.sideOneRange())),
                CardRun.marked(
                        "second side *%s*, done when it has brown spots, no wet patches, and springs back when pressed.",
                        written.seconds(cooking.sideTwoRange())));
    }
}
