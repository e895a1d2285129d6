package verdamen.server.card;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Image;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfPageEventHelper;
import com.lowagie.text.pdf.PdfTemplate;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.card.CardDocument.CardPart;
import verdamen.server.card.CardDocument.CardPicture;
import verdamen.server.card.CardDocument.CardQr;
import verdamen.server.card.CardDocument.CardRow;
import verdamen.server.card.CardDocument.CardRun;
import verdamen.server.card.CardDocument.CardSection;
import verdamen.server.card.CardDocument.CardTable;

/** Writes a card as PDF: its words can be searched and copied, its fonts are inside. */
final class CardPdf {

    private static final float POINTS_PER_MM = 72f / 25.4f;
    private static final float MARGIN = 14 * POINTS_PER_MM;
    private static final float FOOT = 16 * POINTS_PER_MM;
    private static final float TEXT = 9.5f;
    private static final float SMALL = 7.5f;
    private static final float HEADING = 12;
    private static final float TITLE = 22;
    private static final float LEADING = 1.32f;
    private static final float QR_MM = 22;
    private static final float GAP = 10;
    private static final Color INK = new Color(0x3d, 0x2b, 0x1f);
    private static final Color SOFT = new Color(0x6d, 0x5c, 0x4d);
    private static final Color HAIRLINE = new Color(0xd9, 0xcd, 0xbb);

    private final CardDocument card;
    private final CardFonts fonts = new CardFonts();
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final Document document;
    private final PdfWriter writer;
    private final float width;

    private CardPdf(CardDocument card) {
        this.card = card;
        CardPaper paper = card.paper();
        Rectangle page =
                new Rectangle((float) paper.widthMm() * POINTS_PER_MM, (float) paper.heightMm() * POINTS_PER_MM);
        document = new Document(page, MARGIN, MARGIN, MARGIN, FOOT);
        writer = PdfWriter.getInstance(document, out);
        width = page.getWidth() - 2 * MARGIN;
    }

    static byte[] write(CardDocument card) {
        return new CardPdf(card).write();
    }

    private byte[] write() {
        document.addTitle(card.title());
        document.addSubject(card.under());
        writer.setPageEvent(new Foot());
        document.open();
        document.add(head());
        for (CardBand band : card.bands()) {
            document.add(band(band));
        }
        document.close();
        return out.toByteArray();
    }

    private PdfPTable head() {
        CardQr qr = card.qr();
        PdfPTable head = table(qr == null ? new float[] {1} : new float[] {1, QR_MM * POINTS_PER_MM / width});
        head.setSpacingAfter(GAP / 2);
        PdfPCell words = cell();
        words.addElement(paragraph(fonts.display(card.title(), TITLE, INK), TITLE, 1.15f));
        words.addElement(paragraph(fonts.text(card.under(), false, TEXT, SOFT), TEXT, LEADING));
        head.addCell(words);
        if (qr != null) {
            PdfPCell code = cell();
            code.addElement(drawn(QR_MM, QR_MM, canvas -> draw(canvas, qr)));
            head.addCell(code);
        }
        return head;
    }

    private PdfPTable band(CardBand band) {
        float[] widths = new float[band.widths().size()];
        for (int at = 0; at < widths.length; at++) {
            widths[at] = band.widths().get(at).floatValue();
        }
        PdfPTable table = table(widths);
        table.setSpacingBefore(GAP / 2);
        table.setSplitLate(false);
        float all = 0;
        for (float each : widths) {
            all += each;
        }
        for (int at = 0; at < widths.length; at++) {
            PdfPCell cell = cell();
            cell.setPaddingRight(at < widths.length - 1 ? 2 * GAP : 0);
            section(cell, band.sections().get(at), width * widths[at] / all - cell.getPaddingRight());
            table.addCell(cell);
        }
        return table;
    }

