package verdamen.server.card;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import verdamen.server.card.CardDocument.CardQr;

/** An address as a QR code. */
final class CardQrs {

    private static final Map<EncodeHintType, Object> HINTS =
            Map.of(EncodeHintType.MARGIN, 2, EncodeHintType.CHARACTER_SET, "UTF-8");

    private CardQrs() {}

    static CardQr of(String address) {
        BitMatrix matrix;
        try {
            matrix = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0, HINTS);
        } catch (WriterException tooLong) {
            throw new IllegalStateException("an address is never as long as that", tooLong);
        }
        List<String> rows = new ArrayList<>();
        for (int y = 0; y < matrix.getHeight(); y++) {
            StringBuilder row = new StringBuilder();
            for (int x = 0; x < matrix.getWidth(); x++) {
                row.append(matrix.get(x, y) ? '1' : '0');
            }
            rows.add(row.toString());
        }
        return new CardQr(matrix.getWidth(), rows);
    }
}
