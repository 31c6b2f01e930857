package grastel.app.platform.nodes;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.context.annotation.Profile;

/** Only where the database is H2 in the data folder, which one node has for itself. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Profile("!postgres")
public @interface OnH2 {}
