package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import verdamen.core.bench.BenchStep;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.cooking.Cooking;
import verdamen.core.formula.Formula;
import verdamen.core.portion.Portion;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRow;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;
import verdamen.server.card.CardDocument.CardTable;

/** The bench sheet: what a cook needs who has never made it. */
final class BenchCard {

    private static final Map<WeighedBowl.Kind, String> BOWLS = Map.of(
            WeighedBowl.Kind.FIRST_STAGE, "First stage",
            WeighedBowl.Kind.DRY, "Dry bowl",
            WeighedBowl.Kind.FAT, "Fat",
            WeighedBowl.Kind.WET, "Wet bowl",
            WeighedBowl.Kind.INCLUSIONS, "Worked in",
            WeighedBowl.Kind.FILLING, "Filling",
            WeighedBowl.Kind.SURFACE, "Bench and surface");

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
                                StepWords.pieces(source.made(), written),
                                written.mass(portion.doughGrams()),
                                written.millimetres(portion.size().sheetMm()),
                                written.size(portion.size().diameterMm()),
                                cooking.oven() ? "Oven" : "Pan",
                                written.temperature(cooking.panC())),
                        sizedFor())));
    }

    private List<CardRun> sizedFor() {
        String name = formula.portion().panName();
        return name == null ? List.of() : CardRun.marked(" Sized for: *%s*.", name);
    }

    private CardSection bowls() {
        boolean percentages = asked.shows(CardShown.PERCENTAGES);
        List<CardRow> rows = new ArrayList<>();
        for (WeighedBowl bowl : source.made().run().bowls()) {
            rows.add(CardRow.heading(
                    bowl.stage() == null ? BOWLS.get(bowl.kind()) : StepWords.stageName(bowl.stage(), formula)));
            for (WeighedBowl.Weighed each : bowl.weighed()) {
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
        StepWords words = new StepWords(source.made(), written);
        for (BenchStep step : source.made().run().steps()) {
            steps.addAll(words.of(step));
        }
        return CardSection.of("Make", CardPart.steps(steps));
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
