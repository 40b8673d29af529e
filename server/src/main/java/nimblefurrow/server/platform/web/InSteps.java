package nimblefurrow.server.platform.web;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks a change that is no single transaction, because something long lies between asking whether
 * it may be done and doing it, as drawing a photo anew: each step has a transaction of its own, and
 * what it asked before is asked again when it keeps something.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface InSteps {}
