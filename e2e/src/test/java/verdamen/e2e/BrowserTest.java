package verdamen.e2e;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.logging.Level;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.testng.ITestListener;
import org.testng.ITestResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Listeners;

/** A test in Debian's headless Chromium, at 1280x800, that fails on any script error. */
@Listeners(BrowserTest.Pictures.class)
public abstract class BrowserTest {

    private static final Path PICTURES = Path.of("target", "failures");
    private static final Duration PATIENCE = Duration.ofSeconds(15);

    /** Whether the class begins with the demo data; otherwise with an empty kitchen. */
    protected boolean demo() {
        return true;
    }

    @BeforeClass
    public void beginAfresh() {
        // Nothing that the last page still does reaches the fresh data.
        OneBrowser.open("about:blank");
        OneBrowser.freshData(demo());
        forget();
        size(1280, 800);
    }

    /** Takes a picture of a failure before anything is put back. */
    public static class Pictures implements ITestListener {

        @Override
        public void onTestFailure(ITestResult result) {
            if (result.getInstance() instanceof BrowserTest test) {
                test.picture(result.getName());
            }
        }
    }

    @AfterMethod
    public void lookForErrors(ITestResult result) {
        assertEquals(String.join("\n", scriptErrors()), "", "script errors after " + result.getName());
    }

    protected RunningServer server() {
        return OneBrowser.server();
    }

    protected ChromeDriver driver() {
        return OneBrowser.driver();
    }

    /** The address of a formula. */
    protected String formula(String name) {
        return "/formulas/" + server().formulaId(name);
    }

    protected BalancePage openBalance(String formula) {
        open(formula(formula) + "/balance");
        return balance();
    }

    protected BalancePage balance() {
        return new BalancePage(driver(), patience());
    }

    protected IntakePage intake() {
        return new IntakePage(driver(), patience());
    }

    protected FormulasPage formulas() {
        return new FormulasPage(driver(), patience());
    }

    protected Hand hand() {
        return new Hand(patience());
    }

    protected void open(String path) {
        OneBrowser.open(server().url() + path);
    }

    /** Forgets what the browser keeps, unsaved edits and the theme, before the page that is opened next begins. */
    protected void forget() {
        OneBrowser.forgetOnOpening();
    }

    protected WebDriverWait patience() {
        WebDriverWait wait = new WebDriverWait(driver(), PATIENCE);
        wait.pollingEvery(Duration.ofMillis(50));
        wait.ignoring(StaleElementReferenceException.class);
        return wait;
    }

    protected void press(CharSequence... keys) {
        new Actions(driver()).sendKeys(keys).perform();
    }

    protected void pressWith(Keys modifier, String key) {
        new Actions(driver()).keyDown(modifier).sendKeys(key).keyUp(modifier).perform();
    }

    protected void size(int width, int height) {
        driver().executeCdpCommand(
                        "Emulation.setDeviceMetricsOverride",
                        Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    /** Errors of scripts so far; an answer of the API that refuses something is not one. */
    protected List<String> scriptErrors() {
        return driver().manage().logs().get(LogType.BROWSER).getAll().stream()
                .filter(entry -> entry.getLevel().intValue() >= Level.SEVERE.intValue())
                .map(LogEntry::getMessage)
                .filter(message -> !message.contains("/api/"))
                .toList();
    }

    /** Fails with what axe finds on the page as it stands. */
    protected void everybodyCanUseIt() {
        assertEquals(String.join("\n", Axe.findings(driver(), false)), "", "everybody can use it");
    }

    private void picture(String name) {
        try {
            Files.createDirectories(PICTURES);
            Files.write(PICTURES.resolve(name + ".png"), driver().getScreenshotAs(OutputType.BYTES));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
