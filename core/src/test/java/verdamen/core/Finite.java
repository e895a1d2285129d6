package verdamen.core;

import static org.testng.Assert.assertTrue;

import java.lang.reflect.RecordComponent;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Looks through an answer for numbers that are none: every one of them would reach the screen. */
public final class Finite {

    private static final int DEEPEST = 30;

    private Finite() {}

    /** Fails, naming the place, when a number anywhere in a record is infinite or not a number. */
    public static void check(String what, @Nullable Object answer) {
        look(what, answer, 0);
    }

    private static void look(String place, @Nullable Object value, int depth) {
        assertTrue(depth < DEEPEST, place);
        if (value instanceof Double number) {
            assertTrue(Double.isFinite(number), place + " is " + number);
        } else if (value instanceof Iterable<?> all) {
            int at = 0;
            for (Object each : all) {
                look(place + "[" + at++ + "]", each, depth + 1);
            }
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((key, each) -> look(place + "[" + key + "]", each, depth + 1));
        } else if (value instanceof Record record
                && !record.getClass().getName().endsWith("Pantry")) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                look(place + "." + component.getName(), read(record, component), depth + 1);
            }
        }
    }

    private static @Nullable Object read(Record record, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
