package verdamen.server.json;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;

/**
 * Where the next page of a list begins: behind this row. Pages go on from there however long the list is.
 *
 * @param value what the row is sorted by, as text
 * @param id its id
 */
public record ListPlace(String value, long id) {

    /** The place as it goes to the page and comes back. */
    public String cursor() {
        return Base64.getUrlEncoder()
                .withoutPadding()
                .encodeToString((id + " " + value).getBytes(StandardCharsets.UTF_8));
    }

    /** The place that a page was given; null, with a fault, when it is none. */
    public static @Nullable ListPlace of(String cursor, Faults faults) {
        try {
            String text = new String(Base64.getUrlDecoder().decode(cursor), StandardCharsets.UTF_8);
            int space = text.indexOf(' ');
            return new ListPlace(text.substring(space + 1), Long.parseLong(text.substring(0, space)));
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            faults.add(null, "after", FaultCode.UNKNOWN_CODE, cursor);
            return null;
        }
    }
}
