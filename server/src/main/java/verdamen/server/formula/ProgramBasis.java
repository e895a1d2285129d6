package verdamen.server.formula;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.stream.Collectors;
import org.springframework.util.DigestUtils;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Revision;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** What of the program a computed summary depends on: the book, the coefficients and the model's revision. */
final class ProgramBasis {

    private ProgramBasis() {}

    /** A short text that differs when any of it does. */
    static String of() {
        Pantry book = ReferenceTables.load();
        String all = Revision.ofTheModel()
                + Arrays.stream(Coefficient.values())
                        .map(each -> each + "=" + each.value())
                        .collect(Collectors.joining())
                + book.ingredients()
                + book.styles()
                + book.forms()
                + book.feels();
        return HexFormat.of().formatHex(DigestUtils.md5Digest(all.getBytes(StandardCharsets.UTF_8)));
    }
}
