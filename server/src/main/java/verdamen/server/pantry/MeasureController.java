package verdamen.server.pantry;

import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.pantry.VesselSpec;
import verdamen.core.pantry.WeighInSpec;

/** The kitchen's measures over the API. */
@RestController
@RequestMapping("/api/measures")
class MeasureController {

    private final MeasureService measures;

    MeasureController(MeasureService measures) {
        this.measures = measures;
    }

    /** All measures with what weigh-ins have taught. */
    @GetMapping
    MeasuresDocument measures() {
        return measures.document();
    }

    /** What so many of a measure of an ingredient weigh. */
    @GetMapping("/amount")
    MeasuresDocument.Amount amount(
            @RequestParam String measure, @RequestParam String ingredient, @RequestParam double quantity) {
        return measures.amount(measure, ingredient, quantity);
    }

    /** Saves a vessel of the kitchen's own. */
    @PostMapping("/vessels")
    MeasuresDocument saveVessel(@RequestBody VesselSpec request) {
        return measures.saveVessel(request);
    }

    /** Deletes a vessel. */
    @DeleteMapping("/vessels/{code}")
    MeasuresDocument deleteVessel(@PathVariable String code) {
        return measures.deleteVessel(code);
    }

    /** Records a weigh-in. */
    @PostMapping("/weigh-ins")
    MeasuresDocument weighIn(@RequestBody WeighInSpec request) {
        return measures.weighIn(request);
    }

    /** Deletes a weigh-in. */
    @DeleteMapping("/weigh-ins/{id}")
    MeasuresDocument deleteWeighIn(@PathVariable long id) {
        return measures.deleteWeighIn(id);
    }
}
