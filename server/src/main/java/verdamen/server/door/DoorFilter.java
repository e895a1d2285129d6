package verdamen.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;
import verdamen.core.model.Limit;
import verdamen.server.VerdamenProperties;
import verdamen.server.problem.Problems;

/**
 * Lets in only requests that a kitchen's own page, or a program on this machine, makes: to a name that is this server's,
 * changes from the same origin only and with a declared type of body, no body beyond its limit. Every answer carries the
 * headers that keep other pages out of this one.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DoorFilter extends OncePerRequestFilter {

    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> SAME_SITE = Set.of("same-origin", "none");
    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data: blob:;"
            + " style-src 'self' 'unsafe-inline'; object-src 'none'; base-uri 'none'; form-action 'self';"
            + " frame-ancestors 'none'";

    private static final Pattern PHOTOS = Pattern.compile("/api/batches/\\d+/photos");

    private final VerdamenProperties properties;
    private final JsonMapper json;

    DoorFilter(VerdamenProperties properties, JsonMapper json) {
        this.properties = properties;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", CONTENT_POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        if (!isOurName(host(request.getHeader(HttpHeaders.HOST)))) {
            refuse(response, HttpStatus.MISDIRECTED_REQUEST, "foreign-host", "This server does not go by that name");
            return;
        }
        boolean changes = !READING.contains(request.getMethod());
        if (changes && !isFromHere(request)) {
            refuse(response, HttpStatus.FORBIDDEN, "foreign-origin", "Changes come from Verdamen's own page only");
            return;
        }
        if (changes && hasBody(request) && request.getContentType() == null) {
            refuse(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "unsupported-type",
                    "The type of the body is not declared");
            return;
        }
        Limit limit = limit(request);
        if (limit == null) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > limit.most()) {
            refuse(response, HttpStatus.CONTENT_TOO_LARGE, Problems.tooLarge(limit));
        } else {
            chain.doFilter(new LimitedRequest(request, limit), response);
        }
    }

    /**
     * Files of Verdamen's own are read entry by entry and may be of any size, photographs as far as they may be large; everything
     * else has a limit.
     */
    private static @Nullable Limit limit(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean isReadByParts =
                path.equals("/api/files/formulas") || PHOTOS.matcher(path).matches();
        if (isReadByParts) {
            return null;
        }
        return path.startsWith("/api/files/") ? Limit.FILE_BYTES : Limit.BODY_BYTES;
    }

    private boolean isOurName(@Nullable String host) {
        return host != null && (LOOPBACK.contains(host) || host.equals(properties.host()));
    }

    /** A page says where it comes from; a program on this machine says nothing of it. */
    private boolean isFromHere(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        if (site != null && !SAME_SITE.contains(site)) {
            return false;
        }
        return origin == null || sameOrigin(origin, request);
    }

    private static boolean sameOrigin(String origin, HttpServletRequest request) {
        try {
            URI from = URI.create(origin);
            return from.getScheme() != null
                    && from.getAuthority() != null
                    && from.getAuthority().equalsIgnoreCase(request.getHeader(HttpHeaders.HOST));
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    /** The name in a Host header, without its port. */
    private static @Nullable String host(@Nullable String header) {
        if (header == null) {
            return null;
        }
        String name = header.toLowerCase(Locale.ROOT);
        int end = name.startsWith("[") ? name.indexOf(']') + 1 : name.indexOf(':');
        return end > 0 ? name.substring(0, end) : name;
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String kind, String title) throws IOException {
        refuse(response, status, Problems.of(status, kind, title, "See docs/architecture.md."));
    }

    private void refuse(HttpServletResponse response, HttpStatus status, ProblemDetail problem) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), problem);
    }
}
