package verdamen.server.door;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.net.URI;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.server.ServerTest;

/** Other pages and other names do not come in, and no body is larger than its limit. */
public class DoorTest extends ServerTest {

    private static final String PRICE = "{\"amount\": 1.5, \"per\": \"kg\"}";

    private static MockHttpServletRequestBuilder price() {
        return put("/api/pantry/ingredients/wheat-atta/price").content(PRICE);
    }

    @DataProvider
    Object[][] foreign() {
        return new Object[][] {
            {"another name", get("/api/kitchen").header("Host", "kitchen.example:8080"), 421},
            {"a name that begins like ours", get("/api/kitchen").header("Host", "127.0.0.1.example"), 421},
            {"another page", json(price()).header("Origin", "http://elsewhere.example"), 403},
            {"no page at all", json(price()).header("Origin", "null"), 403},
            {"another port of this machine", json(price()).header("Origin", "http://127.0.0.1:9999"), 403},
            {"another site", json(price()).header("Sec-Fetch-Site", "cross-site"), 403},
            {"another server of the site", json(price()).header("Sec-Fetch-Site", "same-site"), 403},
            {"a body of no type", price(), 415},
            {"a file of no type", post("/api/files/formulas").content("{}"), 415},
            {"a body as a form sends it", price().contentType(MediaType.TEXT_PLAIN), 415},
            {
                "parts without a boundary",
                post("/api/balance").contentType("multipart/form-data").content("x"),
                415
            },
            {
                "half a type",
                post("/api/balance").header("Content-Type", "application/*").content("{}"),
                415
            },
            {
                "a type that is none",
                post("/api/balance").header("Content-Type", "json").content("{}"),
                415
            },
        };
    }

    private static MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request) {
        return request.contentType(MediaType.APPLICATION_JSON);
    }

    @Test(dataProvider = "foreign")
    public void refuses(String what, MockHttpServletRequestBuilder request, int status) {
        Answer answer = perform(request).expect(status);
        assertEquals(answer.contentType(), "application/problem+json", what);
    }

    @DataProvider
    Object[][] ours() {
        return new Object[][] {
            {json(price())},
            {json(price()).header("Origin", "http://127.0.0.1:8080").header("Sec-Fetch-Site", "same-origin")},
            {json(price()).header("Host", "localhost:8080").header("Origin", "http://localhost:8080")},
            {get("/api/kitchen").header("Host", "[::1]:8080").header("Sec-Fetch-Site", "none")},
        };
    }

    @Test(dataProvider = "ours")
    public void letsIn(MockHttpServletRequestBuilder request) {
        perform(request).expect(200);
    }

    @DataProvider
    Object[][] headings() {
        return new Object[][] {
            {"X-Content-Type-Options", "nosniff"},
            {"Referrer-Policy", "same-origin"},
            {"Content-Security-Policy", "default-src 'self'"},
            {"Content-Security-Policy", "frame-ancestors 'none'"},
        };
    }

    @Test(dataProvider = "headings")
    public void everyAnswerKeepsOtherPagesOut(String name, String value) {
        for (String path : new String[] {"/api/kitchen", "/api/nowhere", "/"}) {
            MockHttpServletResponse answer = response(get(path));
            assertTrue(String.valueOf(answer.getHeader(name)).contains(value), path + ": " + answer.getHeader(name));
        }
        assertTrue(!String.valueOf(response(get("/")).getHeader("Content-Security-Policy"))
                .contains("script-src 'unsafe-inline'"));
    }

    @Test
    public void noBodyIsLargerThanItsLimit() {
        String large = "{\"style\": \"" + "x".repeat(3_000_000) + "\"}";
        Answer answer = postJson("/api/balance", large).expect(413);
        assertEquals(answer.contentType(), "application/problem+json");
        assertTrue(answer.body().toString().length() < 1000, "the input does not come back");
        postFile("/api/files/recipe", new byte[6_000_000]).expect(413);
    }

    @DataProvider
    Object[][] absurd() {
        Map<String, Integer> bodies = Map.of(
                "{\"style\":\"roti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":1e400}]}",
                422,
                "{\"style\":\"ro\\u0000ti\",\"lines\":[{\"ingredient\":\"wheat-atta\",\"grams\":1}]}",
                422,
                "{\"style\":\"roti\",\"lines\":" + "[".repeat(3000) + "]".repeat(3000) + "}",
                400,
                "{\"style\":\"roti\",\"lines\":[" + "{},".repeat(3100) + "{}]}",
                422,
                "{\"style\":\"" + "y".repeat(1_000_000) + "\",\"lines\":[]}",
                422);
        return bodies.entrySet().stream()
                .map(each -> new Object[] {each.getKey(), each.getValue()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "absurd")
    public void whatIsAbsurdIsRefusedAndNotTold(String body, int status) {
        Answer answer = postJson("/api/balance", body).expect(status);
        assertEquals(answer.contentType(), "application/problem+json");
        assertTrue(
                answer.body().toString().length() < 20_000,
                "length " + answer.body().toString().length());
    }

    @Test
    public void addressesOfTheContainerAreProblemsToo() {
        assertEquals(perform(get("/error")).expect(404).contentType(), "application/problem+json");
        perform(MockMvcRequestBuilders.delete(URI.create("/api/intake/names?name=%00")))
                .expect(422);
        postJson("/api/measures/weigh-ins", "{}").expect(422);
    }
}
