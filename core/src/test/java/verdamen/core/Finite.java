package verdamen.core;

import static org.testng.Assert.assertTrue;

import org.jspecify.annotations.Nullable;

/** Looks through an answer for numbers that are none: every one of them would reach the screen. */
public final class Finite {

    private Finite() {}

    /** Fails, naming the place, when a number anywhere in a record is infinite or not a number. */
    public static void check(String what, @Nullable Object answer) {
        Answers.visit(what, answer, (place, value) -> {
            if (value instanceof Double number) {
                assertTrue(Double.isFinite(number), place + " is " + number);
            }
        });
    }
}
