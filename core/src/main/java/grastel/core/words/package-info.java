/**
 * The words that a person reads on paper and on screens, by key: {@link grastel.core.words.Words}. The code has keys only; the
 * words lie in {@code grastel/words}, a file for each theme and language.
 */
package grastel.core.words;
