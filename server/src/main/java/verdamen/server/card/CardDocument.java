package verdamen.server.card;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A card, worded and laid out, but not yet drawn: the page and the PDF draw the same.
 *
 * @param kind what card it is
 * @param paper what it is printed on
 * @param title its title
 * @param under what it is a card of, and of which version
 * @param bands what stands on it, from top to bottom
 * @param foot what stands at the foot of each page
 * @param link address that opens the formula on this server; null when it is not shown
 * @param qr the same as a QR code; null when it is not shown
 */
public record CardDocument(
        CardKind kind,
        CardPaper paper,
        String title,
        String under,
        List<CardBand> bands,
        String foot,
        @Nullable String link,
        @Nullable CardQr qr) {

    /**
     * Sections side by side.
     *
     * @param sections the sections, from the left
     * @param widths the share of the width that each has
     */
    record CardBand(List<CardSection> sections, List<Double> widths) {

        static CardBand of(CardSection... sections) {
            return new CardBand(
                    List.of(sections),
                    List.of(sections).stream().map(each -> 1.0).toList());
        }
    }

    /**
     * A section.
     *
     * @param heading its heading; empty for none
     * @param parts what stands in it
     */
    record CardSection(String heading, List<CardPart> parts) {

        static CardSection of(String heading, CardPart... parts) {
            return new CardSection(heading, List.of(parts));
        }
    }

    /**
     * What stands in a section: one of these.
     *
     * @param text a paragraph
     * @param small whether it is set small
     * @param steps numbered steps
     * @param table a table
     * @param picture a picture
     */
    record CardPart(
            @Nullable List<CardRun> text,
            boolean small,
            @Nullable List<List<CardRun>> steps,
            @Nullable CardTable table,
            @Nullable CardPicture picture) {

        static CardPart text(CardRun... runs) {
            return new CardPart(List.of(runs), false, null, null, null);
        }

        static CardPart text(List<CardRun> runs) {
            return new CardPart(List.copyOf(runs), false, null, null, null);
        }

        static CardPart small(String text) {
            return new CardPart(List.of(CardRun.of(text)), true, null, null, null);
        }

        static CardPart steps(List<List<CardRun>> steps) {
            return new CardPart(null, false, List.copyOf(steps), null, null);
        }

        static CardPart table(CardTable table) {
            return new CardPart(null, false, null, table, null);
        }

        static CardPart picture(CardPicture picture) {
            return new CardPart(null, false, null, null, picture);
        }
    }

    /**
     * Words in one weight.
     *
     * @param text the words
     * @param strong whether they stand out
     */
    public record CardRun(String text, boolean strong) {

        private static final char MARK = '\u0001';

        static CardRun of(String text) {
            return new CardRun(text, false);
        }

        static CardRun strong(String text) {
            return new CardRun(text, true);
        }

        /**
         * Words in which what stands between asterisks stands out.
         *
         * @param template the words, with the places of {@code words} as in a format
         * @param words what is put into them as it is, asterisks and all
         */
        static List<CardRun> marked(String template, Object... words) {
            String[] parts = template.replace('*', MARK).formatted(words).split(String.valueOf(MARK), -1);
            List<CardRun> runs = new ArrayList<>();
            for (int at = 0; at < parts.length; at++) {
                if (!parts[at].isEmpty()) {
                    runs.add(new CardRun(parts[at], at % 2 == 1));
                }
            }
            return runs;
        }

        /** Runs one after another. */
        @SafeVarargs
        static List<CardRun> joined(List<CardRun>... runs) {
            return Arrays.stream(runs).flatMap(List::stream).toList();
        }
    }

    /**
     * A table.
     *
     * @param columns the headings of its columns; all empty for none
     * @param numbers whether each column holds numbers, which stand to the right
     * @param rows its rows
     */
    record CardTable(List<String> columns, List<Boolean> numbers, List<CardRow> rows) {}

    /**
     * A row of a table.
     *
     * @param heading whether it heads the rows that follow
     * @param cells its cells; a heading has one
     */
    record CardRow(boolean heading, List<List<CardRun>> cells) {

        static CardRow heading(String text) {
            return new CardRow(true, List.of(List.of(CardRun.strong(text))));
        }

        static CardRow of(String... cells) {
            return new CardRow(
                    false,
                    List.of(cells).stream()
                            .map(each -> List.of(CardRun.of(each)))
                            .toList());
        }
    }

    /**
     * A small picture.
     *
     * @param name what it shows, in words
     * @param widthMm how wide it is on paper, mm
     * @param heightMm how high it is on paper, mm
     * @param shapes what is drawn, from the back to the front
     */
    record CardPicture(String name, double widthMm, double heightMm, List<CardShape> shapes) {}

    /**
     * Something drawn, in mm from the upper left corner.
     *
     * @param kind {@code rect}, {@code circle}, {@code line} or {@code text}
     * @param x left edge, or middle of a circle, or where a text is centred
     * @param y upper edge, or middle of a circle, or the base line of a text
     * @param width width, or diameter of a circle, or how far a line goes to the right
     * @param height height, or how far a line goes down; 0 for a circle and a text
     * @param material code of its colour: a material, or {@code ink}
     * @param text its text; empty for none
     */
    record CardShape(String kind, double x, double y, double width, double height, String material, String text) {}

    /**
     * A QR code.
     *
     * @param size modules along an edge, its quiet zone included
     * @param rows each row, a {@code 1} for a dark module, from the top
     */
    record CardQr(int size, List<String> rows) {}
}
