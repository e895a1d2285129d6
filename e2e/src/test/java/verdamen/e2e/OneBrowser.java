package verdamen.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.Map;
import java.util.logging.Level;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import verdamen.server.testing.TestDatabase;

/** The one server and the one browser of all classes of a process, with the data to which every class goes back. */
final class OneBrowser {

    private static final String DATABASE = "e2e";
    private static final String EMPTY = "e2e_empty";
    private static final String FORGET = "if (location.protocol === 'http:') localStorage.clear()";
    private static final OneBrowser INSTANCE = new OneBrowser();

    private final RunningServer server;
    private final ChromeDriver driver;
    private final Path demo;
    /** Made once a class wants it. */
    private @Nullable Path empty;
    /** The script that the page opened next begins with; null when it forgets nothing. */
    private @Nullable Object forgetting;

    private OneBrowser() {
        server = RunningServer.start(DATABASE);
        driver = browser();
        server.awaitAnswer();
        demo = TestDatabase.snapshot(DATABASE);
        Runtime.getRuntime().addShutdownHook(new Thread(driver::quit));
    }

    static RunningServer server() {
        return INSTANCE.server;
    }

    static ChromeDriver driver() {
        return INSTANCE.driver;
    }

    /** Puts the data back to the demo's, or to an empty kitchen's. */
    static void freshData(boolean withDemo) {
        TestDatabase.restore(DATABASE, withDemo ? INSTANCE.demo : INSTANCE.empty());
    }

    /** An empty kitchen is what the migrations make: no server needs to start for it. */
    private Path empty() {
        if (empty == null) {
            TestDatabase.of(EMPTY, migrations());
            empty = TestDatabase.snapshot(EMPTY);
        }
        return empty;
    }

    private static Path migrations() {
        Path folder = Path.of(System.getProperty("verdamen.root"), "server/src/main/resources/db/migration");
        try (Stream<Path> all = Files.list(folder)) {
            Path script = Files.createTempFile("verdamen-migrations", ".sql");
            script.toFile().deleteOnExit();
            for (Path each :
                    all.sorted(Comparator.comparingInt(OneBrowser::version)).toList()) {
                Files.writeString(script, Files.readString(each), StandardOpenOption.APPEND);
            }
            return script;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The number of a migration, as in V12__batches.sql. */
    private static int version(Path migration) {
        return Integer.parseInt(migration.getFileName().toString().replaceAll("V(\\d+)__.*", "$1"));
    }

    /** Opens a page; one that is to forget begins with an empty storage, whatever the page before it wrote last. */
    static void open(String url) {
        driver().get(url);
        if (INSTANCE.forgetting != null && !url.startsWith("about:")) {
            driver().executeCdpCommand(
                            "Page.removeScriptToEvaluateOnNewDocument", Map.of("identifier", INSTANCE.forgetting));
            INSTANCE.forgetting = null;
        }
    }

    /** Has the page that is opened next forget what the browser keeps before any script of it runs. */
    static void forgetOnOpening() {
        if (INSTANCE.forgetting == null) {
            INSTANCE.forgetting = driver().executeCdpCommand(
                            "Page.addScriptToEvaluateOnNewDocument", Map.of("source", FORGET))
                    .get("identifier");
        }
    }

    private static ChromeDriver browser() {
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-dev-shm-usage",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--hide-scrollbars",
                // Every frame of what fades is drawn by the processor that the tests need.
                "--force-prefers-reduced-motion",
                "--user-data-dir=" + profile());
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        return new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                        .build(),
                options);
    }

    private static Path profile() {
        try {
            return Files.createTempDirectory("verdamen-chromium");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
