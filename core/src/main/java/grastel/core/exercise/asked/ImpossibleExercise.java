package grastel.core.exercise.asked;

/** No plan can be made: the message says why and what to do instead. */
public final class ImpossibleExercise extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final String parameter;

    /** @param parameter the choice to change */
    public ImpossibleExercise(String parameter, String words) {
        super(words);
        this.parameter = parameter;
    }

    public String parameter() {
        return parameter;
    }
}
