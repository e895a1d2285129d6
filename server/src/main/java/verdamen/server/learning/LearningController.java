package verdamen.server.learning;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;

/** What batches teach, over the API. */
@RestController
@RequestMapping("/api/learning")
class LearningController {

    private final LearningService learning;

    LearningController(LearningService learning) {
        this.learning = learning;
    }

    /** What the kitchen's flours take up, as its batches have it. */
    @GetMapping
    LearningAnswer learned() {
        return learning.learned();
    }

    /**
     * Whether a batch counts.
     *
     * @param counts true to count it, false to leave it out; absent to leave that open again
     */
    record CountRequest(@Nullable Boolean counts) {}

    /** Counts a batch, or leaves it out. */
    @PutMapping("/batches/{id}")
    LearningAnswer count(@PathVariable long id, @RequestBody CountRequest request) {
        return learning.count(id, request.counts());
    }

    /**
     * What is said of where a figure comes from.
     *
     * @param source at most 200 characters
     */
    record UseRequest(@Within(Limit.SOURCE) @Nullable String source) {}

    /** Uses what the book says of a flour again. */
    @DeleteMapping("/flours/{code}")
    LearningAnswer useTheBooks(@PathVariable String code) {
        return learning.useTheBooks(code);
    }

    /** Uses what batches say of a flour from now on. */
    @PutMapping("/flours/{code}")
    LearningAnswer use(@PathVariable String code, @RequestBody UseRequest request) {
        return learning.use(code, request.source());
    }
}
