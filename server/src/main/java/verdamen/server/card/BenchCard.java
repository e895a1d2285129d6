package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import verdamen.core.balance.Additions;
import verdamen.core.card.BenchStep;
import verdamen.core.card.Bowl;
import verdamen.core.cooking.Cooking;
import verdamen.core.formula.FatTiming;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Portioning;
import verdamen.core.handling.RollingWindow;
import verdamen.core.pantry.Feel;
import verdamen.core.portion.Portion;
import verdamen.core.prep.Chain;
import verdamen.core.prep.StepKind;
import verdamen.core.prep.StepResult;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRow;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;
import verdamen.server.card.CardDocument.CardTable;

/** The bench sheet: what a cook needs who has never made it. */
final class BenchCard {

    private static final Map<Bowl.Kind, String> BOWLS = Map.of(
            Bowl.Kind.FIRST_STAGE, "First stage",
            Bowl.Kind.DRY, "Dry bowl",
            Bowl.Kind.FAT, "Fat",
            Bowl.Kind.WET, "Wet bowl",
            Bowl.Kind.INCLUSIONS, "Worked in",
            Bowl.Kind.FILLING, "Filling",
            Bowl.Kind.SURFACE, "Bench and surface");

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

    private final CardSource source;
    private final CardQuestion asked;
    private final CardFigures written;
    private final Formula formula;

    private BenchCard(CardSource source, CardQuestion asked) {
        this.source = source;
        this.asked = asked;
        this.written = asked.figures();
        this.formula = source.formula();
    }

    static List<CardBand> bands(CardSource source, CardQuestion asked, CardWords words) {
        return new BenchCard(source, asked).bands(words);
    }

    private List<CardBand> bands(CardWords words) {
        List<CardBand> bands = new ArrayList<>();
        bands.add(CardBand.of(atAGlance()));
        if (asked.shows(CardShown.PICTURES)) {
            bands.add(new CardBand(
                    List.of(
                            bowls(),
                            CardSection.of(
                                    "The piece",
                                    CardPart.picture(
                                            CardPictures.disc(source.portion().disc(), written)),
                                    CardPart.picture(CardPictures.window(source.evaluation(), written)))),
                    List.of(1.35, 1.0)));
        } else {
            bands.add(CardBand.of(bowls()));
        }
        bands.add(CardBand.of(steps()));
        bands.add(CardBand.of(firstPiece(), KeptParts.section("Keeping", source.keeping(), written)));
        bands.add(CardBand.of(words.cautions(source.cautions(), written)));
        if (asked.shows(CardShown.NOTE) && !source.version().note().isBlank()) {
            bands.add(CardBand.of(CardSection.of(
                    "Note of this version",
                    CardPart.text(CardRun.of(source.version().note())))));
        }
        return List.copyOf(bands);
    }

    private CardSection atAGlance() {
        Portion portion = source.portion();
        Cooking cooking = source.cooking();
        return CardSection.of(
                "",
                CardPart.text(CardRun.joined(
                        CardRun.marked(
                                "Makes *%s* from %s of dough, rolled *%s* thick and %s across. %s *%s*.",
                                pieces(portion),
                                written.mass(portion.doughGrams()),
                                written.millimetres(portion.size().sheetMm()),
                                written.centimetres(portion.size().diameterMm()),
                                cooking.oven() ? "Oven" : "Pan",
                                written.temperature(cooking.panC())),
                        sizedFor())));
    }

    private List<CardRun> sizedFor() {
        String name = formula.portion().panName();
        return name == null ? List.of() : CardRun.marked(" Sized for: *%s*.", name);
    }

