package verdamen.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** Photographs of the demo: drawn flatbreads on a board, never the same twice. */
final class DrawnBread {

    private static final int WIDTH = 1280;
    private static final int HEIGHT = 960;
    private static final int WAVES = 72;

    private final Random chance;
    private final BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    private final Graphics2D graphics = image.createGraphics();

    private DrawnBread(long seed) {
        this.chance = new Random(seed);
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    }

    /**
     * A flatbread as a PNG.
     *
     * @param seed which one of many
     * @param darkness how far it is coloured, 0 to 1
     * @param green share of green flecks in it, 0 to 1
     * @param torn whether it tore
     */
    static byte[] png(long seed, double darkness, double green, boolean torn) {
        DrawnBread bread = new DrawnBread(seed);
        bread.board();
        bread.bread(darkness, green, torn);
        bread.graphics.dispose();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(bread.image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("a demo photograph cannot be drawn", e);
        }
    }

    private void board() {
        graphics.setPaint(new GradientPaint(0, 0, new Color(0x6d4b33), WIDTH, HEIGHT, new Color(0x4c3322)));
        graphics.fillRect(0, 0, WIDTH, HEIGHT);
        for (int line = 0; line < 90; line++) {
            double y = HEIGHT * chance.nextDouble();
            graphics.setColor(new Color(30, 18, 8, 20 + chance.nextInt(35)));
            graphics.setStroke(new BasicStroke(1 + 3 * chance.nextFloat()));
            Path2D grain = new Path2D.Double();
            grain.moveTo(0, y);
            grain.curveTo(WIDTH * 0.3, y + wobble(26), WIDTH * 0.7, y + wobble(26), WIDTH, y + wobble(14));
            graphics.draw(grain);
        }
    }

    private void bread(double darkness, double green, boolean torn) {
        double x = WIDTH / 2.0 + wobble(40);
        double y = HEIGHT / 2.0 + wobble(24);
        double radius = HEIGHT * 0.38;
        Shape outline = outline(x, y, radius, torn);
        graphics.setColor(new Color(20, 10, 4, 90));
        graphics.translate(14, 20);
        graphics.fill(outline);
        graphics.translate(-14, -20);
        Color light = mix(new Color(0xf0dcb0), new Color(0xc98f4e), darkness);
        Color edge = mix(new Color(0xd8b981), new Color(0x8d5a2b), darkness);
        graphics.setPaint(new RadialGradientPaint(
                (float) x, (float) y, (float) (radius * 1.1), new float[] {0, 0.75f, 1}, new Color[] {light, light, edge
                }));
        graphics.fill(outline);
        graphics.setClip(outline);
        flecks(x, y, radius, (int) (900 * green), new Color(0x3f6b34), 3, 9, 170);
        flecks(x, y, radius, 260, new Color(0xa7793f), 2, 5, 90);
        blisters(x, y, radius, 26 + (int) (40 * darkness), darkness);
        graphics.setClip(null);
        graphics.setColor(new Color(90, 55, 25, 120));
        graphics.setStroke(new BasicStroke(3));
        graphics.draw(outline);
    }

    private Shape outline(double x, double y, double radius, boolean torn) {
        Path2D path = new Path2D.Double();
        double phase = chance.nextDouble() * Math.PI;
        double tear = chance.nextDouble() * Math.PI;
        for (int step = 0; step < WAVES; step++) {
            double angle = 2 * Math.PI * step / WAVES;
            double reach =
                    radius * (1 + 0.02 * Math.sin(3 * angle + phase) + 0.012 * Math.sin(7 * angle) + wobble(0.006));
            boolean gap = torn && Math.abs(angle - tear) < 0.14;
            double at = gap ? reach * 0.45 : reach;
            if (step == 0) {
                path.moveTo(x + at * Math.cos(angle), y + at * Math.sin(angle) * 0.94);
            } else {
                path.lineTo(x + at * Math.cos(angle), y + at * Math.sin(angle) * 0.94);
            }
        }
        path.closePath();
        return path;
    }

    private void flecks(double x, double y, double radius, int count, Color color, int least, int most, int alpha) {
        for (int fleck = 0; fleck < count; fleck++) {
            double angle = 2 * Math.PI * chance.nextDouble();
            double reach = radius * Math.sqrt(chance.nextDouble());
            double size = least + (most - least) * chance.nextDouble();
            graphics.setColor(new Color(color.getRed(), color.getGreen(), color.getBlue(), alpha));
            graphics.fill(new Ellipse2D.Double(
                    x + reach * Math.cos(angle), y + reach * Math.sin(angle) * 0.94, size * 1.6, size));
        }
    }

    private void blisters(double x, double y, double radius, int count, double darkness) {
        for (int blister = 0; blister < count; blister++) {
            double angle = 2 * Math.PI * chance.nextDouble();
            double reach = radius * 0.95 * Math.sqrt(chance.nextDouble());
            float size = (float) (radius * (0.03 + 0.09 * chance.nextDouble()));
            float centreX = (float) (x + reach * Math.cos(angle));
            float centreY = (float) (y + reach * Math.sin(angle) * 0.94);
            int alpha = (int) (90 + 130 * darkness);
            graphics.setPaint(new RadialGradientPaint(centreX, centreY, size, new float[] {0, 0.55f, 1}, new Color[] {
                new Color(70, 38, 14, alpha), new Color(110, 64, 26, alpha / 2), new Color(140, 90, 40, 0)
            }));
            graphics.fill(new Ellipse2D.Float(centreX - size, centreY - size, 2 * size, 2 * size));
        }
    }

    private double wobble(double most) {
        return most * (2 * chance.nextDouble() - 1);
    }

    private static Color mix(Color one, Color other, double share) {
        return new Color(
                (int) (one.getRed() + share * (other.getRed() - one.getRed())),
                (int) (one.getGreen() + share * (other.getGreen() - one.getGreen())),
                (int) (one.getBlue() + share * (other.getBlue() - one.getBlue())));
    }
}
