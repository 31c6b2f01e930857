package grastel.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;

/** What there is with a PostgreSQL server only: {@code ./grastel test --postgres} starts one. */
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
@EnabledIfEnvironmentVariable(named = TestDatabase.POSTGRES, matches = ".+")
public @interface OnlyOnPostgres {}