    private void section(PdfPCell cell, CardSection section, float room) {
        if (!section.heading().isEmpty()) {
            cell.addElement(paragraph(fonts.display(section.heading(), HEADING, INK), HEADING, LEADING));
        }
        for (CardPart part : section.parts()) {
            if (part.text() != null) {
                float size = part.small() ? SMALL : TEXT;
                cell.addElement(paragraph(phrase(part.text(), size, part.small() ? SOFT : INK), size, LEADING));
            }
            if (part.steps() != null) {
                cell.addElement(steps(part.steps()));
            }
            if (part.table() != null) {
                cell.addElement(table(part.table()));
            }
            if (part.picture() != null) {
                cell.addElement(picture(part.picture(), room));
            }
        }
    }

    private Phrase phrase(List<CardRun> runs, float size, Color color) {
        Phrase phrase = new Phrase();
        for (CardRun run : runs) {
            phrase.add(fonts.text(run.text(), run.strong(), size, color));
        }
        return phrase;
    }

    private static Paragraph paragraph(Phrase words, float size, float leading) {
        Paragraph paragraph = new Paragraph(size * leading);
        paragraph.add(words);
        paragraph.setSpacingAfter(2);
        return paragraph;
    }

    private PdfPTable steps(List<List<CardRun>> steps) {
        PdfPTable table = table(new float[] {1, 24});
        for (int at = 0; at < steps.size(); at++) {
            PdfPCell number = cell();
            number.addElement(paragraph(fonts.text(String.valueOf(at + 1), true, TEXT, SOFT), TEXT, LEADING));
            table.addCell(number);
            PdfPCell words = cell();
            words.addElement(paragraph(phrase(steps.get(at), TEXT, INK), TEXT, LEADING));
            table.addCell(words);
        }
        return table;
    }

    private PdfPTable table(CardTable card) {
        int columns = card.numbers().size();
        float[] widths = new float[columns];
        for (int at = 0; at < columns; at++) {
            widths[at] = card.numbers().get(at) ? 1 : 2.4f;
        }
        PdfPTable table = table(widths);
        if (card.columns().stream().anyMatch(each -> !each.isEmpty())) {
            for (int at = 0; at < columns; at++) {
                table.addCell(cell(
                        fonts.text(card.columns().get(at), false, SMALL, SOFT),
                        card.numbers().get(at)));
            }
            table.setHeaderRows(1);
        }
        for (CardRow row : card.rows()) {
            for (int at = 0; at < row.cells().size(); at++) {
                PdfPCell cell = cell(
                        phrase(row.cells().get(at), TEXT, INK), card.numbers().get(at));
                if (row.heading()) {
                    cell.setColspan(columns);
                    cell.setPaddingTop(4);
                }
                cell.setBorder(Rectangle.BOTTOM);
                cell.setBorderWidth(0.4f);
                cell.setBorderColor(HAIRLINE);
                table.addCell(cell);
            }
        }
        return table;
    }

    private static PdfPCell cell(Phrase words, boolean number) {
        PdfPCell cell = new PdfPCell(words);
        cell.setRunDirection(PdfWriter.RUN_DIRECTION_LTR);
        cell.setBorder(Rectangle.NO_BORDER);
        cell.setPadding(1.5f);
        cell.setPaddingLeft(0);
        cell.setHorizontalAlignment(number ? Element.ALIGN_RIGHT : Element.ALIGN_LEFT);
        return cell;
    }

    private static PdfPCell cell() {
        PdfPCell cell = new PdfPCell();
        cell.setRunDirection(PdfWriter.RUN_DIRECTION_LTR);
        cell.setBorder(Rectangle.NO_BORDER);
        cell.setPadding(0);
        return cell;
    }

    private static PdfPTable table(float[] widths) {
        PdfPTable table = new PdfPTable(widths);
        table.setWidthPercentage(100);
        return table;
    }

    /** Draws in mm from the upper left corner. */
    private interface Pen {
        void draw(Canvas canvas);
    }

    /**
     * Something to draw on.
     *
     * @param on the drawing
     * @param heightMm its height, mm
     */
    private record Canvas(PdfContentByte on, double heightMm) {

