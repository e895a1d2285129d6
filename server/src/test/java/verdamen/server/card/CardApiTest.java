package verdamen.server.card;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Cards over the API, made of the demo kitchen's formulas. */
public class CardApiTest extends ServerTest {

    private long id(String name) {
        return formulaRows().stream()
                .filter(row -> row.at("/name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .at("/id")
                .asLong();
    }

    private PdfRead pdf(String name, String query) {
        var response = response(get("/api/formulas/" + id(name) + "/card.pdf?" + query));
        assertEquals(response.getStatus(), 200);
        assertEquals(response.getContentType(), "application/pdf");
        return PdfRead.of(response.getContentAsByteArray());
    }

    private JsonNode card(String name, String query) {
        return getJson("/api/formulas/" + id(name) + "/card?" + query)
                .expect(200)
                .body();
    }

    @DataProvider
    Object[][] everyDemoFormula() {
        return formulaRows().stream()
                .map(row -> new Object[] {row.at("/name").asString()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "everyDemoFormula")
    public void everyFormulaHasEveryCardWithItsFontsInside(String name) {
        for (String kind : List.of("bench", "spec", "label")) {
            PdfRead read = pdf(name, "kind=" + kind);
            assertTrue(read.text().contains(name), kind);
            assertTrue(read.pages() <= 2, kind + ": " + read.pages() + " pages");
            assertFalse(read.embedded().isEmpty());
            assertFalse(read.embedded().containsValue(false), read.embedded().toString());
            assertFalse(read.text().matches("(?s).*(null|NaN|Infinity|□).*"), read.text());
        }
    }

    @Test
    public void aBenchSheetSaysWhatACookNeeds() {
        String text = pdf("Pumpkin and emmer roti", "kind=bench").text();
        for (String said : List.of(
                "Dry bowl",
                "180 g",
                "45 %",
                "of the plain water first",
                "of water ready",
                "between minute",
                "Cook at",
                "first side",
                "Pale after",
                "use within",
                "Raw flour and raw dough",
                "page 1")) {
            assertTrue(text.contains(said), said + " in " + text);
        }
        String prepared = pdf("Courgette and barley tortilla", "kind=bench").text();
        assertTrue(prepared.contains("press"), prepared);
    }

    @Test
    public void aSpecOpensItsIngredientsWithAllergensInBold() {
        PdfRead read = pdf("Parsnip-filled paratha", "kind=spec");
        assertTrue(read.text().contains("Filling"), read.text());
        assertTrue(read.text().contains("per 100 g cooked"), read.text());
        assertTrue(read.text().contains("kJ"), read.text());
        assertTrue(read.text().contains("makes no claim"), read.text());
        JsonNode parts = card("Parsnip-filled paratha", "kind=spec").at("/bands/1/sections/0/parts");
        List<String> allergens = parts.get(1)
                .at("/text")
                .valueStream()
                .filter(run -> run.at("/strong").asBoolean())
                .map(run -> run.at("/text").asString())
                .toList();
        assertEquals(allergens.size(), 1);
        for (String each : allergens.get(0).split(", ")) {
            assertTrue(read.strong().contains(each), each + " in " + read.strong());
        }
        assertTrue(
                read.text().replaceAll("\\s+", " ").matches(".*Filling [0-9.]+ % \\(.*"),
                "it is opened: " + read.text());
    }

    @Test
    public void aComparisonSetsTwoVersionsSideBySide() {
        String text = pdf("Pumpkin and emmer roti", "kind=comparison&version=4&with=1")
                .text();
        assertTrue(text.contains("version 1") && text.contains("version 4"), text);
        assertTrue(text.contains("softness when rolled"), text);
        JsonNode usual = card("Pumpkin and emmer roti", "kind=comparison");
        assertTrue(usual.at("/bands/0/sections/0/heading").asString().startsWith("Version 3"));
    }

    @Test
    public void figuresAreWrittenAsAskedAndLeftOutAsAsked() {
        String text = pdf(
                        "Pumpkin and emmer roti",
                        "massUnit=oz&lengthUnit=in&temperatureUnit=F&decimalMark=comma&paper=letter&hide=percentages&hide=qr&hide=note")
                .text();
        assertTrue(text.contains("oz"), text);
        assertTrue(text.contains("°F"), text);
        assertTrue(text.contains("1,8 mm"), text);
        assertTrue(text.matches("(?s).*\\d in across.*"), text);
        assertFalse(text.contains(" cm"), text);
        assertFalse(text.contains("on flour"), text);
        assertFalse(text.contains("http"), text);
        assertEquals(pdf("Pumpkin and emmer roti", "paper=letter").widthPt(), 612, 0.1);
    }

    @Test
    public void theQrCodeOpensTheVersionOnThisServer() throws Exception {
        JsonNode card = card("Pumpkin and emmer roti", "version=2");
        int size = card.at("/qr/size").asInt();
        int[] pixels = new int[size * size * 16];
        for (int y = 0; y < size * 4; y++) {
            for (int x = 0; x < size * 4; x++) {
                boolean dark = card.at("/qr/rows").get(y / 4).asString().charAt(x / 4) == '1';
                pixels[y * size * 4 + x] = dark ? 0xff000000 : 0xffffffff;
            }
        }
        String read = new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(size * 4, size * 4, pixels))))
                .getText();
        assertEquals(read, card.at("/link").asString());
        assertTrue(read.matches("http://127.0.0.1(:\\d+)?/formulas/\\d+/card\\?version=2"), read);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"kind=poster", 422, "kind"},
            {"paper=a5", 422, "paper"},
            {"massUnit=stone", 422, "massUnit"},
            {"hide=everything", 422, "hide"},
            {"kind=comparison&version=1", 422, "with"},
            {"version=99", 404, null},
            {"kind=comparison&with=99", 404, null},
            {"version=two", 400, null},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedByName(String query, int status, String field) {
        for (String path : List.of("/card?", "/card.pdf?")) {
            Answer answer = getJson("/api/formulas/" + id("Pumpkin and emmer roti") + path + query);
            assertEquals(answer.status(), status, answer.body().toString());
            assertTrue(answer.contentType().startsWith("application/problem+json"), answer.contentType());
            if (field != null) {
                assertEquals(answer.at("/faults/0/field").asString(), field);
            }
        }
    }

    @Test
    public void aFormulaThatIsNotThereHasNoCard() {
        getJson("/api/formulas/987654/card").expect(404);
    }

    @Test
    public void aNameOfAnyLettersIsPrinted() {
        String name = "Лепёшка * रोटी „Ähre“";
        JsonNode made = postJson(
                        "/api/formulas",
                        "{\"name\":\"%s\",\"note\":\"\",\"formula\":{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":300},{\"ingredient\":\"water\",\"grams\":190}]}}"
                                .formatted(name))
                .expect(201)
                .body();
        var response = response(get("/api/formulas/" + made.at("/id").asLong() + "/card.pdf"));
        assertEquals(response.getStatus(), 200);
        assertTrue(PdfRead.of(response.getContentAsByteArray()).text().contains("Лепёшка *"));
        delete("/api/formulas/" + made.at("/id").asLong());
    }
}
