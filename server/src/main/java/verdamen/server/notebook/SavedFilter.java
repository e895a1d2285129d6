package verdamen.server.notebook;

import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/**
 * What the notebook was asked for, under a name.
 *
 * @param name its name, 1 to 40 characters
 * @param address what is asked, as the page's address has it
 */
public record SavedFilter(
        @Within(Limit.WORD) @Nullable String name,
        @Within(Limit.NOTE) @Nullable String address) {}
