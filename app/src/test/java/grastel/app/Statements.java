package grastel.app;

import org.hibernate.resource.jdbc.spi.StatementInspector;

/** Counts what this thread asks the database: named as Hibernate's inspector of statements. */
public final class Statements implements StatementInspector {
    private static final long serialVersionUID = 1;
    private static final ThreadLocal<Integer> COUNT = ThreadLocal.withInitial(() -> 0);

    @Override
    public String inspect(String sql) {
        COUNT.set(COUNT.get() + 1);
        return sql;
    }

    /** Statements that a task prepares; a batch is one. */
    public static int in(Runnable task) {
        int before = COUNT.get();
        task.run();
        return COUNT.get() - before;
    }
}
