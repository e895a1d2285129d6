package verdamen.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.openqa.selenium.JavascriptExecutor;

/** Looks whether everybody can use what is on the page. */
final class Axe {

    private static final String AXE =
            read(Path.of(System.getProperty("verdamen.root"), "web/node_modules/axe-core/axe.min.js"));

    /** Whether nothing on the page fades or waits for its answer. */
    static final String CALM = """
            !document.querySelector('[data-current=false], [data-stale=true]')
              && document.getAnimations().every(each => each.playState !== 'running')
            """;

    private static final String FINDINGS = "const calm = () => " + CALM + """
            ;
            const [onlyColours, done] = arguments;
            const calmed = tries => calm() || tries === 0
              ? Promise.resolve() : new Promise(later => setTimeout(later, 50)).then(() => calmed(tries - 1));
            const rules = onlyColours ? { runOnly: ['color-contrast'] } : {
              runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
              rules: { 'target-size': { enabled: true }, 'page-has-heading-one': { enabled: true },
                'empty-table-header': { enabled: true } } };
            calmed(100).then(() => axe.run(document, { resultTypes: ['violations'], ...rules }))
              .then(found => done(found.violations.flatMap(({ id, nodes }) =>
                nodes.map(node => id + ' ' + node.target.join(' ') + ' ' + node.any.map(each => each.message).join('; ')))),
                failed => done(['' + failed]));
            """;

    private Axe() {}

    /** What axe finds at levels A and AA, and of headings and tables, once nothing fades or waits for its answer any more. */
    @SuppressWarnings("unchecked")
    static List<String> findings(JavascriptExecutor browser, boolean onlyColours) {
        if (browser.executeScript("return window.axe === undefined").equals(true)) {
            browser.executeScript(AXE);
        }
        return (List<String>) browser.executeAsyncScript(FINDINGS, onlyColours);
    }

    private static String read(Path script) {
        try {
            return Files.readString(script);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
