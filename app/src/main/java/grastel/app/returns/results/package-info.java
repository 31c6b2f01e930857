/** What was read and decided, as other places are told it. */
@NamedInterface("results")
package grastel.app.returns.results;

import org.springframework.modulith.NamedInterface;
