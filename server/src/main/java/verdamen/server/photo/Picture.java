package verdamen.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.file.FileTypeDirectory;
import com.drew.metadata.jfif.JfifDirectory;
import com.drew.metadata.jpeg.HuffmanTablesDirectory;
import com.drew.metadata.jpeg.JpegDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/**
 * A picture made anew from a file: a JPEG the right way up, without metadata, and a small one of it. What the file is, is
 * told by its content.
 *
 * @param width its width, pixels
 * @param height its height, pixels
 * @param jpeg the picture
 * @param small the small one
 */
record Picture(int width, int height, byte[] jpeg, byte[] small) {

    private static final Set<String> FORMATS = Set.of("png", "jpeg", "webp");
    private static final Set<Class<? extends Directory>> PLAIN =
            Set.of(FileTypeDirectory.class, JpegDirectory.class, JfifDirectory.class, HuffmanTablesDirectory.class);
    private static final int LONG_SIDE = 1800;
    private static final int SMALL_SIDE = 360;
    private static final double QUALITY = 0.85;

    /** More pixels than any phone's; a small file can claim far more. */
    private static final long MOST_PIXELS = 120_000_000;

    /**
     * Makes a picture from a file. One at a time, as a large one takes much memory.
     *
     * @throws RefusedFileException when it is no PNG, JPEG or WebP, broken, or of too many pixels
     */
    static synchronized Picture of(byte[] file) {
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new RefusedFileException(Reason.NO_PHOTO, null);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return of(reader, orientation(file));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException broken) {
            throw broken instanceof RefusedFileException refused
                    ? refused
                    : new RefusedFileException(Reason.BROKEN, null);
        }
    }

    /**
     * A picture that was made here before, from a file: a JPEG without metadata, no larger than is kept, stays as it is to the
     * byte; anything else is made anew.
     */
    static Picture again(byte[] file) {
        Picture anew = of(file);
        return isPlainJpeg(file) ? new Picture(anew.width(), anew.height(), file, anew.small()) : anew;
    }

    /** Whether a file is a JPEG of the size that is kept, with nothing in it but its picture. */
    private static boolean isPlainJpeg(byte[] file) {
        try {
            for (Directory directory : ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getDirectories()) {
                boolean tooLarge = directory instanceof JpegDirectory jpeg
                        && Math.max(jpeg.getImageWidth(), jpeg.getImageHeight()) > LONG_SIDE;
                if (tooLarge || !PLAIN.contains(directory.getClass())) {
                    return false;
                }
            }
            return true;
        } catch (ImageProcessingException | MetadataException | IOException unreadable) {
            return false;
        }
    }

    private static Picture of(ImageReader reader, Orientation orientation) throws IOException {
        if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            throw new RefusedFileException(Reason.NO_PHOTO, null);
        }
        long longest = Math.max(reader.getWidth(0), reader.getHeight(0));
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
            throw new RefusedFileException(Reason.TOO_MANY_PIXELS, reader.getWidth(0) + " × " + reader.getHeight(0));
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int step = (int) Math.max(1, longest / (2L * LONG_SIDE));
        param.setSourceSubsampling(step, step, 0, 0);
        BufferedImage upright =
                ExifFilterUtils.getFilterForOrientation(orientation).apply(onWhite(reader.read(0, param)));
        BufferedImage picture = within(upright, LONG_SIDE);
        return new Picture(picture.getWidth(), picture.getHeight(), jpeg(picture), jpeg(within(upright, SMALL_SIDE)));
    }

    /** What is clear becomes white: a JPEG has no clear parts. */
    private static BufferedImage onWhite(BufferedImage image) {
        BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = plain.createGraphics();
        graphics.drawImage(image, 0, 0, Color.WHITE, null);
        graphics.dispose();
        return plain;
    }

    private static BufferedImage within(BufferedImage image, int side) throws IOException {
        return Math.max(image.getWidth(), image.getHeight()) <= side
                ? image
                : Thumbnails.of(image).size(side, side).asBufferedImage();
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
        return out.toByteArray();
    }

    /** How the camera was held; upright when the file does not say. */
    private static Orientation orientation(byte[] file) {
        try {
            Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
            ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            Orientation said = exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? Orientation.typeOf(exif.getInt(ExifIFD0Directory.TAG_ORIENTATION))
                    : null;
            return said == null ? Orientation.TOP_LEFT : said;
        } catch (ImageProcessingException | MetadataException | IOException unreadable) {
            return Orientation.TOP_LEFT;
        }
    }
}
