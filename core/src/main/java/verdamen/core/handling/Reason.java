package verdamen.core.handling;

import java.util.List;
import verdamen.core.model.ExplanationStep;

/**
 * Why a handling figure is what it is.
 *
 * @param figure the figure
 * @param steps how it comes about, the last step giving it
 * @param influences the lines that moved it, the strongest first
 */
public record Reason(HandlingFigure figure, List<ExplanationStep> steps, List<Influence> influences) {}
