package verdamen.server.device;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import verdamen.core.device.DeviceKind;

/**
 * A scale that writes a line for each weighing to a serial line or anything like it, as in {@code +00123.4 g}: the example of how
 * a real device is connected. Lines that are no weighing are left. When the stream ends the scale says nothing any more.
 */
public final class LineScale implements BenchDevice, AutoCloseable {

    private static final Pattern WEIGHING = Pattern.compile("([+-]?\\s*\\d+(?:\\.\\d+)?)\\s*(g|kg)\\b");
    private static final double GRAMS_PER_KILOGRAM = 1000;

    private final InputStream line;
    private volatile @Nullable Double last;

    /** Reads from a stream until it ends or this is closed. */
    public LineScale(InputStream line) {
        this.line = line;
        Thread reader = new Thread(this::listen, "scale");
        reader.setDaemon(true);
        reader.start();
    }

    private void listen() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(line, StandardCharsets.US_ASCII))) {
            for (String text = lines.readLine(); text != null; text = lines.readLine()) {
                Double grams = grams(text);
                last = grams == null ? last : grams;
            }
        } catch (IOException unplugged) {
            // The line is gone: it says nothing any more.
        }
        last = null;
    }

    /** The grams that a line tells; null for a line that is no weighing. */
    static @Nullable Double grams(String text) {
        Matcher found = WEIGHING.matcher(text);
        if (!found.find()) {
            return null;
        }
        double value = Double.parseDouble(found.group(1).replace(" ", ""));
        return found.group(2).equals("kg") ? value * GRAMS_PER_KILOGRAM : value;
    }

    @Override
    public DeviceKind kind() {
        return DeviceKind.SCALE;
    }

    @Override
    public @Nullable Double reading() {
        return last;
    }

    @Override
    public void close() throws IOException {
        line.close();
    }
}
