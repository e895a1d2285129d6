package verdamen.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** The pantry and the measures as CSV: out and in again, tried first, taken whole or not at all. */
public class CsvApiTest extends ServerTest {

    @Test
    public void thePantryGoesOutAndComesBackUnchanged() {
        Answer same = postFile("/api/files/pantry", bytes(getText("/api/files/pantry")))
                .expect(200);
        assertEquals(same.at("/same").asInt(), same.at("/rows").size());
        Answer measures = postFile("/api/files/measures", bytes(getText("/api/files/measures")))
                .expect(200);
        assertEquals(measures.at("/same").asInt(), measures.at("/rows").size());
    }

    @Test
    public void aPantryFileIsTriedFirstThenTakenWholeOrNotAtAll() {
        String good =
                "code,name,role,waterPct,proteinPct,fatPct,carbPct,bulkDensityGPerMl,absorptionPct,priceAmount,source\n"
                        + ",Csv blend,flour,12,13,2,71.5,0.5,66,2.5,\n"
                        + "lupin-flour,,,,,,,,118,,two batches\n";
        Answer tried = postFile("/api/files/pantry", bytes(good)).expect(200);
        assertEquals(tried.at("/added").asInt(), 1);
        assertEquals(tried.at("/changed").asInt(), 1);
        assertFalse(tried.at("/applied").asBoolean());
        assertEquals(figure("lupin-flour"), 115.0);
        String bad = good + "teff-flour,,,300,,,,,,,\nno-such,,,,,,,,,,\n";
        Answer refused = postFile("/api/files/pantry?apply=true", bytes(bad)).expect(200);
        assertEquals(refused.at("/refused").asInt(), 2);
        assertFalse(refused.at("/applied").asBoolean());
        assertEquals(refused.at("/rows/2/faults/0/limit").asDouble(), 100.0);
        assertEquals(figure("lupin-flour"), 115.0);
        assertTrue(postFile("/api/files/pantry?apply=true", bytes(good))
                .expect(200)
                .at("/applied")
                .asBoolean());
        assertEquals(figure("lupin-flour"), 118.0);
        assertEquals(figure("own-csv-blend"), 66.0);
        putJson("/api/pantry/ingredients/lupin-flour/values", "{\"field\":\"absorptionPct\"}")
                .expect(200);
        delete("/api/pantry/ingredients/own-csv-blend").expect(200);
    }

    @Test
    public void figuresOfARowAreJudgedTogether() {
        JsonNode teff = ingredient("teff-flour").at("/composition");
        double water = teff.at("/waterPct").asDouble();
        double carb = teff.at("/carbPct").asDouble();
        String header = "code,waterPct,carbPct,source\n";
        String drier = header + "teff-flour,%s,%s,oven\n".formatted(water - 4, carb + 4);
        assertTrue(postFile("/api/files/pantry?apply=true", bytes(drier))
                .expect(200)
                .at("/applied")
                .asBoolean());
        assertEquals(ingredient("teff-flour").at("/composition/waterPct").asDouble(), water - 4, 1e-9);
        for (String field : new String[] {"waterPct", "carbPct"}) {
            Answer back = putJson("/api/pantry/ingredients/teff-flour/values", "{\"field\":\"%s\"}".formatted(field));
            back.expect(200);
        }
        String both = header + "teff-flour,%s,%s,oven\n".formatted(water + 1.5, carb + 1.5);
        Answer refused = postFile("/api/files/pantry?apply=true", bytes(both)).expect(200);
        assertEquals(refused.at("/refused").asInt(), 1, "each alone would do, both add 3 points");
        assertEquals(ingredient("teff-flour").at("/composition/waterPct").asDouble(), water, 1e-9);
    }

    private JsonNode ingredient(String code) {
        for (JsonNode item : getJson("/api/pantry").expect(200).at("/ingredients")) {
            if (item.get("code").asString().equals(code)) {
                return item;
            }
        }
        throw new AssertionError("no " + code);
    }

    @Test
    public void measuresComeInWithTheirWeighIns() {
        String file = "record,measure,name,plural,millilitres,ingredient,grams,count,weighedAt\n"
                + "vessel,,Csv tin,Csv tins,410,,,,\n"
                + "weigh-in,csv-tin,,,,wheat-atta,230,1,2026-01-02T10:00:00Z\n";
        assertEquals(
                postFile("/api/files/measures?apply=true", bytes(file))
                        .expect(200)
                        .at("/added")
                        .asInt(),
                2);
        assertEquals(
                postFile("/api/files/measures?apply=true", bytes(file))
                        .expect(200)
                        .at("/same")
                        .asInt(),
                2);
        assertEquals(
                postFile("/api/files/measures", bytes(file + "weigh-in,bucket,,,,,10,1,\nspoon,x,,,,,,,\n"))
                        .expect(200)
                        .at("/refused")
                        .asInt(),
                2);
        delete("/api/measures/vessels/csv-tin").expect(200);
    }

    private double figure(String code) {
        return ingredient(code).at("/behaviour/absorptionPct").asDouble();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
