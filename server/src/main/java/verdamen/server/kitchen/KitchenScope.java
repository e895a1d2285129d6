package verdamen.server.kitchen;

import java.sql.Connection;
import org.apache.ibatis.cache.CacheKey;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.executor.statement.StatementHandler;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.stereotype.Component;

/**
 * Gives every statement the kitchen of the request as its parameter {@code kitchen}. This is the one place where it comes
 * from; a test finds a statement on a kitchen's table that does not ask for it.
 */
@Component
@Intercepts({
    @Signature(
            type = Executor.class,
            method = "query",
            args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}),
    @Signature(
            type = StatementHandler.class,
            method = "prepare",
            args = {Connection.class, Integer.class})
})
class KitchenScope implements Interceptor {

    private static final String PARAMETER = "kitchen";

    private final KitchenOfRequest kitchen;

    KitchenScope(KitchenOfRequest kitchen) {
        this.kitchen = kitchen;
    }

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        if (invocation.getTarget() instanceof StatementHandler handler) {
            handler.getBoundSql().setAdditionalParameter(PARAMETER, kitchen.id());
            return invocation.proceed();
        }
        Executor executor = (Executor) invocation.getTarget();
        MappedStatement statement = (MappedStatement) invocation.getArgs()[0];
        Object parameter = invocation.getArgs()[1];
        RowBounds bounds = (RowBounds) invocation.getArgs()[2];
        BoundSql sql = statement.getBoundSql(parameter);
        sql.setAdditionalParameter(PARAMETER, kitchen.id());
        CacheKey key = executor.createCacheKey(statement, parameter, bounds, sql);
        return executor.query(
                statement, parameter, bounds, (ResultHandler<?>) invocation.getArgs()[3], key, sql);
    }
}
