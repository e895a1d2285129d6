package verdamen.core.model;

import java.util.Arrays;
import java.util.Optional;

/** A choice that has a short code, the same in tables, files, on the API and in the database. */
public interface Coded {

    /** The code, in lower case with hyphens. */
    String code();

    /** The constant of {@code type} with this code, or nothing. */
    static <E extends Enum<E> & Coded> Optional<E> find(Class<E> type, String code) {
        return Arrays.stream(type.getEnumConstants())
                .filter(constant -> constant.code().equals(code))
                .findFirst();
    }
}
