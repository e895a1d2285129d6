package verdamen.core.model;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Coefficients and rules: complete, unmistakable, and the only numbers of the model. */
public class CoefficientTest {

    private static final Path SOURCES = Path.of("src", "main", "java");

    /** Arithmetic: halves and squares, percent, tenths, millimetres in a centimetre, minutes in an hour, grams in a kilo. */
    private static final Set<String> ARITHMETIC =
            Set.of("0", "0.0", "1", "1.0", "2", "3", "4", "0.5", "10", "10.0", "60", "100", "1000");

    /** Where numbers are not of the model: limits of what is typed, and words for numbers. */
    private static final Set<String> ELSEWHERE = Set.of("Limit.java", "Numerals.java");

    private static final Pattern WORD = Pattern.compile("\\w+");
    private static final Pattern NUMBER = Pattern.compile("(?<![\\w.])(\\d[\\d_]*\\.?\\d*(?:e-?\\d+)?)(?![\\w.])");

    @DataProvider
    Object[][] coefficients() {
        return Arrays.stream(Coefficient.values())
                .map(coefficient -> new Object[] {coefficient})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "coefficients")
    public void hasUnitSourceConfidenceAndReason(Coefficient coefficient) {
        assertTrue(coefficient.rationale().length() > 5, coefficient.name());
        assertNotNull(coefficient.unit());
        assertNotNull(coefficient.source());
        assertNotNull(coefficient.confidence());
        assertTrue(Double.isFinite(coefficient.value()));
        assertTrue(coefficient.topic().matches("[a-z]+"), coefficient.topic());
    }

    @Test(dataProvider = "coefficients")
    public void whatIsOurOwnJudgementIsNotSaidToBeSure(Coefficient coefficient) {
        if (coefficient.source() == Coefficient.Source.JUDGEMENT) {
            assertEquals(coefficient.confidence(), Confidence.LOW, coefficient.name());
        }
    }

    @Test
    public void everyNameInAFormulaIsAnInputOrACoefficientAndNotBoth() {
        Set<String> symbols = new HashSet<>();
        Arrays.stream(Symbol.values()).forEach(symbol -> symbols.add(symbol.name()));
        Set<String> coefficients = new HashSet<>();
        Arrays.stream(Coefficient.values()).forEach(coefficient -> coefficients.add(coefficient.name()));
        for (Rule rule : Rule.values()) {
            for (String name : rule.names()) {
                assertTrue(symbols.contains(name) != coefficients.contains(name), rule + ": " + name);
            }
            assertTrue(rule.names().size() > 1, rule.name());
        }
    }

    @Test
    public void everySymbolIsUsed() throws IOException {
        Map<String, Long> uses = sources().stream()
                .flatMap(source -> WORD.matcher(text(source)).results())
                .collect(Collectors.groupingBy(MatchResult::group, Collectors.counting()));
        for (Symbol symbol : Symbol.values()) {
            assertTrue(uses.getOrDefault(symbol.name(), 0L) > 1, symbol.name());
        }
    }

    @Test
    public void noOtherNumberOfTheModelStandsInTheCode() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path source : sources()) {
            if (ELSEWHERE.contains(source.getFileName().toString())) {
                continue;
            }
            String code = text(source)
                    .replaceAll("(?s)/\\*.*?\\*/", "")
                    .replaceAll("//.*", "")
                    .replaceAll("\"(\\\\.|[^\"\\\\])*\"", "");
            for (String line : code.split("\n")) {
                Matcher matcher = NUMBER.matcher(line);
                while (matcher.find()) {
                    boolean tolerance = matcher.group(1).matches("1e-\\d+");
                    if (!tolerance && !ARITHMETIC.contains(matcher.group(1))) {
                        found.add(source.getFileName() + ": " + line.strip());
                    }
                }
            }
        }
        assertEquals(found, List.of());
    }

    private static List<Path> sources() throws IOException {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            return files.filter(file -> file.toString().endsWith(".java"))
                    .sorted()
                    .toList();
        }
    }

    private static String text(Path source) {
        try {
            return Files.readString(source);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
