package verdamen.server.intake;

import java.util.List;
import java.util.stream.Collectors;
import verdamen.core.intake.Finding;

/** Findings of the recipe reader in plain words: what was found and what to do. */
final class FindingWords {

    private FindingWords() {}

    static String of(List<Finding> findings) {
        return findings.stream().map(FindingWords::of).collect(Collectors.joining(" "));
    }

    private static String of(Finding finding) {
        String words = String.join(", ", finding.words());
        return switch (finding.kind()) {
            case NO_INGREDIENT ->
                words.isEmpty()
                        ? "No ingredient is named. Choose one, or leave the line open."
                        : "Nothing in the pantry goes by “" + words
                                + "”. Choose an ingredient, or leave the line open.";
            case DRY_PULSE -> words + " go into a dough boiled: follow them in Prep, where they soak and boil.";
            case LEFT_OPEN -> "The amount is left to the cook.";
            case NO_AMOUNT -> "No amount is stated.";
            case NO_PIECE_WEIGHT -> "What one of these weighs is not known for " + words + ". Weigh it.";
            case ABSURD_AMOUNT -> "No dough holds that much. Check the number.";
            case TAKEN_FOR_GRAMS -> words + " without a measure was taken for grams.";
            case MISSPELT ->
                "“" + finding.words().get(0) + "” was taken for “"
                        + finding.words().get(1) + "”.";
            case ALTERNATIVE -> "The first was taken; it could also be " + words + ".";
            case GENERIC -> "Which flour is not said; " + words + " was taken.";
            case SECOND_AMOUNT -> "“" + words + "” was not counted.";
            case WORDS_LEFT -> "“" + words + "” was not understood.";
        };
    }
}
