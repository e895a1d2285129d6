package verdamen.server.formula;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.model.RefusedException;
import verdamen.core.pantry.Pantry;
import verdamen.server.formula.FormulaMapper.NewestRow;
import verdamen.server.json.JsonText;
import verdamen.server.pantry.IngredientUsers;

/** Formulas as users of ingredients. */
@Component
class FormulaUsers implements IngredientUsers {

    private static final String INGREDIENT = "ingredient";
    private static final String LOT = "lot";

    private final FormulaMapper mapper;
    private final StoredFormula stored;
    private final JsonText json;

    FormulaUsers(FormulaMapper mapper, StoredFormula stored, JsonText json) {
        this.mapper = mapper;
        this.stored = stored;
        this.json = json;
    }

    @Override
    public String field() {
        return "formula";
    }

    @Override
    public List<String> names(String code, int most) {
        return mapper.namesThatUse(INGREDIENT, code, most);
    }

    @Override
    public List<String> namesWithLot(long lot, int most) {
        return mapper.namesThatUse(LOT, String.valueOf(lot), most);
    }

    @Override
    public List<String> broken(String code, Pantry now, Pantry then, int most) {
        List<String> names = new ArrayList<>();
        List<Long> users = mapper.newestThatUse(INGREDIENT, code);
        for (NewestRow row : users.isEmpty() ? List.<NewestRow>of() : mapper.newestDocuments(json.ids(users))) {
            FormulaSpec spec = stored.read(row.documentVersion(), row.document());
            if (names.size() < most && reads(spec, now) && !reads(spec, then)) {
                names.add(row.name());
            }
        }
        return names;
    }

    private static boolean reads(FormulaSpec spec, Pantry pantry) {
        try {
            FormulaReader.read(spec, pantry);
            return true;
        } catch (RefusedException refused) {
            return false;
        }
    }
}
