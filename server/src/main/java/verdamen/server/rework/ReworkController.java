package verdamen.server.rework;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.Limit;
import verdamen.core.model.Within;
import verdamen.core.rework.BlendFlourSpec;
import verdamen.core.rework.ChangeSpec;
import verdamen.core.rework.FreeSpec;
import verdamen.core.rework.LimitSpec;
import verdamen.core.rework.OtherLotSpec;
import verdamen.core.rework.RaisedSpec;
import verdamen.core.rework.WantedSpec;

/** One thing in the place of another, with what goes along: once, or rung by rung. */
@RestController
@RequestMapping("/api/rework")
class ReworkController {

    private final ReworkService rework;

    ReworkController(ReworkService rework) {
        this.rework = rework;
    }

    /**
     * What takes the place of what.
     *
     * @param formula the formula
     * @param changes the substitutions, all made at once
     * @param without codes of what does not go along
     * @param weighable whether masses are wanted as a kitchen scale shows them
     */
    record SubstituteRequest(
            FormulaSpec formula,
            @Within(Limit.LINES) @Nullable List<ChangeSpec> changes,
            @Nullable List<String> without,
            @Nullable Boolean weighable) {}

    /**
     * What is raised, and how far.
     *
     * @param formula the formula
     * @param change what is changed; its share is left out
     * @param from share of the first rung, 0 to 1; 0 when absent
     * @param to share of the last rung; 1 when absent
     * @param rungs how many rungs, 5 to 41; absent for the usual number
     * @param beside what else is changed, at every rung
     * @param limits the limits looked at; absent for the usual ones
     * @param without codes of what does not go along
     * @param second what is raised beside it: then the answer is a field; absent for a ladder
     */
    record LadderRequest(
            FormulaSpec formula,
            @Nullable ChangeSpec change,
            @Nullable Double from,
            @Nullable Double to,
            @Nullable Integer rungs,
            @Within(Limit.LINES) @Nullable List<ChangeSpec> beside,
            @Within(Limit.FIGURE_LIMITS) @Nullable List<LimitSpec> limits,
            @Nullable List<String> without,
            @Nullable RaisedSpec second) {}

    /**
     * What the most is looked for of.
     *
     * @param formula the formula
     * @param goal code of the figure of which the most is wanted, or the least where less is better
     * @param of code or group of the inclusions that are meant, when the goal is inclusions; absent for all of them
     * @param free the amounts that may move, one to six
     * @param limits the limits to keep; absent for the usual ones
     * @param without codes of what does not go along
     */
    record MostRequest(
            FormulaSpec formula,
            @Nullable String goal,
            @Nullable String of,
            @Within(Limit.FREE_AMOUNTS) @Nullable List<FreeSpec> free,
            @Within(Limit.FIGURE_LIMITS) @Nullable List<LimitSpec> limits,
            @Nullable List<String> without) {}

    /**
     * What a blend of flours is wanted for.
     *
     * @param formula the formula whose flours it takes the place of
     * @param flours the flours that may be used
     * @param wanted what is wanted of it
     * @param goal code of the figure of which the best is wanted then; absent for the least cost, where all have a price
     * @param atMostFlours how many flours it may have; absent for any number
     * @param without codes of what does not go along
     * @param weighable whether masses are wanted as a kitchen scale shows them
     */
    record BlendRequest(
            FormulaSpec formula,
            @Within(Limit.BLEND_FLOURS) @Nullable List<BlendFlourSpec> flours,
            @Within(Limit.FIGURE_LIMITS) @Nullable List<WantedSpec> wanted,
            @Nullable String goal,
            @Nullable Integer atMostFlours,
            @Nullable List<String> without,
            @Nullable Boolean weighable) {}

    /**
     * What had to change.
     *
     * @param formula the formula
     * @param out indexes of lines whose ingredient is out
     * @param allergen an allergen that must go
     * @param lots flour lines that are another lot from now on
     * @param near codes of the figures that are to stay; absent for sheet strength, cost and protein of a piece
     * @param without codes of what does not go along
     * @param weighable whether masses are wanted as a kitchen scale shows them
     */
    record MatchRequest(
            FormulaSpec formula,
            @Within(Limit.LINES) @Nullable List<Integer> out,
            @Nullable String allergen,
            @Within(Limit.LINES) @Nullable List<OtherLotSpec> lots,
            @Nullable List<String> near,
            @Nullable List<String> without,
            @Nullable Boolean weighable) {}

    /** The formula with substitutions made, and its balance beside that of the formula as it was. */
    @PostMapping("/substitute")
    SubstituteAnswer substitute(@RequestBody SubstituteRequest request) {
        return rework.substitute(request);
    }

    /** As much of something as a dough can take within limits, or as little. */
    @PostMapping("/most")
    MostAnswer most(@RequestBody MostRequest request) {
        return rework.most(request);
    }

    /**
     * The same, with a line of JSON now and then that says how far it is and the answer on the last one; who goes away stops
     * it.
     */
    @PostMapping("/most/progress")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_NDJSON_VALUE,
                            schema = @Schema(implementation = MostProgress.class)))
    void mostWithProgress(@RequestBody MostRequest request, HttpServletResponse response) throws IOException {
        MostSearch search = rework.search(request);
        response.setContentType(MediaType.APPLICATION_NDJSON_VALUE);
        search.writeTo(response.getOutputStream());
    }

    /** Flours mixed so that the blend has what is wanted of it. */
    @PostMapping("/blend")
    BlendAnswer blend(@RequestBody BlendRequest request) {
        return rework.blend(request);
    }

    /** The flours at hand for a blend: the kitchen's lots first, then the formula's flours of which there is no lot. */
    @PostMapping("/blend/flours")
    List<BlendFlourSpec> floursAtHand(@RequestBody FormulaSpec formula) {
        return rework.floursAtHand(formula);
    }

    /** Ways back to how a formula was after something had to change. */
    @PostMapping("/match")
    MatchAnswer match(@RequestBody MatchRequest request) {
        return rework.match(request);
    }

    /** A change raised rung by rung, with the shares at which limits are crossed; two changes as a field. */
    @PostMapping("/ladder")
    LadderAnswer ladder(@RequestBody LadderRequest request) {
        return rework.ladder(request);
    }
}
