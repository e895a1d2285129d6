package verdamen.server.notebook;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;

/** Filters of the notebook that the kitchen keeps. */
@Service
public class SavedFilters {

    private final NotebookMapper mapper;

    SavedFilters(NotebookMapper mapper) {
        this.mapper = mapper;
    }

    /** The filters by name. */
    @Transactional(readOnly = true)
    public List<SavedFilter> all() {
        return mapper.filters();
    }

    /**
     * Keeps a filter; one of the same name gives way.
     *
     * @throws verdamen.core.model.RefusedException without a name, or when there are too many
     */
    @Transactional
    public List<SavedFilter> keep(SavedFilter filter) {
        Faults faults = new Faults();
        String name = faults.text("name", filter.name(), Limit.WORD);
        String address = faults.text("address", filter.address(), Limit.NOTE);
        List<SavedFilter> here = mapper.filters();
        boolean isNew = here.stream().noneMatch(each -> name.equals(each.name()));
        faults.require(!isNew || here.size() < Limit.FILTERS.most(), "filters", FaultCode.TOO_MANY, here.size() + 1);
        faults.refuse();
        mapper.keepFilter(name, address);
        return mapper.filters();
    }

    /** Forgets a filter; one that is not here is no fault. */
    @Transactional
    public List<SavedFilter> forget(String name) {
        mapper.forgetFilter(name);
        return mapper.filters();
    }
}
