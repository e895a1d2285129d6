package verdamen.server.pantry;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.cooking.BreadRecord;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.PantryMapper.BreadRow;

/** What pieces of the kitchen's own bread said: kept, and taught to its pantry. */
@Service
public class BreadService {

    private static final int SHOWN = 50;

    private final PantryMapper mapper;
    private final PantryService pantry;
    private final JsonText json;
    private final Clock clock;

    BreadService(PantryMapper mapper, PantryService pantry, JsonText json, Clock clock) {
        this.mapper = mapper;
        this.pantry = pantry;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A record of own bread.
     *
     * @param id its id
     * @param uid its identity, the same wherever its file is taken
     * @param notedAt when it was noted
     * @param record what it says
     */
    public record NotedBread(long id, String uid, OffsetDateTime notedAt, BreadRecord record) {}

    /** The newest records of a style. */
    @Transactional(readOnly = true)
    public List<NotedBread> records(String style) {
        return mapper.breadOf(style, SHOWN).stream().map(this::noted).toList();
    }

    private NotedBread noted(BreadRow row) {
        return new NotedBread(row.id(), row.uid(), row.notedAt(), json.read(row.record(), BreadRecord.class));
    }

    /** Keeps what a piece said; the newest records of its style. */
    @Transactional
    public List<NotedBread> note(BreadRecord record) {
        keep(null, clock.instant().atOffset(ZoneOffset.UTC), record);
        return records(record.style());
    }

    /** Keeps a record from a file, unless it is here. */
    @Transactional
    public void keep(@Nullable String uid, OffsetDateTime notedAt, BreadRecord record) {
        record.check(pantry.pantry());
        pantry.change(() -> mapper.noteBread(uid, record.style(), notedAt, json.of(record)));
    }

    /**
     * Takes what a batch's pieces say, by the keys of their entries, in place of what they said before.
     *
     * @param batch id of the batch
     */
    @Transactional
    public void teach(long batch, Map<String, BreadRecord> taught) {
        if (taught.isEmpty() && !mapper.hasBreadOf(batch)) {
            return;
        }
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        pantry.change(() -> {
            mapper.deleteBreadOf(batch);
            taught.forEach((key, record) -> mapper.noteBreadOf(
                    batch,
                    UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)).toString(),
                    record.style(),
                    now,
                    json.of(record)));
        });
    }

    /** Forgets a record; the newest that are left of its style, none when it was not there. */
    @Transactional
    public List<NotedBread> forget(long id) {
        String[] style = new String[1];
        pantry.change(() -> style[0] = mapper.deleteBread(id));
        return style[0] == null ? List.of() : records(style[0]);
    }

    /** Gives every record, the oldest first. */
    @Transactional(readOnly = true)
    public void all(Consumer<NotedBread> each) {
        mapper.bread().forEach(row -> each.accept(noted(row)));
    }
}
