package verdamen.server.card;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/**
 * A PDF read back by another library.
 *
 * @param pages how many pages it has
 * @param widthPt width of its first page, points
 * @param text its words
 * @param embedded whether each of its fonts is inside, by name
 * @param strong what is set in a bold face, word after word
 */
record PdfRead(int pages, double widthPt, String text, Map<String, Boolean> embedded, String strong) {

    static PdfRead of(byte[] file) {
        try (PDDocument document = Loader.loadPDF(file)) {
            Strong stripper = new Strong();
            String text = stripper.getText(document);
            Map<String, Boolean> fonts = new LinkedHashMap<>();
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    var font = page.getResources().getFont(name);
                    fonts.put(font.getName(), font.isEmbedded());
                }
            }
            return new PdfRead(
                    document.getNumberOfPages(),
                    document.getPage(0).getMediaBox().getWidth(),
                    text,
                    fonts,
                    String.join("", stripper.strong));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Collects what is bold on the way. */
    private static final class Strong extends PDFTextStripper {

        private final List<String> strong = new ArrayList<>();

        @Override
        protected void writeString(String words, List<TextPosition> positions) throws IOException {
            for (TextPosition each : positions) {
                strong.add(each.getFont().getName().contains("Bold") ? each.getUnicode() : "|");
            }
            super.writeString(words, positions);
        }
    }
}
