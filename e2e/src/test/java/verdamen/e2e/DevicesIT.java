package verdamen.e2e;

import static org.testng.Assert.assertTrue;

import java.util.regex.Pattern;
import org.openqa.selenium.By;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Simulated devices, live, and a batch that takes their readings on a fast clock. */
public class DevicesIT extends StationTest {

    private static final String TAKE_BACK = """
            const done = arguments[0];
            const post = (path, body) => fetch(path, {
              method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
            fetch('/api/bench').then(answer => answer.json())
              .then(({ batches }) => Promise.all(
                  batches.map(({ batch }) => fetch('/api/batches/' + batch.id, { method: 'DELETE' }))))
              .then(() => post('/api/devices/simulation', { putGrams: -10000, burner: 0, plug: 'scale', in: true }))
              .then(() => post('/api/devices/clock', {}))
              .then(() => done());
            """;

    @AfterMethod
    public void takeBack() {
        driver().executeAsyncScript(TAKE_BACK);
    }

    private static String device(String kind) {
        return "[data-device=" + kind + "]";
    }

    private void shows(String selector, String pattern) {
        Pattern wanted = Pattern.compile(pattern);
        patience()
                .until(driver -> wanted.matcher(
                                driver.findElement(By.cssSelector(selector)).getText())
                        .find());
    }

    @Test
    public void theScaleIsLiveAndALostLineIsSaid() {
        open("/bench/devices");
        type("[aria-label='Put on the scale']", "120");
        button("Put on");
        shows(device("scale"), "1(1[789]|2[0123]) g");
        click(device("scale") + " button");
        waitForText(device("scale"), "–");
        css(device("scale") + "[data-lost=true]");
        click(device("scale") + " button");
        shows(device("scale"), "1(1[789]|2[0123]) g");
        button("Tare");
        shows(device("scale"), "(^|\\D)[−]?[0123](\\.\\d)? g");
    }

    @Test
    public void aBatchTakesItsReadingsOnAFastClock() {
        open("/bench/devices");
        button("600 ×");
        css("[data-testid=practice]");
        button("100 %");
        shows(device("pan"), "(1[5-9]|2)\\d\\d? °C");
        type("[aria-label='Put on the scale']", "105");
        button("Put on");
        shows(device("scale"), "10\\d g");
        open("/bench?formula=" + server().formulaId("Pumpkin and emmer roti"));
        button("Begin");
        css("[data-step=set-up]");
        waitForText("[data-testid=batch-line]", "practice clock");
        button("Done");
        css("[data-step=mix-dry]");
        button("Done");
        css("[data-step=pour]");
        shows("[data-testid=from-scale] [data-testid=live]", "1[01]\\d g");
        button("Poured, as it shows");
        shows("[data-testid=poured]", "Poured 1[01]\\d g");
        shows("[data-testid=minute]", "minute [1-9]");
        String clock = css("[data-testid=minute]").getText();
        assertTrue(clock.matches("minute \\d+"), clock);
        open("/bench/devices");
        button("Set it right");
        waitForText("[data-testid=devices]", "still uses it");
    }
}
