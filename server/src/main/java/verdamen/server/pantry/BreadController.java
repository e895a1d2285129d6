package verdamen.server.pantry;

import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.cooking.BreadRecord;
import verdamen.core.cooking.CookedNote;
import verdamen.core.cooking.FoldNote;
import verdamen.server.pantry.BreadService.NotedBread;

/** What pieces of the kitchen's own bread said, over the API. Every answer is the newest records of the style. */
@RestController
@RequestMapping("/api")
class BreadController {

    private final BreadService bread;
    private final PantryService pantry;

    BreadController(BreadService bread, PantryService pantry) {
        this.bread = bread;
        this.pantry = pantry;
    }

    /** The newest records of a style. */
    @GetMapping("/bread-records")
    List<NotedBread> records(@RequestParam String style) {
        return bread.records(style);
    }

    /** Notes a piece that was timed or weighed. */
    @PostMapping("/cook/records")
    List<NotedBread> cooked(@RequestBody CookedNote note) {
        return bread.note(BreadRecord.cooked(note, pantry.pantry()));
    }

    /** Notes a piece that was folded. */
    @PostMapping("/keeping/records")
    List<NotedBread> folded(@RequestBody FoldNote note) {
        return bread.note(BreadRecord.folded(note, pantry.pantry()));
    }

    /** Forgets a record. */
    @DeleteMapping("/bread-records/{id}")
    List<NotedBread> forget(@PathVariable long id) {
        return bread.forget(id);
    }
}
