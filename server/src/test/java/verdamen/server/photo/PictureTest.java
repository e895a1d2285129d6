package verdamen.server.photo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifDirectoryBase;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** Pictures made anew from files. */
public class PictureTest {

    /** Red on the left, white on the right. */
    private static BufferedImage redLeft(int width, int height, int type) {
        BufferedImage image = new BufferedImage(width, height, type);
        Graphics2D graphics = image.createGraphics();
        if (type == BufferedImage.TYPE_INT_RGB) {
            graphics.setColor(Color.WHITE);
            graphics.fillRect(0, 0, width, height);
        }
        graphics.setColor(Color.RED);
        graphics.fillRect(0, 0, width / 2, height);
        graphics.dispose();
        return image;
    }

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(image, format, out), format);
        return out.toByteArray();
    }

    /** A JPEG whose camera says how it was held, and where it was. */
    private static byte[] held(int orientation) throws IOException {
        byte[] jpeg = written(redLeft(400, 300, BufferedImage.TYPE_INT_RGB), "jpg");
        byte[] exif = {
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(0xff);
        out.write(0xe1);
        out.write((exif.length + 2) >> 8);
        out.write(exif.length + 2);
        out.write(exif);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    private static BufferedImage read(byte[] jpeg) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    private static boolean isRed(BufferedImage image, double x, double y) {
        Color color = new Color(image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())));
        return color.getRed() > 180 && color.getGreen() < 90;
    }

    @DataProvider
    Object[][] formats() throws IOException {
        try (InputStream webp = PictureTest.class.getResourceAsStream("/photo/red-left.webp")) {
            return new Object[][] {
                {"png", written(redLeft(40, 30, BufferedImage.TYPE_INT_RGB), "png")},
                {"clear png", written(redLeft(40, 30, BufferedImage.TYPE_INT_ARGB), "png")},
                {"grey png", written(redLeft(40, 30, BufferedImage.TYPE_BYTE_GRAY), "png")},
                {"jpeg", written(redLeft(40, 30, BufferedImage.TYPE_INT_RGB), "jpg")},
                {"webp", webp.readAllBytes()},
            };
        }
    }

    @Test(dataProvider = "formats")
    public void everyFormatBecomesAJpeg(String name, byte[] file) throws IOException {
        Picture picture = Picture.of(file);
        assertEquals(picture.width(), 40);
        assertEquals(picture.height(), 30);
        BufferedImage image = read(picture.jpeg());
        assertEquals(isRed(image, 0.2, 0.5), !name.startsWith("grey"), name);
        assertEquals(new Color(image.getRGB(35, 15)).getGreen() > 200, !name.startsWith("grey"), "clear is white");
        assertEquals(picture.jpeg()[0] & 0xff, 0xff);
        assertEquals(picture.jpeg()[1] & 0xff, 0xd8);
    }

    /** How a camera can be held, and where red then is. */
    @DataProvider
    Object[][] orientations() {
        return new Object[][] {
            {1, 400, 300, 0.2, 0.5},
            {2, 400, 300, 0.8, 0.5},
            {3, 400, 300, 0.8, 0.5},
            {4, 400, 300, 0.2, 0.5},
            {5, 300, 400, 0.5, 0.2},
            {6, 300, 400, 0.5, 0.2},
            {7, 300, 400, 0.5, 0.8},
            {8, 300, 400, 0.5, 0.8},
        };
    }

    @Test(dataProvider = "orientations")
    public void itStandsTheRightWayUpAndSaysNothingOfTheCamera(
            int orientation, int width, int height, double x, double y) throws Exception {
        Picture picture = Picture.of(held(orientation));
        assertEquals(picture.width(), width);
        assertEquals(picture.height(), height);
        BufferedImage image = read(picture.jpeg());
        assertTrue(isRed(image, x, y));
        assertFalse(isRed(image, 1 - x, 1 - y));
        for (byte[] jpeg : Arrays.asList(picture.jpeg(), picture.small())) {
            assertEquals(
                    ImageMetadataReader.readMetadata(new ByteArrayInputStream(jpeg))
                            .getDirectoriesOfType(ExifDirectoryBase.class)
                            .size(),
                    0);
        }
    }

    @Test
    public void aLargeOneIsMadeSmallerAndASmallOneIsNotMadeLarger() throws IOException {
        Picture picture = Picture.of(written(redLeft(5000, 2500, BufferedImage.TYPE_INT_RGB), "jpg"));
        assertEquals(picture.width(), 1800);
        assertEquals(picture.height(), 900);
        assertEquals(read(picture.small()).getWidth(), 360);
        assertTrue(isRed(read(picture.jpeg()), 0.4, 0.9) && !isRed(read(picture.jpeg()), 0.6, 0.1));
        assertEquals(
                read(Picture.of(written(redLeft(9, 7, BufferedImage.TYPE_INT_RGB), "png"))
                                .small())
                        .getWidth(),
                9);
    }

    @Test
    public void whatWasMadeHereStaysAsItIs() throws IOException {
        Picture picture = Picture.of(held(6));
        assertEquals(Picture.again(picture.jpeg()).jpeg(), picture.jpeg());
        byte[] foreign = held(6);
        assertFalse(Arrays.equals(Picture.again(foreign).jpeg(), foreign), "it says how the camera was held");
        byte[] large = written(redLeft(3000, 20, BufferedImage.TYPE_INT_RGB), "jpg");
        assertFalse(Arrays.equals(Picture.again(large).jpeg(), large));
    }

    @DataProvider
    Object[][] refused() throws IOException {
        byte[] jpeg = written(redLeft(400, 300, BufferedImage.TYPE_INT_RGB), "jpg");
        return new Object[][] {
            {"no picture at all".getBytes(StandardCharsets.UTF_8), Reason.NO_PHOTO},
            {"<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8), Reason.NO_PHOTO},
            {written(redLeft(4, 4, BufferedImage.TYPE_INT_RGB), "gif"), Reason.NO_PHOTO},
            {written(redLeft(4, 4, BufferedImage.TYPE_INT_RGB), "bmp"), Reason.NO_PHOTO},
            {Arrays.copyOf(jpeg, 60), Reason.BROKEN},
            {claiming(60_000, 60_000), Reason.TOO_MANY_PIXELS},
        };
    }

    @Test(dataProvider = "refused")
    public void whatIsNoPictureIsRefusedByItsContent(byte[] file, Reason reason) {
        assertEquals(
                expectThrows(RefusedFileException.class, () -> Picture.of(file)).reason(), reason);
    }

    /** A PNG of a few bytes that claims to be large. */
    private static byte[] claiming(int width, int height) {
        ByteBuffer header = ByteBuffer.allocate(17).put("IHDR".getBytes(StandardCharsets.US_ASCII));
        header.putInt(width)
                .putInt(height)
                .put((byte) 8)
                .put((byte) 2)
                .put((byte) 0)
                .put((byte) 0)
                .put((byte) 0);
        CRC32 sum = new CRC32();
        sum.update(header.array());
        return ByteBuffer.allocate(8 + 4 + 17 + 4 + 12)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'})
                .putInt(13)
                .put(header.array())
                .putInt((int) sum.getValue())
                .putInt(0)
                .put("IDAT".getBytes(StandardCharsets.US_ASCII))
                .putInt(0x35af061e)
                .array();
    }
}
