package verdamen.server.door;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import verdamen.core.model.Limit;
import verdamen.server.problem.BodyTooLargeException;

/** A request whose body ends at its limit with a {@link BodyTooLargeException}. */
final class LimitedRequest extends HttpServletRequestWrapper {

    private final Limit limit;

    LimitedRequest(HttpServletRequest request, Limit limit) {
        super(request);
        this.limit = limit;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Counted(super.getInputStream());
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    private final class Counted extends ServletInputStream {

        private final ServletInputStream body;
        private long read;

        private Counted(ServletInputStream body) {
            this.body = body;
        }

        @Override
        public int read() throws IOException {
            int one = body.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int some = body.read(into, offset, length);
            count(Math.max(0, some));
            return some;
        }

        private void count(int bytes) throws BodyTooLargeException {
            read += bytes;
            if (read > limit.most()) {
                throw new BodyTooLargeException(limit);
            }
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