    private String pieces(Portion portion) {
        List<Portioning.SizeSpec> sizes = formula.portion().sizesOrNone();
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

    private CardSection bowls() {
        boolean percentages = asked.shows(CardShown.PERCENTAGES);
        List<CardRow> rows = new ArrayList<>();
        for (Bowl bowl : source.run().bowls()) {
            rows.add(CardRow.heading(BOWLS.get(bowl.kind())));
            for (Bowl.Weighed each : bowl.weighed()) {
                String warmth = each.celsius() == null ? "" : ", " + written.temperature(each.celsius());
                String name = each.name() + warmth;
                String pct = each.bakersPct() == null ? "" : written.percent(each.bakersPct());
                rows.add(
                        percentages
                                ? CardRow.of(name, written.mass(each.grams()), pct)
                                : CardRow.of(name, written.mass(each.grams())));
            }
        }
        List<CardPart> parts = new ArrayList<>();
        parts.add(CardPart.table(new CardTable(
                percentages ? List.of("", "weigh", "on flour") : List.of("", "weigh"),
                percentages ? List.of(false, true, true) : List.of(false, true),
                List.copyOf(rows))));
        List<String> undecided = source.declaration().undecided();
        if (!undecided.isEmpty()) {
            parts.add(CardPart.small("As needed, not weighed yet: " + String.join(", ", undecided) + "."));
        }
        return new CardSection("Weigh", List.copyOf(parts));
    }

    private CardSection steps() {
        List<List<CardRun>> steps = new ArrayList<>();
        for (BenchStep step : source.run().steps()) {
            if (step.kind() == BenchStep.Kind.PREPARE) {
                formula.preps().forEach(chain -> steps.add(prepared(chain)));
            } else {
                steps.add(words(step));
            }
        }
        return CardSection.of("Make", CardPart.steps(steps));
    }

    private List<CardRun> prepared(Chain chain) {
        List<String> done = new ArrayList<>();
        for (StepResult each : chain.steps()) {
            if (!each.skipped()) {
                boolean changes = Math.abs(each.after().grams() - each.before().grams()) >= 0.5;
                done.add(PREPARING.get(each.kind())
                        + (changes ? " (to " + written.mass(each.after().grams()) + ")" : ""));
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

    private List<CardRun> words(BenchStep step) {
        String minutes = step.minutes() == null ? "" : written.minutes(step.minutes());
        String degrees = step.celsius() == null ? "" : written.temperature(step.celsius());
        String warmth = degrees.isEmpty() ? "" : " at " + degrees;
        return switch (step.kind()) {
            case PREPARE -> List.of();
            case SPONGE ->
                CardRun.marked("Mix the *first stage* and let it rise for *%s*%s, covered.", minutes, warmth);
            case SOAKER ->
                CardRun.marked("Mix the *first stage* and let it swell for *%s*%s, covered.", minutes, warmth);
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
            case DIVIDE -> CardRun.marked("Divide it into *%s*.", pieces(source.portion()));
            case FILL ->
                CardRun.marked(
                        "Enclose *%s* of filling in each.",
                        written.mass(source.portion().size().fillingGrams()));
            case ROLL -> roll();
            case COOK -> cook();
            case FINISH -> CardRun.marked("What stands under *bench and surface* goes on bench, hands and hot bread.");
            case KEEP ->
                CardRun.marked("Keep it *%s*.", source.keeping().storage().name());
        };
    }

    private List<CardRun> pour(BenchStep step, String warmth) {
        double grams = step.grams() == null ? 0 : step.grams();
        boolean withFat = formula.fatTiming() == FatTiming.WITH_WATER && has(Bowl.Kind.FAT);
        if (!has(Bowl.Kind.WET)) {
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

    private boolean has(Bowl.Kind kind) {
        return source.run().bowls().stream().anyMatch(bowl -> bowl.kind() == kind);
    }

    private List<CardRun> heldBack(BenchStep step) {
        Additions additions = source.evaluation().balance().water().additions();
        Feel feel = source.evaluation().feel();
        return CardRun.joined(
                CardRun.marked(
                        "Beyond that have up to *%s* of water ready, and give it in additions of *%s*, only as the dough asks for it.",
                        written.mass(step.grams() == null ? 0 : step.grams()),
                        written.mass(additions.full() > 0 ? additions.eachGrams() : additions.lastGrams())),
                feel == null
                        ? List.of()
                        : CardRun.marked(" When rolled it should feel *%s*: %s.", feel.name(), feel.touchTest()));
    }

    private List<CardRun> roll() {
        RollingWindow window = source.evaluation().window();
        List<CardRun> size = CardRun.marked(
                "Roll to *%s*, %s across",
                written.millimetres(source.portion().size().sheetMm()),
                written.centimetres(source.portion().size().diameterMm()));
        return CardRun.joined(
                size,
                window == null
                        ? CardRun.marked(". No minute was found in which it rolls well: see the formula.")
                        : CardRun.marked(
                                ", *between minute %d and minute %d*; planned for minute %s.",
                                window.first(), window.last(), written.number(formula.rollAtMinute(), 0)));
    }

    private List<CardRun> cook() {
        Cooking cooking = source.cooking();
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

    private CardSection firstPiece() {
        Cooking cooking = source.cooking();
        String place = cooking.oven() ? "oven" : "pan";
        return CardSection.of(
                "The first piece is a trial",
                CardPart.text(CardRun.marked(
                        "Pale after *%s s*: %s to %s, or %s s longer on a side.",
                        written.number(cooking.first().lookS(), 0),
                        place,
                        written.temperature(cooking.first().panIfPaleC()),
                        written.number(cooking.first().secondsIfPale(), 0))),
                CardPart.text(CardRun.marked(
                        "Dark before it is dry inside: %s to %s, and the full time.",
                        place, written.temperature(cooking.first().panIfDarkC()))),
                CardPart.text(CardRun.marked(
                        "About *%s pieces an hour*; a cooked piece weighs %s.",
                        written.number(Math.floor(cooking.piecesPerHour()), 0), written.mass(cooking.cookedGrams()))),
                CardPart.small("The cues go before the seconds: these are off by a quarter and more."));
    }
}
