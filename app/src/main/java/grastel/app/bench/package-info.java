/**
 * The bench: try layers, keep stacks, print a card for demonstrating. Start at {@link grastel.app.bench.Bench}; exercises will
 * take kept stacks from there.
 */
@ApplicationModule(allowedDependencies = {"platform", "kit", "classes"})
package grastel.app.bench;

import org.springframework.modulith.ApplicationModule;
