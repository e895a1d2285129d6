package verdamen.server.device;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** The kitchen's devices over the API. */
@RestController
class DeviceController {

    private final MoistureMeter moistureMeter;

    DeviceController(MoistureMeter moistureMeter) {
        this.moistureMeter = moistureMeter;
    }

    /** Takes a reading with the moisture meter. */
    @PostMapping("/api/devices/moisture-meter/readings")
    MoistureMeter.Reading moisture() {
        return moistureMeter.read();
    }
}
