package verdamen.server.notebook;

import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The notebook over the API. */
@RestController
@RequestMapping("/api/notebook")
class NotebookController {

    private final NotebookList list;
    private final NotebookService notebook;

    NotebookController(NotebookList list, NotebookService notebook) {
        this.list = list;
        this.notebook = notebook;
    }

    /** A page of batches. */
    @GetMapping
    NotebookPage page(@ParameterObject NotebookList.Parameters asked) {
        return list.page(asked);
    }

    /** The tags that batches have, the most used first. */
    @GetMapping("/tags")
    List<String> tags() {
        return list.tags();
    }

    /** A batch. */
    @GetMapping("/{id}")
    NotebookBatch batch(@PathVariable long id) {
        return notebook.batch(id);
    }
}
