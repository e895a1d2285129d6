package verdamen.core;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.MeasuredFigure;

/** The worked cases of the dough model. */
public final class WorkedCases {

    private static final ObjectMapper JSON = new ObjectMapper();

    private WorkedCases() {}

    /** One case: its name, what is asked and what must come out. */
    public record WorkedCase(String name, FormulaSpec request, JsonNode expected) {
        @Override
        public String toString() {
            return name;
        }
    }

    public static List<WorkedCase> all() {
        return read("balance/balance-cases.json");
    }

    /** The cases of revision 2 of the model. */
    public static List<WorkedCase> ofRevisionTwo() {
        return read("revision/balance-cases-2.json");
    }

    private static List<WorkedCase> read(String resource) {
        try (InputStream in = WorkedCases.class.getResourceAsStream(resource)) {
            List<WorkedCase> cases = new ArrayList<>();
            for (JsonNode node : JSON.readTree(in)) {
                cases.add(new WorkedCase(
                        node.get("name").asString(), request((ObjectNode) node.get("request")), node.get("expected")));
            }
            return cases;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The cases write what was measured of a line beside its grams. */
    private static FormulaSpec request(ObjectNode request) {
        for (JsonNode line : request.path("lines")) {
            ObjectNode measured = JSON.createObjectNode();
            for (MeasuredFigure figure : MeasuredFigure.values()) {
                JsonNode value = ((ObjectNode) line).remove(figure.code());
                if (value != null) {
                    measured.set(figure.code(), value);
                }
            }
            ((ObjectNode) line).set("measured", measured);
        }
        return JSON.treeToValue(request, FormulaSpec.class);
    }

    /**
     * A case of the stations: what is asked beside the formula, too.
     *
     * @param name its name
     * @param formula the formula
     * @param asked everything that is asked
     * @param expected what must come out
     */
    public record StationCase(String name, FormulaSpec formula, JsonNode asked, JsonNode expected) {
        @Override
        public String toString() {
            return name;
        }
    }

    /** The worked cases of a part of the stations' model. */
    public static List<StationCase> station(String part) {
        try (InputStream in = WorkedCases.class.getResourceAsStream("station-cases.json")) {
            List<StationCase> cases = new ArrayList<>();
            for (JsonNode node : JSON.readTree(in).get(part)) {
                JsonNode asked = node.get("request");
                cases.add(new StationCase(
                        node.get("name").asString(),
                        request((ObjectNode) asked.get("formula")),
                        asked,
                        node.get("expected")));
            }
            return cases;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The worked cases of feel words: {@code words} or {@code observed}, a row each. */
    public static Object[][] feel(String part) {
        try (InputStream in = WorkedCases.class.getResourceAsStream("feel-cases.json")) {
            List<Object[]> rows = new ArrayList<>();
            JSON.readTree(in).get(part).forEach(each -> rows.add(new Object[] {each}));
            return rows.toArray(Object[][]::new);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Object[][] rows() {
        return all().stream().map(each -> new Object[] {each}).toArray(Object[][]::new);
    }
}
