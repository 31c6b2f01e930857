package grastel.app.platform.colleagues;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** An endpoint that a colleague may ask in a class that is shared. Without it none may. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface ForColleagues {
    /** What the id in its address names: that must belong to the class. */
    About value();

    /** The variable of its address that holds the id. */
    String by() default "id";

    Right right() default Right.LOOK;
}
