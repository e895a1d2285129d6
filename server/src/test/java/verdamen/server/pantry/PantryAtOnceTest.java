package verdamen.server.pantry;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.RequestContextHolder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import verdamen.core.pantry.Price;
import verdamen.server.ServerTest;

/** The pantry as served is the pantry as committed: under concurrency, after a rollback, with another server beside. */
public class PantryAtOnceTest extends ServerTest {

    private static final int ROUNDS = 40;

    @Autowired
    private PantryService pantry;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private JdbcTemplate jdbc;

    /** What the test asks itself is asked outside a request, which would keep its kitchen's pantry to the end. */
    @BeforeMethod
    public void outsideARequest() {
        RequestContextHolder.resetRequestAttributes();
    }

    @Test
    public void twoChangesAtOnceAreBothServed() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(2);
        try {
            for (int round = 1; round <= ROUNDS; round++) {
                double amount = round;
                List<Callable<Integer>> both =
                        List.of(() -> price("rye-whole", amount), () -> price("lupin-flour", 100 + amount));
                for (Future<Integer> change : pool.invokeAll(both)) {
                    assertEquals(change.get().intValue(), 200);
                }
                assertEquals(served("rye-whole"), amount, "round " + round);
                assertEquals(served("lupin-flour"), 100 + amount, "round " + round);
            }
        } finally {
            pool.shutdown();
        }
    }

    private int price(String code, double amount) {
        return putJson("/api/pantry/ingredients/" + code + "/price", "{\"amount\": " + amount + ", \"per\": \"kg\"}")
                .status();
    }

    private double served(String code) {
        for (JsonNode each : getJson("/api/pantry").expect(200).at("/ingredients")) {
            if (each.get("code").asString().equals(code)) {
                return each.at("/price/amount").asDouble();
            }
        }
        throw new AssertionError(code);
    }

    @Test
    public void aChangeCountsInsideItsTransactionAndNowhereElseUntilItIsCommitted() throws Exception {
        pantry.setPrice("oat-flour", 3.0, "kg");
        ExecutorService other = Executors.newSingleThreadExecutor();
        try {
            transaction.executeWithoutResult(status -> {
                pantry.setPrice("oat-flour", 9.0, "kg");
                assertEquals(price("oat-flour"), 9.0);
                try {
                    assertEquals(other.submit(() -> price("oat-flour")).get(), 3.0, "nobody else sees it");
                } catch (Exception e) {
                    throw new AssertionError(e);
                }
                status.setRollbackOnly();
            });
            assertEquals(price("oat-flour"), 3.0, "nothing is left of what was not committed");
            assertEquals(other.submit(() -> price("oat-flour")).get(), 3.0);
        } finally {
            other.shutdown();
        }
    }

    private double price(String code) {
        Price price = pantry.prices().get(code);
        return price == null ? -1 : price.amount();
    }

    @Test
    public void whatAnotherServerCommitsIsServedAtOnce() {
        pantry.setPrice("pearl-millet-flour", 2.0, "kg");
        assertEquals(price("pearl-millet-flour"), 2.0);
        transaction.executeWithoutResult(status -> {
            jdbc.update("update price set amount = 4 where ingredient_code = 'pearl-millet-flour'");
            jdbc.update("update kitchen set pantry_revision = pantry_revision + 1");
        });
        assertEquals(price("pearl-millet-flour"), 4.0);
    }

    @Test
    public void manyNewIngredientsAreOneStatement() {
        StringBuilder file = new StringBuilder(
                "code,name,role,waterPct,proteinPct,fatPct,carbPct,bulkDensityGPerMl,absorptionPct,source\n");
        for (int i = 0; i < 3500; i++) {
            file.append(",Bulk flour ").append(i).append(",flour,12,13,2,71.5,0.5,66,\n");
        }
        Answer taken = postFile("/api/files/pantry?apply=true", file.toString().getBytes());
        assertEquals(taken.expect(200).at("/added").asInt(), 3500);
        assertTrue(pantry.isOwn("own-bulk-flour-3499"));
        jdbc.update("delete from own_ingredient where code like 'own-bulk-flour-%'");
        jdbc.update("update kitchen set pantry_revision = pantry_revision + 1");
        assertFalse(pantry.isOwn("own-bulk-flour-3499"));
    }
}
