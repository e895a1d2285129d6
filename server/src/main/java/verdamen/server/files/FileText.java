package verdamen.server.files;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Limit;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** The text of a file that somebody gave. */
final class FileText {

    private static final char BYTE_ORDER_MARK = '\uFEFF';

    private FileText() {}

    /**
     * The text of a file.
     *
     * @throws RefusedFileException when it is empty, over 5 MB, not UTF-8 or not text
     */
    static String of(byte @Nullable [] file) {
        if (file == null || file.length == 0) {
            throw new RefusedFileException(Reason.EMPTY, null);
        }
        if (file.length > Limit.FILE_BYTES.most()) {
            throw new RefusedFileException(Reason.TOO_LARGE, String.valueOf(file.length));
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            if (text.indexOf('\0') >= 0) {
                throw new RefusedFileException(Reason.OTHER_KIND, null);
            }
            return !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw new RefusedFileException(Reason.WRONG_ENCODING, null);
        }
    }
}
