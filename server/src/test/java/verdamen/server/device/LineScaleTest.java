package verdamen.server.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import java.io.IOException;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A scale over a serial-like stream. */
public class LineScaleTest {

    @DataProvider
    Object[][] lines() {
        return new Object[][] {
            {"ST,+00123.4 g", 123.4},
            {"  57 g", 57.0},
            {"- 12.5 g", -12.5},
            {"1.250 kg", 1250.0},
            {"OVERLOAD", null},
            {"12 gallons", null},
            {"", null},
        };
    }

    @Test(dataProvider = "lines")
    public void aLineTellsItsGramsOrNothing(String line, @Nullable Double grams) {
        assertEquals(LineScale.grams(line), grams);
    }

    @Test
    public void theLastWeighingIsShownUntilTheLineEnds() throws IOException, InterruptedException {
        PipedOutputStream out = new PipedOutputStream();
        try (LineScale scale = new LineScale(new PipedInputStream(out))) {
            assertNull(scale.reading());
            out.write("+00040.0 g\nnoise\n".getBytes(StandardCharsets.US_ASCII));
            out.flush();
            await(scale, 40.0);
            out.close();
            await(scale, null);
        }
    }

    private static void await(LineScale scale, @Nullable Double grams) throws InterruptedException {
        Instant end = Instant.now().plus(Duration.ofSeconds(10));
        while (!Objects.equals(scale.reading(), grams) && Instant.now().isBefore(end)) {
            Thread.sleep(5);
        }
        assertEquals(scale.reading(), grams);
    }
}
