package verdamen.server.device;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import verdamen.server.batch.BatchChanged;

/** Tells every open page what the devices show, three times a second while one listens, and which batch was noted in. */
@Component
class DeviceStream {

    private static final Logger LOG = LoggerFactory.getLogger(DeviceStream.class);
    private static final long EVERY_MS = 330;
    private static final long FOR_EVER = 0;

    private final Devices devices;
    private final SimulatedDevices simulated;
    private final Set<SseEmitter> listening = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService ticker = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "devices");
        thread.setDaemon(true);
        return thread;
    });

    DeviceStream(Devices devices, SimulatedDevices simulated) {
        this.devices = devices;
        this.simulated = simulated;
        ticker.scheduleWithFixedDelay(this::tick, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    SseEmitter listen() {
        SseEmitter emitter = new SseEmitter(FOR_EVER);
        emitter.onCompletion(() -> listening.remove(emitter));
        emitter.onError(failure -> listening.remove(emitter));
        listening.add(emitter);
        send(emitter, "devices", devices.read());
        return emitter;
    }

    private void tick() {
        if (listening.isEmpty()) {
            return;
        }
        try {
            simulated.catchUp();
            List<DeviceState> states = devices.read();
            listening.forEach(emitter -> send(emitter, "devices", states));
        } catch (RuntimeException failure) {
            // The next tick tries again; pages that hear nothing say that the line is lost.
            LOG.warn("the devices cannot be read", failure);
        }
    }

    @TransactionalEventListener(fallbackExecution = true)
    void noted(BatchChanged changed) {
        listening.forEach(emitter -> send(emitter, "batch", changed.id()));
    }

    private void send(SseEmitter emitter, String event, Object data) {
        try {
            emitter.send(SseEmitter.event().name(event).data(data));
        } catch (IOException | IllegalStateException gone) {
            listening.remove(emitter);
        }
    }

    @PreDestroy
    void close() {
        ticker.shutdownNow();
        listening.forEach(SseEmitter::complete);
    }
}
