package verdamen.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.By;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** A batch made at the bench, step by step. */
public class BenchIT extends StationTest {

    private static final String STEP = "[data-testid=step][data-step=%s]";

    private static final String TAKE_BACK = """
            const done = arguments[0];
            fetch('/api/bench').then(answer => answer.json())
              .then(({ batches }) => Promise.all(
                  batches.map(({ batch }) => fetch('/api/batches/' + batch.id, { method: 'DELETE' }))))
              .then(() => done());
            """;

    /** No more than four are made at a time. */
    @AfterMethod
    public void takeBack() {
        offline(false);
        driver().executeAsyncScript(TAKE_BACK);
    }

    private void offline(boolean away) {
        driver().executeCdpCommand("Network.enable", Map.of());
        driver().executeCdpCommand(
                        "Network.emulateNetworkConditions",
                        Map.of("offline", away, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    private void begin(String formula) {
        open("/bench?formula=" + server().formulaId(formula));
        button("Begin");
        at("set-up");
    }

    private void at(String step) {
        css(STEP.formatted(step));
    }

    /** Ends the step that is open and waits for the next. */
    private void done(String next) {
        button("Done");
        at(next);
    }

    private void noted(String words) {
        patience()
                .until(driver -> driver.findElements(By.cssSelector("[data-testid=log] li[data-entry]")).stream()
                        .anyMatch(line -> line.getText().contains(words)));
    }

    @Test
    public void aWholeBatchIsMadeAndKept() {
        begin("Pumpkin and emmer roti");
        waitForText("[data-testid=weighed]", "Water");
        List<String> steps = driver().findElements(By.cssSelector("[data-testid=step-list] li")).stream()
                .map(step -> step.getText())
                .toList();
        assertTrue(steps.size() > 8, "steps: " + steps.size());
        for (String next : List.of("mix-dry", "pour")) {
            done(next);
        }
        type("[aria-label='Water poured']", "105");
        button("Note it");
        waitForText("[data-testid=poured]", "Poured 105 g");
        css("[data-testid=bench-now]");
        done("add-inclusions");
        done("hold-back");
        button("Done");
        css("[data-testid=step][data-step^=knead]");
        click("[data-feel=firm]");
        css("[data-testid=bench-advice] [data-action=knead]");
        button("Will do");
        noted("Kneaded on");
        done("rest");
        click("[data-testid=begin-step]");
        waitForText("[data-testid=timers]", "Rest");
        done("divide");
        type("[aria-label='Piece 1']", "47");
        button("Weighed");
        waitForText("[data-testid=divide]", "piece 2 of");
        button("Weighed");
        waitForText("[data-testid=tally]", "±");
        done("roll");
        waitForText("[data-testid=roll]", "Ball 1");
        button("tore");
        waitForText("[data-testid=roll]", "Ball 2");
        button("fine");
        done("cook");
        type("[aria-label='Pan now']", "228");
        click("[data-testid=cook] button.btn-primary");
        button("turn: blisters");
        button("off: full puff");
        waitForText("[data-testid=cook-tally]", "1 cooked");
        done("keep");
        button("Done");
        css("[data-testid=finish]");
        button("came out well");
        type("[aria-label='What there is to say about it']", "rolled easily");
        button("Finish the batch");
        waitForText("[data-testid=finished]", "came out well");
        noted("rolled easily");
        noted("Ball 1 rolled: tore");
        noted("Piece 1 on at 228 °C");
    }

    @Test
    public void whatIsUndoneStaysCrossedOutInTheRecord() {
        begin("Courgette and barley tortilla");
        done("prepare");
        click("[data-testid=log] li:first-child button");
        at("set-up");
        assertTrue(css("[data-testid=log] .line-through").getText().startsWith("Lay out done"));
    }

    @Test
    public void aTimerOutlivesReloadAndIsSeenInASecondWindow() {
        begin("Courgette and barley tortilla");
        type("[aria-label='Name of the timer']", "Griddle on");
        type("[aria-label='Minutes of the timer']", "12");
        button("Start");
        waitForText("[data-testid=timers]", "Griddle on");
        String address = driver().getCurrentUrl();
        driver().navigate().refresh();
        waitForText("[data-testid=timers]", "11:");
        String first = driver().getWindowHandle();
        driver().switchTo().newWindow(WindowType.TAB).get(address);
        waitForText("[data-testid=timers]", "Griddle on");
        button("Griddle on: seen");
        noted("Timer seen");
        driver().close();
        driver().switchTo().window(first);
        noted("Timer seen");
    }

    @Test
    public void manyWindowsDoNotHoldEachOtherUp() {
        begin("Courgette and barley tortilla");
        String address = driver().getCurrentUrl();
        Deque<String> windows = new ArrayDeque<>(List.of(driver().getWindowHandle()));
        // A browser has six lines to a server, for all its windows together.
        for (int window = 0; window < 7; window++) {
            driver().switchTo().newWindow(WindowType.TAB).get(address);
            at("set-up");
            windows.push(driver().getWindowHandle());
        }
        done("prepare");
        noted("Lay out done");
        while (windows.size() > 1) {
            driver().switchTo().window(windows.pop()).close();
        }
        driver().switchTo().window(windows.pop());
        noted("Lay out done");
    }

    @Test
    public void withoutTheServerWorkGoesOnAndEverythingIsSentOnceAndInOrder() {
        begin("Courgette and barley tortilla");
        int before = driver().findElements(By.cssSelector("[data-testid=log] li[data-entry]"))
                .size();
        offline(true);
        button("Done");
        at("prepare");
        css("[data-testid=offline]");
        button("Done");
        css("[data-testid=log] li[data-waiting]:nth-child(2)");
        offline(false);
        patience().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-testid=offline]")));
        noted("Prepare done");
        List<String> noted = driver().findElements(By.cssSelector("[data-testid=log] li[data-entry] .flex-1")).stream()
                .map(line -> line.getText())
                .toList();
        assertEquals(noted.subList(0, 2), List.of("Prepare done", "Lay out done"));
        assertEquals(noted.size(), before + 2, "each of them once");
    }

    @Test
    public void aSizeThatCannotBeIsSaidBesideItsField() {
        open("/bench?formula=" + server().formulaId("Pumpkin and emmer roti"));
        new Select(css("[data-testid=begin] select[data-field=size]")).selectByValue("factor");
        type("[aria-label='How much']", "lots");
        button("Begin");
        waitForText("[data-testid=begin]", "is not a number");
        type("[aria-label='How much']", "2.5");
        button("Begin");
        at("set-up");
        waitForText("[data-testid=batch-line]", "2.5 times");
    }
}
