package verdamen.server.notebook;

import static org.testng.Assert.assertTrue;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.server.ServerTest;

/**
 * The notebook's search over 100,000 batches against the plain SQL of the same question, and its page over the API. No test: run it alone, with nothing
 * beside it, as it runs in a kitchen, by {@code mvn -pl server test -Dtest=NotebookBenchmark -DargLine=-XX:+UseSerialGC}.
 */
public class NotebookBenchmark extends ServerTest {

    private static final int BATCHES = 100_000;
    private static final long WARM_NANOS = 2_000_000_000L;
    private static final int TIMED = 200;
    private static final double MOST_MS = 300;
    private static final double MOST_TIMES = 2;

    private static final String GENERATE = """
            insert into batch (kitchen_id, uid, formula_id, version_number, factor, started_at, finished_at, verdict, practice,
                               name, said, tags, uses, ingredients)
            select 1, gen_random_uuid(), f.id, 1, 1, now() - n * interval '37 minutes', now() - n * interval '37 minutes' + interval '2 hours',
                   (array ['well', 'middling', 'badly', null])[1 + n % 4], false,
                   (array ['Pumpkin roti', 'Nettle tortilla', 'Parsnip paratha', 'Pea pita', 'Kale roti', 'Barley tortilla'])[1 + n % 6]
                       || ' ' || (n % 97),
                   (array ['soft and even', 'stuck to the bench', 'puffed at once', 'dry by noon', 'tore at the stems'])[1 + n % 5]
                       || case when n % 1009 = 0 then ' kohlrabi' else '' end,
                   case when n % 7 = 0 then array ['school'] when n % 11 = 0 then array ['market', 'sunday'] else array[]::text[] end,
                   array [(array ['wheat-atta', 'rye-whole', 'barley-pearled-flour', 'emmer-whole'])[1 + n % 4], 'water', 'salt-fine'],
                   (array ['Atta', 'Whole rye flour', 'Barley flour', 'Whole emmer'])[1 + n % 4] || ' Water Salt'
            from generate_series(1, {batches}) n, (select min(id) as id from formula) f
            """;

    private static final String INDEX_WORDS = """
            update batch set search = to_tsvector('simple',
                name || ' ' || said || ' ' || array_to_string(tags, ' ') || ' ' || ingredients)
            """;

    @Autowired
    private DataSource database;

    @Autowired
    private NotebookList list;

    @BeforeClass
    public void generate() throws SQLException {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(GENERATE.replace("{batches}", String.valueOf(BATCHES)));
            statement.executeUpdate(INDEX_WORDS);
            statement.execute("vacuum analyze batch");
        }
    }

    /** What is asked over the API, and its condition in SQL. */
    @DataProvider
    Object[][] questions() {
        return new Object[][] {
            {"the newest", "", "true", "started_at desc, id desc"},
            {"by name", "sort=name&down=false", "true", "name, id"},
            {
                "a rare word",
                "search=kohlrabi",
                "search @@ to_tsquery('simple', 'kohlrabi:*')",
                "started_at desc, id desc"
            },
            {"a common word", "search=roti", "search @@ to_tsquery('simple', 'roti:*')", "started_at desc, id desc"},
            {
                "two words",
                "search=stuck+nettle",
                "search @@ to_tsquery('simple', 'stuck:* & nettle:*')",
                "started_at desc, id desc"
            },
            {"a verdict", "verdict=badly", "verdict = 'badly'", "started_at desc, id desc"},
            {"a tag", "tag=sunday", "tags @> array['sunday']", "started_at desc, id desc"},
            {"a flour", "ingredient=rye-whole", "uses @> array['rye-whole']", "started_at desc, id desc"},
            {
                "all together",
                "search=roti&verdict=well&ingredient=wheat-atta",
                "search @@ to_tsquery('simple', 'roti:*') and verdict = 'well' and uses @> array['wheat-atta']",
                "started_at desc, id desc"
            },
        };
    }

    @Test(dataProvider = "questions")
    public void aPageIsQuick(String name, String asked, String condition, String order) throws SQLException {
        String page =
                "select id, formula_id, version_number, name, factor, started_at, finished_at, verdict, said, tags,"
                        + " practice from batch where kitchen_id = 1 and " + condition + " order by " + order
                        + " limit 51";
        String count = "select count(*) from batch where kitchen_id = 1 and " + condition;
        NotebookList.Parameters parameters = parameters(asked);
        double sql = median(() -> {
            try (Connection connection = database.getConnection()) {
                read(connection, page);
                read(connection, count);
            }
        });
        double search = median(() -> list.page(parameters));
        double api = median(() -> getJson("/api/notebook?" + asked).expect(200));
        System.out.printf(
                "%-14s plain SQL %6.2f ms, search %6.2f ms, page over the API %6.2f ms%n", name, sql, search, api);
        assertTrue(api <= MOST_MS, name + ": a page takes " + api + " ms");
        assertTrue(search <= MOST_TIMES * sql, name + ": the search takes " + search + " ms, plain SQL " + sql + " ms");
    }

    private static NotebookList.Parameters parameters(String asked) {
        Map<String, String> said = new HashMap<>();
        for (String each : asked.split("&")) {
            String[] pair = each.split("=");
            if (pair.length == 2) {
                said.put(pair[0], pair[1].replace('+', ' '));
            }
        }
        Boolean down = said.containsKey("down") ? Boolean.valueOf(said.get("down")) : null;
        return new NotebookList.Parameters(
                said.get("search"),
                null,
                said.get("ingredient"),
                said.get("verdict"),
                said.get("tag"),
                null,
                null,
                said.get("sort"),
                down,
                null,
                null);
    }

    /** Asks and reads everything, without a plan kept from the last time: what people look for is another word each time. */
    private static void read(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            int columns = rows.getMetaData().getColumnCount();
            while (rows.next()) {
                for (int column = 1; column <= columns; column++) {
                    rows.getObject(column);
                }
            }
        }
    }

    /** The milliseconds that something takes once everything it needs is warm. */
    private static double median(Timed timed) throws SQLException {
        long from = System.nanoTime();
        while (System.nanoTime() - from < WARM_NANOS) {
            timed.run();
        }
        double[] ms = new double[TIMED];
        for (int run = 0; run < TIMED; run++) {
            long start = System.nanoTime();
            timed.run();
            ms[run] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(ms);
        return ms[TIMED / 2];
    }

    private interface Timed {
        void run() throws SQLException;
    }
}
