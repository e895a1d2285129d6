package verdamen.core;

import java.lang.reflect.RecordComponent;
import java.util.Map;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;

/** Walks through an answer of the core, whatever records, lists and maps it is made of. */
final class Answers {

    private static final int DEEPEST = 30;

    private Answers() {}

    /** Shows every value of an answer, with the place where it stands. */
    static void visit(String place, @Nullable Object value, BiConsumer<String, Object> visitor) {
        visit(place, value, visitor, 0);
    }

    private static void visit(String place, @Nullable Object value, BiConsumer<String, Object> visitor, int depth) {
        if (depth > DEEPEST) {
            throw new AssertionError("no end at " + place);
        }
        if (value == null) {
            return;
        }
        visitor.accept(place, value);
        if (value instanceof Iterable<?> all) {
            int at = 0;
            for (Object each : all) {
                visit(place + "[" + at++ + "]", each, visitor, depth + 1);
            }
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((key, each) -> visit(place + "[" + key + "]", each, visitor, depth + 1));
        } else if (value instanceof Record record
                && !record.getClass().getName().endsWith("Pantry")) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                visit(place + "." + component.getName(), read(record, component), visitor, depth + 1);
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
