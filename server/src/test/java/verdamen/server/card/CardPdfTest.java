package verdamen.server.card;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;

/** Cards as PDF, read back by another library. */
public class CardPdfTest {

    private static CardDocument card(String title, CardPaper paper, CardBand... bands) {
        return new CardDocument(
                CardKind.BENCH, paper, title, "made up", List.of(bands), "foot", "http://localhost/1", null);
    }

    private static PdfRead read(CardDocument card) {
        return PdfRead.of(CardPdf.write(card));
    }

    @DataProvider
    Object[][] names() {
        return new Object[][] {
            {"Rôti à l’épinard, déjà vu"},
            {"Żółty placek z dynią"},
            {"Čaj, ořech, třešeň, İncir"},
            {"Лепёшка с тыквой"},
            {"Πίτα με σπανάκι"},
            {"½ cup × 3 → ≈ 240 °C"},
        };
    }

    @Test(dataProvider = "names")
    public void namesWithAccentsAndInOtherScriptsAreThere(String name) {
        PdfRead read = read(card(
                name,
                CardPaper.A4,
                CardBand.of(CardSection.of(name, CardPart.text(CardRun.of(name), CardRun.strong(name))))));
        assertEquals(read.text().split(java.util.regex.Pattern.quote(name), -1).length, 5, read.text());
        assertTrue(
                read.embedded().values().stream().allMatch(each -> each),
                read.embedded().toString());
    }

    @Test
    public void lettersThatChangePlacesReadAsTheyWereWritten() {
        for (String name : List.of("रोटी", "खिचड़ी", "मूंग")) {
            PdfRead read = read(card(name, CardPaper.A4));
            assertTrue(read.embedded().keySet().stream().anyMatch(each -> each.contains("Devanagari")), name);
        }
    }

    @Test
    public void whatIsWrittenFromTheRightIsThere() {
        PdfRead read = read(card("לחם 3 שלום", CardPaper.A4));
        assertTrue(read.text().contains("לחם"), read.text());
        assertTrue(read.text().contains("שלום"), read.text());
    }

    @Test
    public void aCharacterThatNoFaceHasLeavesAMark() {
        PdfRead read = read(card("Flat 饼 bread", CardPaper.A4));
        assertTrue(read.text().contains("Flat □ bread"), read.text());
    }

    @Test
    public void theFacesAreOursAndOthersOnlyWhereTheyAreNeeded() {
        PdfRead plain = read(card("Plain", CardPaper.A4, CardBand.of(CardSection.of("", CardPart.small("words")))));
        assertTrue(
                plain.embedded().keySet().stream()
                        .allMatch(each -> each.matches("[A-Z]{6}\\+(YoungSerif|HankenGrotesk).*")),
                plain.embedded().toString());
        PdfRead other = read(card("Тест", CardPaper.A4));
        assertTrue(other.embedded().keySet().stream().anyMatch(each -> each.contains("DejaVu")));
    }

    @Test
    public void aLongCardGoesOnOverPagesOfItsPaper() {
        CardBand band = CardBand.of(
                CardSection.of("Make", CardPart.steps(Collections.nCopies(120, List.of(CardRun.of("Knead it."))))));
        PdfRead a4 = read(card("Long", CardPaper.A4, band));
        assertTrue(a4.pages() > 1, a4.pages() + " pages");
        assertEquals(a4.widthPt(), 595.3, 0.1);
        assertTrue(a4.text().contains("120"), "the last step is there");
        assertTrue(a4.text().contains("page " + a4.pages()));
        assertEquals(read(card("Long", CardPaper.LETTER, band)).widthPt(), 612, 0.1);
    }

    @Test
    public void whatStandsOutIsBoldAndAnAsteriskInANameIsNoMark() {
        CardPart part = CardPart.text(CardRun.marked("Weigh *%s* of %s.", "120 g", "5* flour *"));
        PdfRead read = read(card("T", CardPaper.A4, CardBand.of(new CardSection("", List.of(part)))));
        assertTrue(read.text().contains("Weigh 120 g of 5* flour *."), read.text());
        assertTrue(read.strong().contains("120"), read.strong());
        assertTrue(!read.strong().contains("flour"), read.strong());
    }

    @Test
    public void manyAtOnceAreAllWhole() {
        List<String> read = IntStream.range(0, 24)
                .parallel()
                .mapToObj(at -> card(
                        "रोटी Лепёшка " + at,
                        CardPaper.A4,
                        CardBand.of(CardSection.of(
                                "Make",
                                CardPart.steps(Collections.nCopies(
                                        40, List.of(CardRun.strong("Knead "), CardRun.of("żółć × " + at))))))))
                .map(each -> read(each).text())
                .toList();
        for (int at = 0; at < read.size(); at++) {
            assertEquals(read.get(at).split("Knead żółć × " + at + "\\b", -1).length, 41, "card " + at);
        }
    }
}
