package verdamen.server.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import verdamen.core.evaluation.Evaluation;
import verdamen.core.handling.Disc;
import verdamen.core.handling.RollingWindow;
import verdamen.server.card.CardDocument.CardPicture;
import verdamen.server.card.CardDocument.CardShape;

/** The small pictures of a bench sheet: the piece, and when it is rolled. */
final class CardPictures {

    private static final double WIDTH = 70;
    private static final double ABOVE = 26;
    private static final double LINE = 4;
    private static final double THICK = 9;
    private static final double FILLED_TO = 0.9;
    private static final int MOST_DRAWN = 160;
    private static final int MOST_IN_SECTION = 14;
    private static final String FLOUR = "flour";
    private static final String INCLUSION = "inclusion";
    private static final String INK = "ink";

    private CardPictures() {}

    /** The piece from above and, below it, enlarged, in section, with its inclusion pieces to scale in both. */
    static CardPicture disc(Disc disc, CardFigures written) {
        List<CardShape> shapes = new ArrayList<>();
        double middle = WIDTH / 2;
        double perMm = ABOVE / disc.diameterMm();
        shapes.add(new CardShape("circle", middle, ABOVE / 2 + 1, ABOVE, 0, FLOUR, ""));
        // Where a piece happens to lie is drawn by chance, the same for the same dough.
        Random chance = new Random(Double.doubleToLongBits(disc.diameterMm()));
        above(shapes, disc.inclusions(), perMm, ABOVE, chance);
        above(shapes, disc.fillingPieces(), perMm, FILLED_TO * ABOVE, chance);
        double top = ABOVE + LINE + 4;
        shapes.add(text(middle, ABOVE + LINE + 1, written.size(disc.diameterMm()) + " across"));
        section(shapes, disc, top, chance);
        shapes.add(text(middle, top + THICK + LINE, written.millimetres(disc.sheetMm()) + " thick"));
        return new CardPicture(
                "The piece from above and in section", WIDTH, top + THICK + LINE + 2, List.copyOf(shapes));
    }

    /** Pieces from above, spread over a round. */
    private static void above(
            List<CardShape> shapes, List<Disc.Inside> inclusions, double perMm, double across, Random chance) {
        for (Disc.Inside inside : inclusions) {
            double size = Math.max(0.35, inside.pieceMm() * perMm);
            for (int at = 0; at < Math.min(MOST_DRAWN, Math.round(inside.count())); at++) {
                double radius = Math.max(0, across - size) / 2 * Math.sqrt(chance.nextDouble());
                double angle = 2 * Math.PI * chance.nextDouble();
                double x = WIDTH / 2 + radius * Math.cos(angle) - size / 2;
                double y = ABOVE / 2 + 1 + radius * Math.sin(angle) - size / 2;
                shapes.add(new CardShape("rect", x, y, size, size, INCLUSION, ""));
            }
        }
    }

    private static void section(List<CardShape> shapes, Disc disc, double top, Random chance) {
        double wall = THICK * (1 - disc.fillingShare()) / 2;
        shapes.add(new CardShape("rect", 0, top, WIDTH, THICK, FLOUR, ""));
        if (disc.fillingShare() > 0) {
            shapes.add(new CardShape("rect", 2, top + wall, WIDTH - 4, THICK - 2 * wall, INCLUSION, ""));
        }
        double perMm = THICK / disc.sheetMm();
        cut(shapes, disc.inclusions(), perMm, top, THICK, chance);
        cut(shapes, disc.fillingPieces(), perMm, top + wall, THICK - 2 * wall, chance);
    }

    /** Pieces in section, in a layer of dough or filling. */
    private static void cut(
            List<CardShape> shapes,
            List<Disc.Inside> inclusions,
            double perMm,
            double top,
            double height,
            Random chance) {
        for (Disc.Inside inside : inclusions) {
            double size = Math.min(height, inside.pieceMm() * perMm);
            long count = Math.max(1, Math.round(inside.sharePct() / 100 * WIDTH / Math.max(0.1, size)));
            long drawn = Math.min(MOST_IN_SECTION, count);
            for (int at = 0; at < drawn; at++) {
                double x = at * WIDTH / drawn + chance.nextDouble() * Math.max(0, WIDTH / drawn - size);
                double y = top + chance.nextDouble() * (height - size);
                shapes.add(new CardShape("rect", x, y, size, size, INCLUSION, ""));
            }
        }
    }

    /** The minutes after mixing, with those in which it rolls. */
    static CardPicture window(Evaluation evaluation, CardFigures written) {
        RollingWindow window = evaluation.window();
        double planned = evaluation.formula().rollAtMinute();
        double end = Math.max(60, Math.max(planned, window == null ? 0 : window.last()) * 1.15);
        List<CardShape> shapes = new ArrayList<>();
        double top = LINE + 2;
        shapes.add(new CardShape("rect", 0, top, WIDTH, LINE, "other", ""));
        if (window == null) {
            shapes.add(text(WIDTH / 2, LINE, "no minute in which it rolls well"));
        } else {
            double from = WIDTH * window.first() / end;
            double to = WIDTH * Math.min(end, window.last()) / end;
            shapes.add(new CardShape("rect", from, top, Math.max(0.6, to - from), LINE, FLOUR, ""));
            shapes.add(text((from + to) / 2, LINE, "rolls: " + window.first() + "–" + window.last() + " min"));
        }
        double at = WIDTH * planned / end;
        shapes.add(new CardShape("line", at, top - 0.6, 0, LINE + 1.2, INK, ""));
        double below = top + 2 * LINE;
        shapes.add(
                text(Math.max(8, Math.min(WIDTH - 8, at)), below, "planned: " + written.number(planned, 0) + " min"));
        return new CardPicture("Minutes after flour and water met", WIDTH, below + 2, List.copyOf(shapes));
    }

    private static CardShape text(double x, double y, String words) {
        return new CardShape("text", x, y, 0, 0, INK, words);
    }
}
