package verdamen.server.kitchen;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.ibatis.session.SqlSessionFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;
import verdamen.server.ServerTest;

/** Every statement on a kitchen's tables is scoped to the kitchen of the request. */
public class KitchenScopeTest extends ServerTest {

    private static final Pattern TABLE = Pattern.compile(
            "\\b(?:from|join|update|into)\\s+([a-z_]+)(?:\\s+(?!where|set|on|order|join|left|values|limit|returning|using)([a-z]))?\\b");

    @Autowired
    private SqlSessionFactory sessions;

    @Autowired
    private JdbcTemplate jdbc;

    private List<String> owned() {
        return jdbc.queryForList(
                "select table_name from information_schema.columns where table_schema = 'public' and column_name ="
                        + " 'kitchen_id'",
                String.class);
    }

    @Test
    public void everyTableButTheProgramsOwnCarriesItsKitchen() {
        List<String> without = jdbc.queryForList(
                "select table_name from information_schema.tables where table_schema = 'public' and table_name not in"
                        + " (select table_name from information_schema.columns where column_name = 'kitchen_id')"
                        + " order by 1",
                String.class);
        assertEquals(without, List.of("flyway_schema_history", "kitchen"));
    }

    @Test
    public void noStatementForgetsTheKitchen() {
        List<String> owned = owned();
        List<String> forgetful = new ArrayList<>();
        int looked = 0;
        for (Element statement : statements()) {
            looked++;
            forgotten(statement.getTextContent(), owned)
                    .forEach(table -> forgetful.add(statement.getAttribute("id") + ": " + table));
        }
        assertTrue(looked > 60, "statements looked at: " + looked);
        assertEquals(forgetful, List.of());
    }

    @Test
    public void everyStatementStandsInXml() {
        long known = sessions.getConfiguration().getMappedStatementNames().stream()
                .filter(name -> name.startsWith("verdamen."))
                .count();
        assertEquals(known, statements().size(), "an annotated statement would escape the look at the XML");
    }

    /** The statements of all mappers, with the fragments that they include. */
    private static List<Element> statements() {
        List<Element> statements = new ArrayList<>();
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/mapper"))) {
            for (Path file : files.toList()) {
                DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
                factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
                Element mapper =
                        factory.newDocumentBuilder().parse(file.toFile()).getDocumentElement();
                NodeList children = mapper.getElementsByTagName("*");
                for (int at = 0; at < children.getLength(); at++) {
                    Element child = (Element) children.item(at);
                    if (List.of("select", "insert", "update", "delete").contains(child.getTagName())) {
                        include(child, mapper);
                        statements.add(child);
                    }
                }
            }
        } catch (IOException | ParserConfigurationException | SAXException e) {
            throw new AssertionError(e);
        }
        return statements;
    }

    private static void include(Element statement, Element mapper) {
        NodeList includes = statement.getElementsByTagName("include");
        for (int at = 0; at < includes.getLength(); at++) {
            Element include = (Element) includes.item(at);
            NodeList fragments = mapper.getElementsByTagName("sql");
            for (int each = 0; each < fragments.getLength(); each++) {
                Element fragment = (Element) fragments.item(each);
                if (fragment.getAttribute("id").equals(include.getAttribute("refid"))) {
                    include.setTextContent(fragment.getTextContent());
                }
            }
        }
    }

    /** Tables of a kitchen that some SQL names without asking for their kitchen. */
    private static List<String> forgotten(String text, List<String> owned) {
        String sql = text.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        List<String> forgotten = new ArrayList<>();
        Matcher tables = TABLE.matcher(sql);
        while (tables.find()) {
            String alias = tables.group(2);
            if (owned.contains(tables.group(1))
                    && !sql.contains(alias == null ? "kitchen_id" : alias + ".kitchen_id")) {
                forgotten.add(tables.group(1));
            }
        }
        return forgotten;
    }

    @Test
    public void aStatementThatForgetsIsFound() {
        List<String> owned = List.of("formula", "formula_version");
        assertEquals(forgotten("select * from formula f where f.id = 1", owned), List.of("formula"));
        assertEquals(
                forgotten("select * from formula f join formula_version v on true where f.kitchen_id = ?", owned),
                List.of("formula_version"));
        assertEquals(forgotten("delete from formula where kitchen_id = ?", owned), List.of());
    }
}
