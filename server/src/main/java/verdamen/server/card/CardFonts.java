package verdamen.server.card;

import com.lowagie.text.DocumentException;
import com.lowagie.text.Font;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.FontSelector;
import com.lowagie.text.pdf.LayoutProcessor;
import java.awt.Color;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The fonts that ship with Verdamen, embedded into what is printed. A character that the text face does not have comes from
 * the fallback: other scripts, signs.
 */
final class CardFonts {

    private static final List<String> DISPLAY = List.of(
            "young-serif-latin-400", "young-serif-latin-ext-400", "dejavu-sans-700", "noto-sans-devanagari-400");
    private static final List<String> TEXT = List.of(
            "hanken-grotesk-latin-400", "hanken-grotesk-latin-ext-400", "dejavu-sans-400", "noto-sans-devanagari-400");
    private static final List<String> STRONG = List.of(
            "hanken-grotesk-latin-700", "hanken-grotesk-latin-ext-700", "dejavu-sans-700", "noto-sans-devanagari-400");

    private static final int NO_GLYPH = '□';

    private static final Map<String, BaseFont> READ = new ConcurrentHashMap<>();

    /** How words are set. */
    private record Setting(List<String> faces, float size, Color color) {}

    /** Made once for a card: making one reads a font that nobody asked for, and each has a state of its own. */
    private final Map<Setting, FontSelector> selectors = new HashMap<>();

    /** Words in the display face. */
    Phrase display(String words, float size, Color color) {
        return set(words, new Setting(DISPLAY, size, color));
    }

    /** Words in the text face, in one of its weights. */
    Phrase text(String words, boolean strong, float size, Color color) {
        return set(words, new Setting(strong ? STRONG : TEXT, size, color));
    }

    private Phrase set(String words, Setting setting) {
        return selectors.computeIfAbsent(setting, CardFonts::selector).process(printable(words, setting.faces()));
    }

    /** The words with a mark for each character that no face has, which would be left out without a trace. */
    private static String printable(String words, List<String> faces) {
        StringBuilder printable = new StringBuilder();
        words.codePoints().forEach(each -> {
            boolean known = Character.isWhitespace(each)
                    || faces.stream().anyMatch(name -> face(name).charExists(each));
            printable.appendCodePoint(known ? each : NO_GLYPH);
        });
        return printable.toString();
    }

    private static BaseFont face(String name) {
        return READ.computeIfAbsent(name, CardFonts::read);
    }

    /** The text face alone, for what is drawn. */
    static BaseFont drawn() {
        return face(TEXT.get(0));
    }

    private static FontSelector selector(Setting asked) {
        FontSelector selector = new FontSelector();
        for (String name : asked.faces()) {
            selector.addFont(new Font(face(name), asked.size(), Font.NORMAL, asked.color()));
        }
        return selector;
    }

    /** Faces of a script whose letters change places; they are laid out by the platform, which knows how. */
    private static final String LAID_OUT = "noto-sans-devanagari-400";

    private static BaseFont read(String name) {
        if (!name.equals(LAID_OUT)) {
            return readFile(name);
        }
        synchronized (LayoutProcessor.class) {
            LayoutProcessor.enable();
            LayoutProcessor.setWriteActualText();
            return readFile(name);
        }
    }

    private static BaseFont readFile(String name) {
        try (InputStream in = CardFonts.class.getResourceAsStream("/fonts/" + name + ".ttf")) {
            if (in == null) {
                throw new IllegalStateException("no font " + name);
            }
            return BaseFont.createFont(
                    "fonts/" + name + ".ttf",
                    BaseFont.IDENTITY_H,
                    BaseFont.EMBEDDED,
                    BaseFont.CACHED,
                    in.readAllBytes(),
                    null);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        } catch (DocumentException broken) {
            throw new IllegalStateException("font " + name + " is broken", broken);
        }
    }
}
