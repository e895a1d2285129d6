package verdamen.server.photo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.server.ServerTest;

/** Photographs of batches over the API. */
public class PhotoApiTest extends ServerTest {

    private long batch;

    @BeforeMethod
    public void begin() {
        clearTheBench();
        batch = postJson("/api/bench", "{\"key\": \"%s\", \"formula\": 1, \"version\": 2}".formatted(UUID.randomUUID()))
                .expect(200)
                .at("/batch/id")
                .asLong();
    }

    @AfterMethod
    public void takeBack() {
        delete("/api/batches/" + batch).expect(200);
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private Answer keep(UUID key, byte[] file) {
        return postFile("/api/batches/" + batch + "/photos?caption=charred&key=" + key, file);
    }

    private JsonNode photos() {
        return getJson("/api/bench/" + batch).expect(200).at("/photos");
    }

    @Test
    public void aPhotographIsKeptOnceAndSeenWithItsBatch() throws IOException {
        UUID key = UUID.randomUUID();
        keep(key, png()).expect(200);
        JsonNode kept = keep(key, png()).expect(200).body();
        assertEquals(kept.size(), 1, "sent twice it is one");
        assertEquals(photos().toString(), kept.toString());
        assertEquals(kept.at("/0/caption").asString(), "charred");
        assertEquals(kept.at("/0/width").asInt(), 600);
        byte[] jpeg = getBytes("/api/photos/" + kept.at("/0/id").asLong());
        byte[] small = getBytes("/api/photos/" + kept.at("/0/id").asLong() + "/small");
        assertEquals(jpeg[0] & 0xff, 0xff);
        assertTrue(small.length < jpeg.length);
        assertEquals(
                getJson("/api/notebook/compare?items=b" + batch + ",v1-2")
                        .expect(200)
                        .at("/items/0/photos/0/id")
                        .asLong(),
                kept.at("/0/id").asLong());
    }

    @Test
    public void itCanBeDeleted() throws IOException {
        long id = keep(UUID.randomUUID(), png()).expect(200).at("/0/id").asLong();
        assertTrue(delete("/api/photos/" + id).expect(200).body().isEmpty());
        assertTrue(photos().isEmpty());
        delete("/api/photos/" + id).expect(404);
    }

    @Test
    public void whatIsNoPhotographIsRefused() {
        assertEquals(
                keep(UUID.randomUUID(), "text".getBytes(StandardCharsets.UTF_8))
                        .expect(422)
                        .at("/reason")
                        .asString(),
                "no-photo");
        assertEquals(
                keep(UUID.randomUUID(), new byte[10 * 1024 * 1024 + 1])
                        .expect(422)
                        .at("/reason")
                        .asString(),
                "photo-too-large");
        assertTrue(photos().isEmpty());
    }

    @Test
    public void itNeedsAKeyAndABatch() throws IOException {
        assertEquals(
                postFile("/api/batches/" + batch + "/photos?key=mine", png())
                        .expect(422)
                        .at("/faults/0/field")
                        .asString(),
                "key");
        postFile("/api/batches/987654321/photos?key=" + UUID.randomUUID(), png())
                .expect(404);
    }

    @Test
    public void theKitchensFileBringsThemBack() throws IOException {
        JsonNode kept = keep(UUID.randomUUID(), png()).expect(200).at("/0");
        JsonNode told = getJson("/api/files/kitchen")
                .expect(200)
                .at("/photos")
                .valueStream()
                .filter(each ->
                        each.at("/uid").asString().equals(kept.at("/uid").asString()))
                .findFirst()
                .orElseThrow();
        delete("/api/photos/" + kept.at("/id").asLong()).expect(200);
        byte[] file = "{\"format\": \"verdamen-kitchen\", \"version\": 3, \"formulas\": [], \"photos\": [%s]}"
                .formatted(told)
                .getBytes(StandardCharsets.UTF_8);
        postFile("/api/files/formulas", file).expect(200);
        postFile("/api/files/formulas", file).expect(200);
        assertEquals(photos().size(), 1);
        assertEquals(photos().at("/0/uid").asString(), kept.at("/uid").asString());
        assertFalse(photos().at("/0/caption").asString().isEmpty());
    }
}
