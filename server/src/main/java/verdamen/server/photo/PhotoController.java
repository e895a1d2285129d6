package verdamen.server.photo;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.InputStream;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photographs of batches, over the API. */
@RestController
class PhotoController {

    /** A photograph never changes under its id. */
    private static final CacheControl FOR_GOOD =
            CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable();

    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
    }

    /** Keeps a photograph of a batch: a PNG, JPEG or WebP of up to 10 MB. */
    @PostMapping(value = "/api/batches/{batch}/photos", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(schema = @Schema(type = "string", format = "binary")))
    List<Photo> keep(
            @PathVariable long batch,
            @RequestParam(required = false) @Nullable String key,
            @RequestParam(required = false) @Nullable String caption,
            @Parameter(hidden = true) InputStream file) {
        return photos.keep(batch, key, caption, file);
    }

    /** A photograph as a JPEG. */
    @GetMapping(value = "/api/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> jpeg(@PathVariable long id) {
        return picture(id, false);
    }

    /** The small picture of it. */
    @GetMapping(value = "/api/photos/{id}/small", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> small(@PathVariable long id) {
        return picture(id, true);
    }

    private ResponseEntity<byte[]> picture(long id, boolean small) {
        return ResponseEntity.ok()
                .cacheControl(FOR_GOOD)
                .contentType(MediaType.IMAGE_JPEG)
                .body(photos.jpeg(id, small));
    }

    /** Deletes a photograph. */
    @DeleteMapping("/api/photos/{id}")
    List<Photo> delete(@PathVariable long id) {
        return photos.delete(id);
    }
}
