package verdamen.core.intake;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Names that stand for several ingredients at once: ginger garlic paste, a mixed flour with its flours in brackets. */
final class SharedNames {

    private static final Pattern GINGER_GARLIC = Pattern.compile(
            "(?i)^(.*?)\\b(?:ginger[\\s-]+(?:and\\s+)?garlic|garlic[\\s-]+(?:and\\s+)?ginger)(?:[\\s-]+paste)?\\b(.*)$");
    private static final Pattern MIXED_FLOUR =
            Pattern.compile("(?i)^(.*?)\\b(?:mixed|mix of|blend of)\\s+flours?\\s*[(:]([^)]*)\\)?(.*)$");
    private static final Pattern BETWEEN = Pattern.compile("(?i)\\s*(?:,|\\band\\b|&|\\+|/)+\\s*(?:and\\s+)?");

    private SharedNames() {}

    /** A line for each ingredient of a shared name, each with the whole amount; empty for any other line. */
    static List<String> of(String line) {
        Matcher both = GINGER_GARLIC.matcher(line);
        if (both.matches()) {
            return List.of(both.group(1) + "ginger" + both.group(2), both.group(1) + "garlic" + both.group(2));
        }
        Matcher mixed = MIXED_FLOUR.matcher(line);
        if (!mixed.matches()) {
            return List.of();
        }
        List<String> flours = Arrays.stream(BETWEEN.split(mixed.group(2)))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        boolean named = flours.size() > 1
                && flours.stream().noneMatch(name -> name.chars().anyMatch(Character::isDigit));
        return named
                ? flours.stream()
                        .map(name ->
                                mixed.group(1) + (name.endsWith("flour") ? name : name + " flour") + mixed.group(3))
                        .toList()
                : List.of();
    }
}
