package verdamen.server.device;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import verdamen.core.device.DeviceKind;
import verdamen.core.device.SimulatedBench;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.server.batch.Batch;
import verdamen.server.batch.BatchService;
import verdamen.server.kitchen.KitchenClock;

/** The devices over the API. */
@RestController
@RequestMapping("/api/devices")
class DeviceController {

    private final Devices devices;
    private final SimulatedDevices simulated;
    private final DeviceStream stream;
    private final KitchenClock clock;
    private final BatchService batches;

    DeviceController(
            Devices devices,
            SimulatedDevices simulated,
            DeviceStream stream,
            KitchenClock clock,
            BatchService batches) {
        this.batches = batches;
        this.devices = devices;
        this.simulated = simulated;
        this.stream = stream;
        this.clock = clock;
    }

    /**
     * The devices, and what is done to the simulated ones.
     *
     * @param devices what each shows
     * @param setting what is done to the simulated ones
     * @param clock the clock with which they go on
     */
    record DevicesAnswer(List<DeviceState> devices, SimulatedBench.Setting setting, KitchenClock.ClockReading clock) {}

    /** What they show. */
    @GetMapping
    DevicesAnswer read() {
        simulated.catchUp();
        return new DevicesAnswer(devices.read(), simulated.setting(), clock.read());
    }

    /** What they show, again and again, and which batch was noted in: server-sent events {@code devices} and {@code batch}. */
    @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen() {
        return stream.listen();
    }

    /** Has the scale show nothing for what lies on it. */
    @PostMapping("/tare")
    DevicesAnswer tare() {
        simulated.act(SimulatedBench::tare);
        return read();
    }

    /**
     * Something done to the simulated devices; what is absent stays as it is.
     *
     * @param putGrams so much more on the scale, g; less than nothing takes it off
     * @param probeIn what the probe is put into
     * @param burner setting of the burner, 0 to 1
     * @param pieceGrams a piece is dropped in the pan, g
     * @param plug the device whose plug is pulled or put back
     * @param in whether that plug is put back
     */
    record ActRequest(
            @Within(Limit.PUT_GRAMS) @Nullable Double putGrams,
            SimulatedBench.@Nullable ProbeIn probeIn,
            @Within(Limit.BURNER_SETTING) @Nullable Double burner,
            @Within(Limit.PIECE_GRAMS) @Nullable Double pieceGrams,
            @Nullable DeviceKind plug,
            @Nullable Boolean in) {}

    /** Does something to the simulated devices. */
    @PostMapping("/simulation")
    DevicesAnswer act(@RequestBody ActRequest request) {
        Faults faults = new Faults();
        faults.number("putGrams", request.putGrams(), Limit.PUT_GRAMS);
        faults.number("burner", request.burner(), Limit.BURNER_SETTING);
        faults.number("pieceGrams", request.pieceGrams(), Limit.PIECE_GRAMS);
        faults.refuse();
        simulated.act(bench -> {
            if (request.putGrams() != null) {
                bench.put(request.putGrams());
            }
            if (request.probeIn() != null) {
                bench.probe(request.probeIn());
            }
            if (request.burner() != null) {
                bench.burner(request.burner());
            }
            if (request.pieceGrams() != null) {
                bench.drop(request.pieceGrams());
            }
            if (request.plug() != null) {
                bench.plug(request.plug(), Boolean.TRUE.equals(request.in()));
            }
        });
        return read();
    }

    /**
     * How fast the kitchen's clock goes.
     *
     * @param speed how many times as fast as the world's; absent to set it right again
     */
    record ClockRequest(@Within(Limit.CLOCK_SPEED) @Nullable Double speed) {}

    /** Lets the kitchen's clock run, and the simulated devices with it, or sets it right: not while a batch goes by it. */
    @PostMapping("/clock")
    DevicesAnswer clock(@RequestBody ClockRequest request) {
        simulated.catchUp();
        if (request.speed() == null) {
            batches.running().stream().filter(Batch::practice).findFirst().ifPresent(running -> {
                throw Faults.refusal(null, "running", FaultCode.IN_USE, running.id());
            });
            clock.setRight();
        } else {
            clock.run(request.speed());
        }
        return read();
    }
}
