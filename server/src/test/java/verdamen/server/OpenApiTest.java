package verdamen.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The committed OpenAPI document, from which the front end's types are made, is the one the server gives. */
public class OpenApiTest extends ServerTest {

    private static final Path COMMITTED = Path.of("openapi.json");

    @Test
    public void theCommittedDocumentIsCurrent() throws IOException {
        JsonNode current = getJson("/api/openapi.json").expect(200).body();
        String written = json.writerWithDefaultPrettyPrinter().writeValueAsString(current) + "\n";
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, written);
        }
        assertEquals(
                Files.readString(COMMITTED),
                written,
                "server/openapi.json is stale: mvn -pl server -am test -Dtest=OpenApiTest -Dopenapi.write=true"
                        + " -Dsurefire.failIfNoSpecifiedTests=false");
    }

    @Test
    public void recordsSayWhatIsRequiredAndWhatMayBeNull() {
        JsonNode schemas = getJson("/api/openapi.json").at("/components/schemas");
        JsonNode answer = schemas.get("BalanceAnswer");
        assertTrue(answer.get("required").toString().contains("\"flourGrams\""));
        assertTrue(!answer.get("required").toString().contains("\"window\""));
        assertTrue(answer.at("/properties/window/type").toString().contains("null"));
        assertTrue(schemas.at("/LedgerRow/properties/material/enum").toString().contains("\"inclusion\""));
    }
}
