package verdamen.core.rework;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A change with the field in which it was asked for.
 *
 * @param field the field, as faults name it
 * @param change the change
 */
record AskedChange(String field, ChangeSpec change) {

    /** The changes of a list. */
    static List<AskedChange> all(String field, List<ChangeSpec> changes) {
        return IntStream.range(0, changes.size())
                .mapToObj(at -> new AskedChange(field + "[" + at + "]", changes.get(at)))
                .toList();
    }

    /** One change, and others after it. */
    static List<AskedChange> before(AskedChange first, List<AskedChange> others) {
        return Stream.concat(Stream.of(first), others.stream()).toList();
    }
}
