package verdamen.server.photo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.server.batch.BatchChanged;
import verdamen.server.json.JsonText;
import verdamen.server.photo.PhotoMapper.BytesRow;
import verdamen.server.photo.PhotoMapper.ToldRow;
import verdamen.server.problem.NotFoundException;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** Keeps photographs of batches. */
@Service
public class PhotoService {

    private final PhotoMapper mapper;
    private final JsonText json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    PhotoService(PhotoMapper mapper, JsonText json, Clock clock, ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.json = json;
        this.clock = clock;
        this.events = events;
    }

    /**
     * A photograph in a file.
     *
     * @param uid its identity
     * @param batch identity of its batch
     * @param caption what is to be seen
     * @param keptAt when it was kept
     * @param jpeg the picture
     */
    public record ToldPhoto(String uid, String batch, String caption, OffsetDateTime keptAt, byte[] jpeg) {}

    /** Photographs of batches, in the order in which they were kept. */
    @Transactional(readOnly = true)
    public List<Photo> of(List<Long> batches) {
        return batches.isEmpty() ? List.of() : mapper.photos(json.of(batches));
    }

    /**
     * Keeps a photograph. The same key twice is one photograph.
     *
     * @param key its identity, a UUID
     * @param caption what is to be seen; null for nothing said
     * @return the batch's photographs
     * @throws RefusedFileException when it is no picture, or too large
     * @throws verdamen.core.model.RefusedException when the key is none, or the batch has too many
     * @throws NotFoundException when there is no such batch
     */
    @Transactional
    public List<Photo> keep(long batch, @Nullable String key, @Nullable String caption, InputStream file) {
        Faults faults = new Faults();
        String uid = faults.uuid("key", key);
        String said = faults.optionalText("caption", caption, Limit.NOTE);
        faults.refuse();
        Integer there = mapper.countHolding(batch);
        if (there == null) {
            throw new NotFoundException("There is no batch " + batch + ".");
        }
        if (!mapper.isHere(uid)) {
            faults.require(there < Limit.PHOTOS.most(), "photos", FaultCode.TOO_MANY, there + 1);
            faults.refuse();
            mapper.keep(uid, batch, said, clock.instant().atOffset(ZoneOffset.UTC), Picture.of(bytes(file)));
            events.publishEvent(new BatchChanged(batch));
        }
        return of(List.of(batch));
    }

    private static byte[] bytes(InputStream file) {
        int most = (int) Limit.PHOTO_BYTES.most();
        try {
            byte[] bytes = file.readNBytes(most + 1);
            if (bytes.length == 0) {
                throw new RefusedFileException(Reason.EMPTY, null);
            }
            if (bytes.length > most) {
                throw new RefusedFileException(Reason.PHOTO_TOO_LARGE, null);
            }
            return bytes;
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** A picture as JPEG, or the small one of it. */
    @Transactional(readOnly = true)
    public byte[] jpeg(long id, boolean small) {
        BytesRow row = small ? mapper.small(id) : mapper.jpeg(id);
        if (row == null) {
            throw new NotFoundException("There is no photograph " + id + ".");
        }
        return row.bytes();
    }

    /** Deletes a photograph; the batch's others. */
    @Transactional
    public List<Photo> delete(long id) {
        Long batch = mapper.delete(id);
        if (batch == null) {
            throw new NotFoundException("There is no photograph " + id + ".");
        }
        events.publishEvent(new BatchChanged(batch));
        return of(List.of(batch));
    }

    /** Gives every photograph, one after another. */
    @Transactional(readOnly = true)
    public void all(Consumer<ToldPhoto> each) {
        for (long id : mapper.ids()) {
            ToldRow row = mapper.told(id);
            if (row != null) {
                each.accept(new ToldPhoto(row.uid(), row.batchUid(), row.caption(), row.keptAt(), row.jpeg()));
            }
        }
    }

    /** Takes a photograph of a file that is not here yet, of a batch that is; it is checked as any other, and stays as it is when
     * it was made here. */
    @Transactional
    public void takeMissing(ToldPhoto told) {
        Faults faults = new Faults();
        String uid = faults.uuid("uid", told.uid());
        String batchUid = faults.uuid("batch", told.batch());
        String caption = faults.optionalText("caption", told.caption(), Limit.NOTE);
        faults.refuse();
        Long batch = mapper.batchByUid(batchUid);
        if (batch != null && !mapper.isHere(uid)) {
            mapper.keep(uid, batch, caption, told.keptAt(), Picture.again(told.jpeg()));
        }
    }
}
