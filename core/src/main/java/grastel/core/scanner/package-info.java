/**
 * The simulated scanner: fills printed pages with hands of varied skill and photographs them, so that the whole loop runs
 * without paper. Start at {@link grastel.core.scanner.SimulatedScanner}; rooms below it: hand → sheet → picture. It knows the
 * page and the layers but not the reader, and tells the truth of what it painted so that the reader can be checked against it.
 */
package grastel.core.scanner;
