package verdamen.server.card;

import java.nio.charset.StandardCharsets;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Cards of a formula over the API. */
@RestController
@RequestMapping("/api/formulas/{id}")
class CardController {

    private final CardService cards;

    CardController(CardService cards) {
        this.cards = cards;
    }

    /** A card as the page draws it. Where nothing is said, figures are written as the kitchen does. */
    @GetMapping("/card")
    CardDocument card(@PathVariable long id, @ParameterObject CardQuestion.Parameters asked) {
        return cards.card(id, asked, server());
    }

    /** The same card as PDF. */
    @GetMapping(value = "/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable long id, @ParameterObject CardQuestion.Parameters asked) {
        CardDocument card = card(id, asked);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(card.title() + " " + card.kind().code() + ".pdf", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(CardPdf.write(card));
    }

    private static String server() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
