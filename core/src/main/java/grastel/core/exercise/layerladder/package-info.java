/** One, two, three … light passes side by side, beside a single hard one: how the tooth fills. */
package grastel.core.exercise.layerladder;
