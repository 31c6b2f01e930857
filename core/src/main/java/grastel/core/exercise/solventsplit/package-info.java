/** The same pencil work left plain and dissolved, from thin to rich: solvent works only over enough pigment. */
package grastel.core.exercise.solventsplit;
