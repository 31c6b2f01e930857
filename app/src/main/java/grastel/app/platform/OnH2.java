package grastel.app.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.context.annotation.Profile;

/** Only where the database is H2 in the data folder; a PostgreSQL server is asked for by the profile of that name. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Profile("!postgres")
public @interface OnH2 {}