        void rectangle(double x, double y, double width, double height) {
            on.rectangle(points(x), points(heightMm - y - height), points(width), points(height));
        }

        private static float points(double mm) {
            return (float) mm * POINTS_PER_MM;
        }
    }

    private Image drawn(double widthMm, double heightMm, Pen pen) {
        PdfTemplate template = writer.getDirectContent()
                .createTemplate((float) widthMm * POINTS_PER_MM, (float) heightMm * POINTS_PER_MM);
        pen.draw(new Canvas(template, heightMm));
        return Image.getInstance(template);
    }

    private static void draw(Canvas canvas, CardQr qr) {
        double module = QR_MM / qr.size();
        canvas.on().setColorFill(Color.BLACK);
        for (int y = 0; y < qr.size(); y++) {
            String row = qr.rows().get(y);
            for (int x = 0; x < qr.size(); x++) {
                if (row.charAt(x) == '1') {
                    canvas.rectangle(x * module, y * module, module, module);
                }
            }
        }
        canvas.on().fill();
    }

    private Element picture(CardPicture picture, float room) {
        Image image = drawn(
                picture.widthMm(),
                picture.heightMm(),
                canvas -> picture.shapes().forEach(shape -> draw(canvas, shape)));
        if (image.getScaledWidth() > room) {
            image.scalePercent(100 * room / image.getScaledWidth());
        }
        return image;
    }

    private static void draw(Canvas canvas, CardDocument.CardShape shape) {
        PdfContentByte on = canvas.on();
        on.setColorFill(fill(shape.material()));
        on.setColorStroke(INK);
        on.setLineWidth(0.3f);
        switch (shape.kind()) {
            case "rect" -> {
                canvas.rectangle(shape.x(), shape.y(), shape.width(), shape.height());
                on.fillStroke();
            }
            case "circle" -> {
                on.circle(
                        Canvas.points(shape.x()),
                        Canvas.points(canvas.heightMm() - shape.y()),
                        Canvas.points(shape.width() / 2));
                on.fillStroke();
            }
            case "line" -> {
                on.setLineWidth(1);
                on.moveTo(Canvas.points(shape.x()), Canvas.points(canvas.heightMm() - shape.y()));
                on.lineTo(
                        Canvas.points(shape.x() + shape.width()),
                        Canvas.points(canvas.heightMm() - shape.y() - shape.height()));
                on.stroke();
            }
            default -> {
                on.beginText();
                on.setFontAndSize(CardFonts.drawn(), SMALL);
                on.showTextAligned(
                        Element.ALIGN_CENTER,
                        shape.text(),
                        Canvas.points(shape.x()),
                        Canvas.points(canvas.heightMm() - shape.y()),
                        0);
                on.endText();
            }
        }
    }

    private static Color fill(String material) {
        return switch (material) {
            case "flour" -> new Color(0xe3, 0xcd, 0x93);
            case "inclusion" -> new Color(0x74, 0xa8, 0x4a);
            case "other" -> new Color(0xe9, 0xe4, 0xde);
            default -> INK;
        };
    }

    /** What stands at the foot of each page. */
    private final class Foot extends PdfPageEventHelper {

        @Override
        public void onEndPage(PdfWriter on, Document page) {
            line(on, small(card.foot()), Element.ALIGN_LEFT, page.left());
            line(on, small("page " + on.getPageNumber()), Element.ALIGN_RIGHT, page.right());
            if (card.link() != null) {
                Phrase link = small(card.link());
                ColumnText.showTextAligned(
                        on.getDirectContent(), Element.ALIGN_LEFT, link, page.left(), FOOT / 2 - SMALL * LEADING, 0);
            }
        }

        private Phrase small(String words) {
            return fonts.text(words, false, SMALL, SOFT);
        }

        private void line(PdfWriter on, @Nullable Phrase words, int alignment, float x) {
            ColumnText.showTextAligned(on.getDirectContent(), alignment, words, x, FOOT / 2, 0);
        }
    }
}
