package verdamen.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import verdamen.server.testing.TestDatabase;

/** A test of the server over its API, with a real PostgreSQL and the demo data. */
@SpringBootTest(properties = "verdamen.demo=true")
@AutoConfigureMockMvc
public abstract class ServerTest extends AbstractTestNGSpringContextTests {

    private static final String DATABASE = TestDatabase.fresh("server_test");

    @Autowired
    private MockMvc mvc;

    @Autowired
    protected JsonMapper json;

    /** An answer: its status and its body. */
    protected record Answer(int status, String contentType, JsonNode body) {

        public Answer expect(int expected) {
            assertEquals(status, expected, body.toString());
            return this;
        }

        public JsonNode at(String pointer) {
            return body.at(pointer);
        }
    }

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        registry.add("spring.datasource.url", () -> DATABASE);
        registry.add("spring.datasource.username", () -> TestDatabase.USER);
    }

    protected Answer getJson(String path) {
        return perform(get(path));
    }

    protected Answer postJson(String path, String body) {
        return perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    /** As {@link #postJson}, under an idempotency key. */
    protected Answer postWithKey(String path, String body, String key) {
        return perform(post(path)
                .contentType(MediaType.APPLICATION_JSON)
                .header("Idempotency-Key", key)
                .content(body));
    }

    protected Answer putJson(String path, String body) {
        return perform(put(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    /** All rows of the list of formulas, page by page. */
    protected List<JsonNode> formulaRows() {
        List<JsonNode> rows = new ArrayList<>();
        String after = "";
        do {
            Answer page = getJson("/api/formulas?limit=200" + after).expect(200);
            page.at("/rows").forEach(rows::add);
            after = page.at("/next").isNull()
                    ? null
                    : "&after=" + page.at("/next").asString();
        } while (after != null);
        return rows;
    }

    /** Gives a file to the server. */
    protected Answer postFile(String path, byte[] file) {
        return perform(
                post(path).contentType(MediaType.APPLICATION_OCTET_STREAM).content(file));
    }

    /** The text that is answered, whatever its kind. */
    protected String getText(String path) {
        return new String(getBytes(path), StandardCharsets.UTF_8);
    }

    /** The bytes that are answered, whatever their kind. */
    protected byte[] getBytes(String path) {
        try {
            MockHttpServletResponse response =
                    mvc.perform(get(path).with(loopback())).andReturn().getResponse();
            assertEquals(response.getStatus(), 200, path);
            return response.getContentAsByteArray();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    /** Finishes every batch that is being made: no more than four are at a time, and other tests leave some. */
    protected void clearTheBench() {
        for (JsonNode each : getJson("/api/bench").expect(200).at("/batches")) {
            postJson("/api/batches/" + each.at("/batch/id").asLong() + "/finish", "")
                    .expect(200);
        }
    }

    protected Answer delete(String path) {
        return perform(MockMvcRequestBuilders.delete(path));
    }

    /** As a program on this machine asks. */
    private static RequestPostProcessor loopback() {
        return request -> {
            if (request.getHeader(HttpHeaders.HOST) == null) {
                request.addHeader(HttpHeaders.HOST, "127.0.0.1:8080");
            }
            return request;
        };
    }

    /** The answer as it is, with its headers. */
    protected MockHttpServletResponse response(MockHttpServletRequestBuilder request) {
        try {
            return mvc.perform(request.with(loopback())).andReturn().getResponse();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    protected Answer perform(MockHttpServletRequestBuilder request) {
        try {
            MockHttpServletResponse response =
                    mvc.perform(request.with(loopback())).andReturn().getResponse();
            String body = response.getContentAsString(StandardCharsets.UTF_8);
            return new Answer(response.getStatus(), String.valueOf(response.getContentType()), json.readTree(body));
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }
}
